@@ 6-
import test from 'node:test'
import assert from 'node:assert'
import { board } from '../src/board.ts'

const ship = { name: 'Alondra', length: 84, draught: 5 }

test('shows the calls of the day', () => {
  assert.match(board([{ ship, arrives: 600, leaves: 900 }], 500), /Alondra/)
})
@@ 9-

test('says that the port is empty', () => {
  assert.equal(board([], 500), 'The port is empty.')
  assert.equal(board([{ ship, arrives: 100, leaves: 200 }], 500), 'The port is empty.')
})
@@ 13-

test('names the next ship', async () => {
  const { nextArrival } = await import('../src/board.ts')
  assert.match(nextArrival([{ ship, arrives: 600, leaves: 900 }], 580), /20 minutes/)
  assert.match(nextArrival([{ ship, arrives: 900, leaves: 990 }], 580), /15:00/)
  assert.match(nextArrival([], 580), /Nothing/)
})
@@ pilots

test('says who brings a ship in', async () => {
  const { pilotRow } = await import('../src/board.ts')
  assert.match(pilotRow({ ship, arrives: 600, leaves: 900 }, 'Amaia'), /with Amaia/)
  assert.match(pilotRow({ ship, arrives: 600, leaves: 900 }, undefined), /no pilot yet/)
  assert.match(pilotRow({ ship, arrives: 600, leaves: 900, berth: 'N1' }, 'Amaia'), /N1/)
  assert.match(pilotRow({ ship, arrives: 1500, leaves: 1600 }, 'Unai'), /01:00/)
})
