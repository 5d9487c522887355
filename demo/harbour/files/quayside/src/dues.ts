@@ 27-
import type { Ship } from './types.js'
import { duesClass } from './ships.js'

const PER_METRE: Record<string, number> = { boat: 1.2, coaster: 2.4, carrier: 3.1, 'large carrier': 4.0 }

/** Dues for a stay, in cents: by length, class and begun days. */
export function dues(ship: Ship, minutes: number): number {
  const days = Math.max(1, Math.ceil(minutes / 1440))
  const rate = PER_METRE[duesClass(ship)] ?? 4.0
  let cents = Math.round(ship.length * rate * 100) * days
  if (ship.cargo === 'fuel') {
    cents += 25000
  }
  if (days > 7) {
    cents = Math.round(cents * 0.9)
  }
  return cents
}

/** The bill as a table of lines. */
export function bill(ship: Ship, minutes: number): string[] {
  const lines = [`${ship.name}, ${duesClass(ship)}`]
  const total = dues(ship, minutes)
  lines.push(`total ${(total / 100).toFixed(2)}`)
  if (ship.cargo === 'fuel') {
    lines.push('with the surcharge for fuel')
  }
  return lines
}
