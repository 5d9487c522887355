@@ 10-
import test from 'node:test'
import assert from 'node:assert'
import { clock, parseClock } from '../src/clock.ts'

test('reads what people type', () => {
  assert.equal(parseClock('7:05'), 425)
  assert.equal(clock(-5), '23:55')
})
@@ 11-

test('refuses what is no time', () => {
  assert.throws(() => parseClock('noon'))
  assert.throws(() => parseClock('25:00'))
})
@@ 28-

test('says how long it lasts', async () => {
  const { lasting } = await import('../src/clock.ts')
  assert.equal(lasting(45), '45 min')
  assert.equal(lasting(120), '2 h')
  assert.equal(lasting(135), '2 h 15 min')
})
