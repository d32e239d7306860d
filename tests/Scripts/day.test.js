import assert from 'node:assert/strict';
import { test } from 'node:test';
import { moved } from '../../assets/page/day.js';

test('a time is moved in steps of five minutes, around midnight too', () => {
  assert.equal(moved('09:00', 32.4), '09:30');
  assert.equal(moved('09:02', 0), '09:00');
  assert.equal(moved('00:10', -20), '23:50');
  assert.equal(moved('23:50', 20), '00:10');
});
