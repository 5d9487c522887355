@@ 1-
import test from 'node:test'
import assert from 'node:assert'
import { parseShip } from '../src/ships.ts'

test('reads a ship', () => {
  assert.equal(parseShip('Alondra; 84; 5,2').length, 84)
})
@@ 3-

test('refuses what is no ship', () => {
  assert.throws(() => parseShip('Alondra'))
})
@@ 8-

test('reads a register', async () => {
  const { parseRegister } = await import('../src/ships.ts')
  assert.equal(parseRegister('# remark\nAlondra; 84; 5,2').length, 1)
})
@@ 23-

test('tells the classes apart', async () => {
  const { duesClass } = await import('../src/ships.ts')
  const ship = parseShip('Bruma; 19; 1,9; fruit')
  assert.equal(duesClass(ship), 'boat')
  assert.equal(duesClass({ ...ship, length: 70 }), 'coaster')
  assert.equal(duesClass({ ...ship, length: 180 }), 'carrier')
  assert.equal(duesClass({ ...ship, length: 240 }), 'large carrier')
})
