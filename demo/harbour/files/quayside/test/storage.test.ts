@@ 24-
import test from 'node:test'
import assert from 'node:assert'
import { Memory } from '../src/storage.ts'

test('remembers', () => {
  const memory = new Memory()
  memory.remember('filter', 'berth n1')
  assert.equal(memory.recall('filter', ''), 'berth n1')
})
@@ 33-

test('forgets the oldest', () => {
  const memory = new Memory()
  for (let i = 0; i < 60; i++) {
    memory.remember(`key ${i}`, String(i))
  }
  assert.equal(memory.recall('key 3', 'gone'), 'gone')
  assert.throws(() => memory.remember('long', 'x'.repeat(5000)))
})
