@@ 13-
/** The tide as a bar of blocks, for the head of the page. */
export function tideBar(level: number, low: number, high: number): string {
  if (high <= low) {
    throw new Error('high water must lie above low water')
  }
  const share = Math.min(1, Math.max(0, (level - low) / (high - low)))
  const full = Math.round(share * 10)
  return '█'.repeat(full) + '░'.repeat(10 - full)
}
@@ 30-

/** Whether the water rises, falls or stands. */
export function tideWord(before: number, after: number): string {
  const change = after - before
  if (Math.abs(change) < 0.02) {
    return 'slack water'
  }
  if (change > 0) {
    return 'rising'
  }
  return 'falling'
}
