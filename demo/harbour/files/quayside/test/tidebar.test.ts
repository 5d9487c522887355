@@ 13-
import test from 'node:test'
import assert from 'node:assert'
import { tideBar } from '../src/tidebar.ts'

test('draws the level', () => {
  assert.equal(tideBar(2, 0, 4), '█████░░░░░')
  assert.throws(() => tideBar(2, 4, 0))
})
@@ 30-

test('names the stream', async () => {
  const { tideWord } = await import('../src/tidebar.ts')
  assert.equal(tideWord(1, 1.01), 'slack water')
  assert.equal(tideWord(1, 1.5), 'rising')
  assert.equal(tideWord(1.5, 1), 'falling')
})
