@@ 1-
import test from 'node:test'
import assert from 'node:assert'
import { parseHeard } from '../src/radio.ts'

test('reads a line of the log', () => {
  assert.equal(parseHeard('1204 12 Alondra: request a pilot').at, 724)
})
@@ 1-

test('knows distress', async () => {
  const { urgency } = await import('../src/radio.ts')
  assert.equal(urgency(parseHeard('1204 16 Bruma: mayday mayday')), 3)
  assert.equal(urgency(parseHeard('1205 16 Bruma: pan pan')), 2)
})
@@ 8-

test('spells', async () => {
  const { spelt } = await import('../src/radio.ts')
  assert.equal(spelt('alfa bravo'), 'AB')
  assert.equal(spelt('alfa zulu'), 'AZ')
  assert.throws(() => parseHeard('static'))
})
@@ 16-

test('says what is to be done', async () => {
  const { duty, urgency } = await import('../src/radio.ts')
  assert.equal(duty(parseHeard('1204 12 Alondra: request a pilot')), 'call the pilot')
  assert.equal(urgency(parseHeard('1204 16 Alondra: good morning')), 2)
  assert.equal(duty(parseHeard('1204 12 Alondra: good morning')), 'none')
})
@@ 21-

test('finds the channel', async () => {
  const { channelFor } = await import('../src/radio.ts')
  assert.equal(channelFor('distress'), 16)
  assert.equal(channelFor('pilots'), 9)
  assert.equal(channelFor('ships'), 6)
})
@@ 26-

test('keeps the watch', async () => {
  const { watch } = await import('../src/radio.ts')
  assert.equal(watch(['1204 12 Alondra: request a pilot'], 720, 780).length, 1)
  assert.equal(watch(['static'], 0, 1440).length, 1)
})
@@ 31-

test('refuses what there is no channel for', async () => {
  const { channelFor, duty } = await import('../src/radio.ts')
  assert.throws(() => channelFor('gossip'))
  assert.equal(channelFor('port'), 12)
  assert.equal(duty(parseHeard('1204 12 Tea: any berth for us')), 'look for a berth')
  assert.equal(duty(parseHeard('1204 12 Tea: is there water enough')), 'look into the tide table')
  assert.equal(duty(parseHeard('1204 12 Tea: mayday')), 'call the lifeboat')
})
@@ 36-

test('keeps the watch past midnight', async () => {
  const { watch, spelt } = await import('../src/radio.ts')
  assert.equal(watch(['0004 12 Alondra: request a pilot', 'static'], 0, 60).length, 2)
  assert.throws(() => watch(undefined, 0, 60))
  assert.equal(watch(['0004 12 Alondra: mayday'], 60, 90).length, 0)
  assert.equal(spelt('delta echo foxtrot'), 'DEF')
})
