import assert from 'node:assert/strict';
import { test } from 'node:test';
import { longer } from '../../assets/page/sizes.js';

test('a size is drawn out in steps that are measured', () => {
  assert.equal(longer(139.7, 12.7, 'in'), '6 in');
  assert.equal(longer(12.7, 3, 'in'), '5/8 in');
  assert.equal(longer(145, 4.4, 'cm'), '14.9 cm');
  assert.equal(longer(160, 1.6, 'mm'), '16.2 cm');
  assert.equal(longer(10, -100, 'cm'), '0.1 cm');
});
