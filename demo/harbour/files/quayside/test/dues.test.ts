@@ 27-
import test from 'node:test'
import assert from 'node:assert'
import { bill, dues } from '../src/dues.ts'

const ship = { name: 'Alondra', length: 84, draught: 5, cargo: 'fruit' }

test('counts begun days', () => {
  assert.equal(dues(ship, 100), 20160)
  assert.equal(dues({ ...ship, cargo: 'fuel' }, 100), 45160)
  assert.equal(bill(ship, 100).length, 2)
})
