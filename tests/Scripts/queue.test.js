import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Queue, renamed } from '../../assets/piece/queue.js';

const filled = (...acts) => {
  const queue = new Queue();
  acts.forEach((act) => queue.add(act));
  return queue;
};

test('one request carries all that wait, and what comes meanwhile stays', () => {
  const queue = filled({ id: 'a', do: 'more @' }, { id: 'b', do: 'more @' });
  queue.leave();
  queue.add({ id: 'c', do: 'fewer @' });
  assert.equal(queue.isOut, true);
  assert.deepEqual(queue.sent.map((act) => act.id), ['a', 'b']);
  assert.equal(queue.hasMore, true);
  assert.deepEqual(queue.taken().map((act) => act.id), ['a', 'b']);
  queue.back();
  assert.equal(queue.isOut, false);
  assert.deepEqual(queue.acts.map((act) => act.id), ['c']);
  assert.deepEqual(queue.sent, []);
});

test('a request that is lost leaves all as it was, to be sent again', () => {
  const queue = filled({ id: 'a', do: 'more @' });
  queue.leave();
  queue.back();
  assert.deepEqual(queue.acts.map((act) => act.id), ['a']);
  assert.equal(queue.hasMore, true);
});

test('a request that only asks is on its way, too', () => {
  const queue = filled();
  queue.leave();
  assert.equal(queue.isOut, true);
  assert.deepEqual(queue.sent, []);
  assert.equal(queue.hasMore, false);
});

test('typing that goes on changes what waits of it, but nothing that is on its way', () => {
  const queue = filled({ id: 'a', f: { wrist: '1' }, stroke: 's' });
  assert.equal(queue.retype('s', 'wrist', '16'), true);
  assert.deepEqual(queue.acts[0].f, { wrist: '16' });
  assert.equal(queue.retype('t', 'wrist', '17'), false);
  queue.leave();
  assert.equal(queue.retype('s', 'wrist', '165'), false);
  assert.deepEqual(queue.acts[0].f, { wrist: '16' });
});

test('another act between two keys ends what can be changed', () => {
  const queue = filled({ id: 'a', f: { wrist: '1' }, stroke: 's' }, { id: 'b', do: 'undo' });
  assert.equal(queue.retype('s', 'wrist', '16'), false);
});

test('acts of an earlier page come before those of this one', () => {
  const queue = filled({ id: 'b', f: { name: 'Lee' } });
  queue.begin([{ id: 'a', f: { wrist: '16 cm' } }]);
  assert.deepEqual(queue.acts.map((act) => act.id), ['a', 'b']);
  assert.deepEqual(queue.paths(), ['wrist', 'name']);
  queue.clear();
  assert.equal(queue.isEmpty, true);
});

test('what has another name now keeps what was typed under the old one', () => {
  const queue = filled({ id: 'a', f: { 'cords.red.called': 'rust', wrist: '16' } }, { id: 'b', do: 'undo' });
  queue.rename({ 'cords.red': 'cords.rust' });
  assert.deepEqual(queue.acts[0].f, { 'cords.rust.called': 'rust', wrist: '16' });
  assert.equal(renamed('cords.red.colour', { 'cords.red': 'cords.rust' }), 'cords.rust.colour');
  assert.equal(renamed('cords.blue.colour', { 'cords.red': 'cords.rust' }), 'cords.blue.colour');
});
