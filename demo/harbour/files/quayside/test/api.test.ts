@@ 9-
import test from 'node:test'
import assert from 'node:assert'
import { readCall } from '../src/api.ts'

test('reads a call', () => {
  assert.equal(readCall({ ship: 'Alondra; 84; 5', eta: '10:00', etd: '15:00' }).arrives, 600)
})
@@ 22-

test('counts what it can not read', async () => {
  const { readCalls } = await import('../src/api.ts')
  assert.equal(readCalls([{ ship: 'Alondra; 84; 5', eta: '22:00', etd: '04:00' }]).calls[0].leaves, 1680)
  assert.throws(() => readCalls(undefined))
  assert.equal(readCalls([{}]).unread, 1)
})
@@ 36-

test('asks again, three times at most', async () => {
  const { fetchCalls } = await import('../src/api.ts')
  await assert.rejects(fetchCalls(async () => new Response('', { status: 503 })))
  assert.deepEqual(await fetchCalls(async () => new Response('', { status: 404 })), [])
  assert.deepEqual(await fetchCalls(async () => Response.json([])), [])
})
