@@ 17-
import type { Call, Pilot } from './types.js'

/** Whether a pilot may bring a ship in at that hour. */
export function mayPilot(pilot: Pilot, call: Call): boolean {
  const [from, to] = pilot.onDuty
  if (call.ship.length > pilot.maxLength) {
    return false
  }
  if (from <= to) {
    return call.arrives >= from && call.arrives < to
  }
  return call.arrives >= from || call.arrives < to
}

/** The pilots for the calls of a day, each call the one with the least to do. */
export function roster(pilots: Pilot[], calls: Call[]): Map<Call, Pilot> {
  const load = new Map<Pilot, number>()
  const given = new Map<Call, Pilot>()
  for (const call of calls) {
    const able = pilots.filter((pilot) => mayPilot(pilot, call))
    able.sort((a, b) => (load.get(a) ?? 0) - (load.get(b) ?? 0))
    const chosen = able[0]
    if (chosen) {
      given.set(call, chosen)
      load.set(chosen, (load.get(chosen) ?? 0) + 1)
    }
  }
  return given
}
@@ roster

/** Reads the week's roster as the pilots' office sends it: name; from; to; longest ship. */
export function importRoster(text: string): Pilot[] {
  const pilots: Pilot[] = []
  for (const line of text.split('\n')) {
    const [name, from, to, longest] = line.split(';')
    if (name === undefined || longest === undefined) {
      continue
    }
    pilots.push({ name: name.trim(), onDuty: [Number(from), Number(to)], maxLength: Number(longest) })
  }
  return pilots
}
