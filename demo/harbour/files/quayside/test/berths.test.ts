@@ 1-
import test from 'node:test'
import assert from 'node:assert'
import { bestBerth } from '../src/berths.ts'

const berths = [
  { id: 'N1', length: 90, depth: 6, hazard: false },
  { id: 'N2', length: 140, depth: 8, hazard: true },
]

test('takes the shortest berth that fits', () => {
  assert.equal(bestBerth(berths, { name: 'Alondra', length: 84, draught: 5 }, 0)?.id, 'N1')
})
@@ 2-

test('waits for the tide', async () => {
  const { fits } = await import('../src/berths.ts')
  assert.equal(fits(berths[0], { name: 'Alondra', length: 84, draught: 6 }, 0), false)
  assert.equal(fits(berths[0], { name: 'Alondra', length: 84, draught: 6 }, 1), true)
  assert.equal(fits(berths[0], { name: 'Gaviota', length: 110, draught: 4 }, 1), false)
})
@@ 12-

test('keeps fuel apart', () => {
  assert.equal(bestBerth(berths, { name: 'Tea', length: 60, draught: 4, cargo: 'fuel' }, 0)?.id, 'N2')
  assert.equal(bestBerth([berths[0]], { name: 'Tea', length: 60, draught: 4, cargo: 'fuel' }, 0), undefined)
  assert.equal(bestBerth(berths, { name: 'Tea', length: 60, draught: 4, cargo: 'fruit' }, 0)?.id, 'N1')
})
@@ 16-

test('knows the free berths', async () => {
  const { freeBerths } = await import('../src/berths.ts')
  assert.equal(freeBerths(berths, new Map([['N1', 600]]), 500).length, 1)
  assert.equal(freeBerths(berths, new Map([['N1', 600]]), 700).length, 2)
  assert.equal(freeBerths(berths, new Map(), 700).length, 2)
})
@@ hazard

test('other cargo goes where it fits', async () => {
  const { hazardBerth } = await import('../src/berths.ts')
  assert.ok(hazardBerth(berths, { name: 'Alondra', length: 84, draught: 5, cargo: 'fruit' }, new Map(), 0))
})
