@@ 11-
import test from 'node:test'
import assert from 'node:assert'
import { decodeCall, encodeCall } from '../src/generated/messages.ts'

test('comes back as it went', () => {
  assert.equal(decodeCall(encodeCall(7, '10:00', '15:00')).id, 7)
})
