@@ 1-
import type { Ship } from './types.js'

/** Reads one line of the register: name; length; draught. */
export function parseShip(line: string): Ship {
  const fields = line.split(';').map((field) => field.trim())
  if (fields.length < 3) {
    throw new Error(`a ship needs three fields: ${line}`)
  }
  const [name, length, draught] = fields
@@ 1-11
  return { name, length: metres(length), draught: metres(draught) }
}
@@ 12-
  const cargo = cargoOf(fields[3] ?? 'mixed')
  return { name, length: metres(length), draught: metres(draught), cargo }
}

function cargoOf(text: string): Ship['cargo'] {
  if (text === 'fruit' || text === 'timber' || text === 'fuel') {
    return text
  }
  return 'mixed'
}
@@ 1-

function metres(text: string): number {
  const value = Number(text.replace(',', '.'))
  if (Number.isNaN(value) || value <= 0) {
    throw new Error(`not a length in metres: ${text}`)
  }
  return value
}
@@ 8-

/** The register as a whole; lines that begin with # are remarks. */
export function parseRegister(text: string): Ship[] {
  const ships: Ship[] = []
  for (const line of text.split('\n')) {
    if (line.startsWith('#') || line.trim() === '') {
      continue
    }
    ships.push(parseShip(line))
  }
  return ships
}
@@ 21-

/** Gross class by length, as the port's dues use it. */
export function duesClass(ship: Ship): string {
  if (ship.length < 25) {
    return 'boat'
  }
  if (ship.length < 90) {
    return 'coaster'
  }
  if (ship.length < 200) {
    return 'carrier'
  }
  return 'large carrier'
}
