import assert from 'node:assert/strict';
import { test } from 'node:test';
import { changedTicks } from '../../assets/page/ticks.js';

const box = (id, checked) => ({ id: `tick-${id}`, checked });

test('what another device ticked or took away is changed here, what is on its way from here is not', () => {
  const boxes = [box('a', false), box('b', true), box('c', true), box('d', false)];
  const changed = changedTicks(boxes, new Set(['a', 'b', 'd']), new Set(['tick-d']));
  assert.deepEqual(changed.map((one) => one.id), ['tick-a', 'tick-c']);
  assert.deepEqual(changedTicks([], new Set(['a']), new Set()), []);
});
