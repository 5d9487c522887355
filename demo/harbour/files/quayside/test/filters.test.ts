@@ 20-
import test from 'node:test'
import assert from 'node:assert'
import { filterCalls } from '../src/filters.ts'

const ship = { name: 'Alondra', length: 84, draught: 5 }
const calls = [{ ship, arrives: 600, leaves: 900, berth: 'N1' }]

test('finds by name, berth and class', () => {
  assert.equal(filterCalls(calls, 'alon').length, 1)
  assert.equal(filterCalls(calls, 'berth n1').length, 1)
  assert.equal(filterCalls(calls, 'class coaster').length, 1)
  assert.equal(filterCalls(calls, '').length, 1)
})
