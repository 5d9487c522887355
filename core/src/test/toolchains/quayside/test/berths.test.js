'use strict';
const { test } = require('node:test');
const assert = require('node:assert');
const { berthFor, fee } = require('../src/berths.js');

test('a ship fits', () => {
  assert.strictEqual(berthFor({ length: 90, draught: 4 }, [{ name: 'a', length: 100, depth: 5 }]), 'a');
  assert.strictEqual(berthFor({ length: 90, draught: 9, tugs: true }, []), 'roads');
  assert.strictEqual(fee({ length: 90 }), 400);
});
