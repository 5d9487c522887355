@@ 17-
import test from 'node:test'
import assert from 'node:assert'
import { mayPilot, roster } from '../src/pilots.ts'

const amaia = { name: 'Amaia', onDuty: [360, 1080], maxLength: 200 }
const unai = { name: 'Unai', onDuty: [1080, 360], maxLength: 120 }
const ship = { name: 'Alondra', length: 84, draught: 5 }

test('keeps to the hours of duty', () => {
  assert.equal(mayPilot(amaia, { ship, arrives: 600, leaves: 900 }), true)
  assert.equal(mayPilot(unai, { ship, arrives: 600, leaves: 900 }), false)
  assert.equal(mayPilot(unai, { ship: { ...ship, length: 150 }, arrives: 1200, leaves: 1300 }), false)
})

test('shares the work', () => {
  assert.equal(roster([amaia, unai], [{ ship, arrives: 600, leaves: 900 }]).size, 1)
  assert.equal(roster([], [{ ship, arrives: 600, leaves: 900 }]).size, 0)
})
