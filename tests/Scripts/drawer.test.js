import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { beforeEach, test } from 'node:test';
import vm from 'node:vm';
import { store, stored, storedUnder } from '../../assets/page/dom.js';

// A drawer is an object whose own keys are the names in it, as localStorage is one.
class Drawer {
  getItem(name) { return this[name] ?? null; }

  setItem(name, text) { this[name] = text; }

  removeItem(name) { delete this[name]; }
}

const as = (me) => { globalThis.document = { documentElement: { dataset: me ? { me } : {} } }; };

beforeEach(() => {
  globalThis.localStorage = new Drawer();
  as('');
});

test('what one person typed another neither sees nor sends', () => {
  as('ada');
  store('rinkel-unsent-1-x', 'hers');
  assert.deepEqual(storedUnder('rinkel-unsent-1-'), ['rinkel-unsent-1-x']);
  as('bo');
  assert.equal(stored('rinkel-unsent-1-x'), null);
  assert.deepEqual(storedUnder('rinkel-unsent-1-'), []);
  store('rinkel-unsent-1-x', null);
  as('ada');
  assert.equal(stored('rinkel-unsent-1-x'), 'hers');
});

test('where one maker works, a drawer is as it always was', () => {
  store('rinkel-form', 'typed');
  assert.deepEqual({ ...globalThis.localStorage }, { 'rinkel-form': 'typed' });
  assert.equal(stored('rinkel-form'), 'typed');
});

test('the worker forgets the pages of whoever was here once somebody signs in', async () => {
  const kept = new Map();
  const heard = {};
  const origin = 'http://127.0.0.1:8080';
  const page = (path) => ({ url: origin + path, ok: true, type: 'basic', clone: () => path });
  vm.runInNewContext(readFileSync(new URL('../../assets/worker.js', import.meta.url), 'utf8'), {
    URL,
    Response: { error: () => 'none' },
    self: { addEventListener: (what, does) => { heard[what] = does; }, location: { origin } },
    caches: {
      delete: async () => kept.clear(),
      open: async () => ({ put: async (request, answer) => kept.set(request.url, answer) }),
      match: async (request) => kept.get(request.url ?? origin + request),
    },
    fetch: async (request) => page(new URL(request.url).pathname),
  });
  const visit = async (path) => {
    let answer;
    const request = { url: origin + path, method: 'GET', mode: 'navigate', headers: new Map() };
    heard.fetch({ request, respondWith: (promise) => { answer = promise; } });
    await answer;
  };
  await visit('/people');
  assert.deepEqual([...kept.keys()], [`${origin}/people`]);
  await visit('/sign-in');
  assert.equal(kept.size, 0);
});
