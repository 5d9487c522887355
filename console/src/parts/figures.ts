import type { Schemas } from '../api/client'

type Count = Schemas['CountDocument']

/** Cut off after two places, never rounded, in whole numbers: nothing becomes 100 or 0 that is not. */
export function percent({ covered, total }: Count): string {
  if (total === 0) {
    return '–'
  }
  const cut = (BigInt(covered) * 10000n) / BigInt(total)
  if (cut === 0n && covered > 0) {
    return '<0.01 %'
  }
  return `${String(cut / 100n)}.${String(cut % 100n).padStart(2, '0')} %`
}

export function ratio({ covered, total }: Count): string {
  return `${covered.toLocaleString('en')} / ${total.toLocaleString('en')}`
}

/** How many percentage points one share lies above another: `+0.31`; empty where one of them is none. */
export function points(before: Count | undefined, after: Count | undefined): string {
  if (!before || !after || before.total === 0 || after.total === 0) {
    return ''
  }
  const difference = BigInt(after.covered) * BigInt(before.total) - BigInt(before.covered) * BigInt(after.total)
  const size = difference < 0n ? -difference : difference
  const cut = (size * 10000n) / (BigInt(before.total) * BigInt(after.total))
  const sign = difference > 0n ? '+' : difference < 0n ? '−' : ''
  return `${sign}${String(cut / 100n)}.${String(cut % 100n).padStart(2, '0')}`
}

/** `22 Nov 2026`, in the port's own calendar: the day of the instant in UTC. */
export function day(instant: string): string {
  return new Date(instant).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' })
}

/** The lines of `1-3,7`. */
export function linesOf(text: string): Set<number> {
  const lines = new Set<number>()
  for (const range of text.split(',').filter((part) => part !== '')) {
    const [first = 0, last = first] = range.split('-').map(Number)
    for (let line = first; line <= last; line++) {
      lines.add(line)
    }
  }
  return lines
}

/** `2 minutes ago`. */
export function ago(instant: string): string {
  const seconds = Math.max(0, Math.round((Date.now() - new Date(instant).getTime()) / 1000))
  const steps: [number, string][] = [
    [86400, 'day'],
    [3600, 'hour'],
    [60, 'minute'],
  ]
  for (const [length, word] of steps) {
    const count = Math.floor(seconds / length)
    if (count > 0) {
      return `${String(count)} ${word}${count === 1 ? '' : 's'} ago`
    }
  }
  return 'just now'
}
