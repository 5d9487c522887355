@@ 19-
import type { Call } from './types.js'
import { duesClass } from './ships.js'

/** What the harbour master typed into the field above the board. */
export function filterCalls(calls: Call[], text: string): Call[] {
  const wanted = text.trim().toLowerCase()
  if (wanted === '') {
    return calls
  }
  if (wanted.startsWith('berth ')) {
    const berth = wanted.slice(6)
    return calls.filter((call) => call.berth?.toLowerCase() === berth)
  }
  if (wanted.startsWith('class ')) {
    const name = wanted.slice(6)
    return calls.filter((call) => duesClass(call.ship) === name)
  }
  return calls.filter((call) => call.ship.name.toLowerCase().includes(wanted))
}
