@@ 9-
import type { Call } from './types.js'
import { parseClock } from './clock.js'
import { parseShip } from './ships.js'

/** A call as the port's message service sends it. */
export function readCall(message: Record<string, string>): Call {
  const ship = parseShip(message.ship ?? '')
  const arrives = parseClock(message.eta ?? '')
  const leaves = parseClock(message.etd ?? '')
  if (leaves <= arrives) {
    return { ship, arrives, leaves: leaves + 1440 }
  }
  return { ship, arrives, leaves }
}
@@ 22-

/** All calls that can be read; what can't is counted, and the page says so. */
export function readCalls(messages: Record<string, string>[]): { calls: Call[]; unread: number } {
  const calls: Call[] = []
  let unread = 0
  for (const message of messages) {
    try {
      calls.push(readCall(message))
    } catch (problem) {
      unread += 1
    }
  }
  return { calls, unread }
}
@@ 32-

/** Asks the message service, three times at most. */
export async function fetchCalls(get: (path: string) => Promise<Response>): Promise<Call[]> {
  for (let attempt = 1; attempt <= 3; attempt++) {
    const answer = await get('/calls/today')
    if (answer.ok) {
      return readCalls(await answer.json()).calls
    }
    if (answer.status === 404) {
      return []
    }
  }
  throw new Error('the message service does not answer')
}
