@@ 4-
import type { Call } from './types.js'

/** The calls of a day in the order in which they come. */
export function byArrival(calls: Call[]): Call[] {
  return [...calls].sort((a, b) => a.arrives - b.arrives)
}

/** Whether two calls are in the port at the same time. */
export function overlap(a: Call, b: Call): boolean {
  return a.arrives < b.leaves && b.arrives < a.leaves
}
@@ 7-

/** Calls that want the same berth at the same time, as pairs. */
export function conflicts(calls: Call[]): [Call, Call][] {
  const found: [Call, Call][] = []
  const sorted = byArrival(calls)
  for (let i = 0; i < sorted.length; i++) {
    for (let j = i + 1; j < sorted.length; j++) {
      if (sorted[i].berth === sorted[j].berth && overlap(sorted[i], sorted[j])) {
        found.push([sorted[i], sorted[j]])
      }
    }
  }
  return found
}
@@ 25-

/** Moves a call later until its berth is free; gives up after a day. */
export function delayUntilFree(call: Call, others: Call[]): Call {
  const stay = call.leaves - call.arrives
  let arrives = call.arrives
  for (const other of byArrival(others)) {
    if (other.berth === call.berth && arrives < other.leaves && other.arrives < arrives + stay) {
      arrives = other.leaves
    }
  }
  if (arrives - call.arrives > 1440) {
    throw new Error(`${call.ship.name} would wait for more than a day`)
  }
  return { ...call, arrives, leaves: arrives + stay }
}
