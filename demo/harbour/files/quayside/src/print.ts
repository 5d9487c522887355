@@ moorings
import type { Call } from './types.js'
import { clock } from './clock.js'

/** The mooring plan for the boatmen, one line a call, to be printed. */
export function mooringPlan(calls: Call[]): string {
  const lines = ['Mooring plan', '']
  for (const call of calls) {
    const berth = call.berth ?? 'roads'
    lines.push(`${clock(call.arrives)}  ${berth.padEnd(6)}  ${call.ship.name}`)
  }
  if (lines.length === 2) {
    lines.push('nothing to moor')
  }
  return lines.join('\n')
}
