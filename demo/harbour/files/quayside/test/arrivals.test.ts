@@ 4-
import test from 'node:test'
import assert from 'node:assert'
import { byArrival, overlap } from '../src/arrivals.ts'
import { clock } from '../src/clock.ts'

const ship = { name: 'Alondra', length: 84, draught: 5 }
const calls = [
  { ship, arrives: 600, leaves: 900, berth: 'N1' },
  { ship, arrives: 420, leaves: 640, berth: 'N1' },
]

test('sorts by the hour', () => {
  assert.equal(byArrival(calls)[0].arrives, 420)
  assert.equal(clock(605), '10:05')
})

test('sees when two are in the port', () => {
  assert.ok(overlap(calls[0], calls[1]))
})
@@ 7-

test('finds conflicts', async () => {
  const { conflicts } = await import('../src/arrivals.ts')
  assert.equal(conflicts(calls).length, 1)
  assert.equal(conflicts([calls[0]]).length, 0)
})
@@ 25- !elsewhere

test('delays until the berth is free', async () => {
  const { delayUntilFree } = await import('../src/arrivals.ts')
  assert.equal(delayUntilFree(calls[0], [calls[1]]).arrives, 640)
  assert.equal(delayUntilFree(calls[0], []).arrives, 600)
  assert.throws(() => delayUntilFree(calls[0], [{ ...calls[1], leaves: 5000 }]))
})
