import assert from 'node:assert/strict';
import { test } from 'node:test';
import { isBusy, isOther } from '../../assets/page/live.js';

const page = ({ version, text = '', saving, fields = [], dialog = false, isPiece = false, focus = null }) => ({
  documentElement: { dataset: saving ? { saving } : {} },
  body: { matches: () => false },
  activeElement: focus,
  querySelectorAll: () => fields,
  querySelector: (selector) => ({
    '#edit [name=version]': version === undefined ? null : { value: version },
    '#work': { textContent: text },
    'dialog[open]': dialog ? {} : null,
    '#piece': isPiece ? {} : null,
  })[selector] ?? null,
});

test('a piece is another one by its version, any other page by what it says', () => {
  assert.equal(isOther(page({ version: '3', text: 'a' }), page({ version: '3', text: 'b' })), false);
  assert.equal(isOther(page({ version: '3' }), page({ version: '4' })), true);
  assert.equal(isOther(page({ text: 'two pieces' }), page({ text: 'three pieces' })), true);
  assert.equal(isOther(page({ text: 'two pieces' }), page({ text: 'two pieces' })), false);
});

test('what is typed, going, open or in hand is not taken away', () => {
  const field = (value, defaultValue, type = 'text') => ({ value, defaultValue, type });
  assert.equal(isBusy(page({})), false);
  assert.equal(isBusy(page({ saving: 'going' })), true);
  assert.equal(isBusy(page({ saving: 'done', fields: [field('Ann', '')] })), true);
  assert.equal(isBusy(page({ saving: 'done', fields: [field('Ann', 'Ann'), field('on', '', 'checkbox')] })), false);
  assert.equal(isBusy(page({ fields: [field('17 cm', '16 cm')], isPiece: true, saving: 'done' })), false, 'a piece sends what is typed');
  assert.equal(isBusy(page({ dialog: true })), true);
  assert.equal(isBusy(page({ focus: { matches: () => true } })), true);
});
