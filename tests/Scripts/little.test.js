import assert from 'node:assert/strict';
import { test } from 'node:test';
import { clockOf } from '../../assets/board/clocks.js';
import { tenOf } from '../../assets/board/press.js';
import { eased } from '../../assets/lesson/ways.js';
import { nameOfKey } from '../../assets/piece/keys.js';
import { stepped } from '../../assets/piece/numbers.js';
import { turnedTo } from '../../assets/piece/worn.js';

test('up and down take a number a step of its unit further, written as it was', () => {
  assert.equal(stepped('16.5 cm', 1, false), '16.6 cm');
  assert.equal(stepped('16,5cm', -1, false), '16,4cm');
  assert.equal(stepped('1 mm', -1, false), '0.5 mm');
  assert.equal(stepped('6.5 in', 1, false), '6.625 in');
  assert.equal(stepped('3', 1, true), '4');
  assert.equal(stepped('0', -1, true), '0');
});

test('what is no such number stays as it is', () => {
  assert.equal(stepped('3', 1, false), null);
  assert.equal(stepped('6 1/2 in', 1, false), null);
  assert.equal(stepped('', 1, true), null);
  assert.equal(stepped('wide', 1, true), null);
});

test('a turn goes round', () => {
  assert.deepEqual([-10, 0, 350, 360, 725].map(turnedTo), [350, 0, 350, 0, 5]);
});

test('a clock shows hours only from one on', () => {
  assert.deepEqual([0, 61, 3599, 3600, 7325].map(clockOf), ['00:00', '01:01', '59:59', '01:00:00', '02:02:05']);
});

test('ten at once never goes beyond the end of a step', () => {
  assert.deepEqual([25, 10, 4, 0].map(tenOf), [10, 10, 4, 1]);
});

test('a movement begins and ends slowly', () => {
  assert.deepEqual([0, 0.5, 1].map(eased), [0, 0.5, 1]);
  assert.ok(eased(0.1) < 0.1 && eased(0.9) > 0.9);
});

test('keys are called as the buttons have it', () => {
  const name = (key, altKey = false) => nameOfKey({ key, altKey });
  assert.deepEqual(['=', '+', 'Backspace', 'ArrowLeft', 'V'].map((key) => name(key)), ['+', '+', 'delete', 'left', 'v']);
  assert.equal(name('ArrowRight', true), 'alt-right');
});
