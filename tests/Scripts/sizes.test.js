import assert from 'node:assert/strict';
import { test } from 'node:test';
import { listed, longer } from '../../assets/page/sizes.js';

test('sizes are read as they are typed', () => {
  assert.deepEqual(listed('14 cm; 15,5 cm;16'), ['14 cm', '15,5 cm', '16']);
  assert.deepEqual(listed('14, 15, 16'), ['14', '15', '16']);
  assert.deepEqual(listed('14,15,16'), ['14', '15', '16']);
  assert.deepEqual(listed('14,5'), ['14,5']);
});

test('a size is drawn out in its own unit', () => {
  assert.equal(longer('5 1/2 in', 12.7, 'cm'), '6 in');
  assert.equal(longer('1/2 in', 3, 'cm'), '5/8 in');
  assert.equal(longer('6"', -26, 'cm'), '5 in');
  assert.equal(longer('14,5 cm', 4.4, 'in'), '14.9 cm');
  assert.equal(longer('160 mm', 1.6, 'in'), '162 mm');
  assert.equal(longer('16', 10, 'cm'), '17 cm');
  assert.equal(longer('1 cm', -100, 'cm'), '0.1 cm');
});
