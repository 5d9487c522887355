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
