@@ 6-
import type { Call } from './types.js'
import { byArrival } from './arrivals.js'
import { clock } from './clock.js'
@@ 18-
import { duesClass } from './ships.js'
@@ 6-

/** One row of the board on the quay. */
export function boardRow(call: Call): string {
  const berth = call.berth ?? 'roads'
@@ 6-17
  return `${clock(call.arrives)}  ${call.ship.name}  ${berth}`
}
@@ 18-
  const mark = duesClass(call.ship) === 'boat' ? ' ' : '*'
  return `${clock(call.arrives)} ${mark} ${call.ship.name}  ${berth}`
}
@@ 6-

/** The board as text, in the order of arrival; nothing that has left already. */
export function board(calls: Call[], now: number): string {
  const rows: string[] = []
  for (const call of byArrival(calls)) {
    if (call.leaves <= now) {
      continue
    }
    rows.push(boardRow(call))
  }
  if (rows.length === 0) {
    return 'The port is empty.'
  }
  return rows.join('\n')
}
@@ 13-

/** The next ship to come, for the head of the page. */
export function nextArrival(calls: Call[], now: number): string {
  const next = byArrival(calls).find((call) => call.arrives > now)
  if (!next) {
    return 'Nothing more is announced.'
  }
  const wait = next.arrives - now
  if (wait < 60) {
    return `${next.ship.name} in ${wait} minutes`
  }
  return `${next.ship.name} at ${clock(next.arrives)}`
}
@@ pilots

/** The row of a call with the pilot who brings it in. */
export function pilotRow(call: Call, pilot: string | undefined): string {
  if (!pilot) {
    return `${boardRow(call)}  no pilot yet`
  }
  return `${boardRow(call)}  with ${pilot}`
}
