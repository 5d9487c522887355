@@ 15-
/** A notice to mariners with the day until which it holds. */
export interface Notice {
  text: string
  until: string
  urgent: boolean
}

/** Notices that still hold, urgent ones first. */
export function current(notices: Notice[], today: string): Notice[] {
  const holding = notices.filter((notice) => notice.until >= today)
  holding.sort((a, b) => Number(b.urgent) - Number(a.urgent))
  return holding
}
@@ 23-

/** One line for the foot of the page. */
export function ticker(notices: Notice[], today: string): string {
  const lines: string[] = []
  for (const notice of current(notices, today)) {
    if (notice.urgent) {
      lines.push(`!! ${notice.text}`)
    } else {
      lines.push(notice.text)
    }
  }
  if (lines.length === 0) {
    return 'No notices.'
  }
  return lines.join(' · ')
}
