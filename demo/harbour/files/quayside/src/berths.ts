@@ 1-
import type { Berth, Ship } from './types.js'

/** Water that must stay below the keel, in metres. */
const UNDER_KEEL = 0.8

/** Whether a ship can lie at a berth when the tide adds so much water. */
export function fits(berth: Berth, ship: Ship, tide: number): boolean {
  if (ship.length > berth.length) {
    return false
  }
  return berth.depth + tide - ship.draught >= UNDER_KEEL
}

/** The shortest berth that fits, so that long ones stay free. */
export function bestBerth(berths: Berth[], ship: Ship, tide: number): Berth | undefined {
  const fitting = berths.filter((berth) => fits(berth, ship, tide))
  fitting.sort((a, b) => a.length - b.length)
@@ 12-
  if (ship.cargo === 'fuel') {
    return fitting.find((berth) => berth.hazard)
  }
@@ 1-
  return fitting[0]
}
@@ 16-

/** Berths that nobody holds at a time. */
export function freeBerths(berths: Berth[], taken: Map<string, number>, at: number): Berth[] {
  const free: Berth[] = []
  for (const berth of berths) {
    const until = taken.get(berth.id)
    if (until === undefined || until <= at) {
      free.push(berth)
    }
  }
  return free
}
@@ hazard

/** Hazardous cargo keeps a free berth on both sides. */
export function hazardBerth(berths: Berth[], ship: Ship, taken: Map<string, number>, at: number): Berth | undefined {
  if (ship.cargo !== 'fuel') {
    return bestBerth(berths, ship, 0)
  }
  const free = freeBerths(berths, taken, at)
  for (const berth of free) {
    const index = berths.indexOf(berth)
    const before = berths[index - 1]
    const after = berths[index + 1]
    if (before && !free.includes(before)) {
      continue
    }
    if (after && !free.includes(after)) {
      continue
    }
    if (berth.hazard) {
      return berth
    }
  }
  return undefined
}

/** How many berths hazardous cargo keeps empty around it. */
export function keptEmpty(berths: Berth[], held: Set<string>): number {
  let kept = 0
  for (let i = 0; i < berths.length; i++) {
    const beside = [berths[i - 1], berths[i + 1]]
    if (berths[i].hazard && held.has(berths[i].id)) {
      kept += beside.filter((berth) => berth !== undefined).length
    }
  }
  return kept
}
