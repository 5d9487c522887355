@@ 4-
/** Minutes since midnight as hours and minutes. */
export function clock(minutes: number): string {
  const day = ((minutes % 1440) + 1440) % 1440
  const hours = String(Math.floor(day / 60)).padStart(2, '0')
  return `${hours}:${String(day % 60).padStart(2, '0')}`
}
@@ 10-

/** Reads 7:05, 07:05 or 0705. */
export function parseClock(text: string): number {
  const match = /^(\d{1,2}):?(\d{2})$/.exec(text.trim())
  if (!match) {
    throw new Error(`not a time of day: ${text}`)
  }
  const hours = Number(match[1])
  const minutes = Number(match[2])
  if (hours > 23 || minutes > 59) {
    throw new Error(`no such time: ${text}`)
  }
  return hours * 60 + minutes
}
@@ 28-

/** How long something lasts, for people. */
export function lasting(minutes: number): string {
  if (minutes < 60) {
    return `${minutes} min`
  }
  const hours = Math.floor(minutes / 60)
  const rest = minutes % 60
  if (rest === 0) {
    return `${hours} h`
  }
  return `${hours} h ${rest} min`
}
