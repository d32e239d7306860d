import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Count, minutesAhead } from '../../assets/board/count.js';
import { inches, inHalves, lengthIn } from '../../assets/board/lengths.js';

const count = new Count([{ count: 1 }, { count: 20 }, { count: 3 }], 24);

test('a number of moves ends in a step, at its beginning rather than at the end of the one before', () => {
  assert.deepEqual(count.placeOf(0), [0, 0]);
  assert.deepEqual(count.placeOf(1), [1, 0]);
  assert.deepEqual(count.placeOf(20), [1, 19]);
  assert.deepEqual(count.placeOf(21), [2, 0]);
  assert.deepEqual(count.placeOf(24), [2, 3]);
});

test('each step knows how many of it are done, and what is left of the one at hand', () => {
  assert.deepEqual([0, 1, 2].map((step) => count.doneOf(step, 11)), [1, 10, 0]);
  assert.equal(count.restOf(11), 10);
  assert.equal(count.restOf(24), 0);
});

test('taps never count beyond an end, one after the other', () => {
  assert.equal(count.after(2, [{ by: -5 }, { by: 1 }]), 1);
  assert.equal(count.after(20, [{ by: 100 }, { by: -1 }]), 23);
  assert.equal(count.after(7, []), 7);
});

test('minutes ahead shrink with the moves done, and a wait that was begun is over', () => {
  const left = [[30, 60, 1.5], [10, 5, 1]];
  assert.deepEqual(minutesAhead(left, 0, 0), { hands: 30, waiting: 60 });
  assert.deepEqual(minutesAhead(left, 0, 4), { hands: 24, waiting: 5 });
  assert.deepEqual(minutesAhead(left, 1, 0), { hands: 10, waiting: 5 });
  assert.deepEqual(minutesAhead(left, 1, 20), { hands: 0, waiting: 0 });
});

test('inches are written as a ruler shows them, in sixteenths in lowest terms', () => {
  // 25.4 mm to the inch: the international inch of 1959.
  assert.equal(inches(25.4), '1');
  assert.equal(inches(25.4 * 6.5), '6 1/2');
  assert.equal(inches(25.4 * 7.875), '7 7/8');
  assert.equal(inches(25.4 * 0.3125), '5/16');
  assert.equal(inches(0), '0');
  assert.equal(inches(25.4 * 1.99), '2');
});

test('a length is said in the unit and the way of a language', () => {
  assert.equal(lengthIn('cm', 163.4, 'en'), '16.3 cm');
  assert.equal(lengthIn('cm', 1234, 'nl'), '123,4 cm');
  assert.equal(lengthIn('in', 50.8, 'en'), '2 in');
});

test('a knot of two halves is counted by halves', () => {
  assert.deepEqual([0, 0.5, 1, 1.5].map(inHalves), ['0', '½', '1', '1½']);
});
