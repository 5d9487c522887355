@@ 15-
import test from 'node:test'
import assert from 'node:assert'
import { current } from '../src/notices.ts'

const dredging = { text: 'Dredging off N2', until: '2026-11-20', urgent: false }

test('drops what is over', () => {
  assert.equal(current([dredging], '2026-11-01').length, 1)
  assert.equal(current([dredging], '2026-12-01').length, 0)
})
@@ 24-

test('urgent ones first', async () => {
  const { ticker } = await import('../src/notices.ts')
  assert.match(ticker([dredging, { ...dredging, text: 'Buoy 4 unlit', urgent: true }], '2026-11-01'), /^!! Buoy/)
  assert.equal(ticker([], '2026-11-01'), 'No notices.')
})
