// The published schemas by a validator of other makers, beside the one that the tests in PHP have.
import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { test } from 'node:test';
import Ajv from 'ajv/dist/2020.js';

const read = (file) => JSON.parse(readFileSync(file, 'utf8'));
const names = readdirSync('docs').filter((file) => file.endsWith('.schema.json'));

// Lengths are words to a validator: what they may be stands in keywords of our own. Times are looked at by the tests in PHP.
const validators = () => {
  const ajv = new Ajv({ strict: true, strictRequired: false, strictTypes: false, allowUnionTypes: true, validateFormats: false });
  ['least', 'most'].forEach((keyword) => ajv.addKeyword({ keyword, schemaType: 'string' }));
  names.forEach((file) => ajv.addSchema(read(`docs/${file}`)));
  return (name) => ajv.getSchema(read(`docs/${name}.schema.json`).$id);
};
const named = validators();
const said = (validate) => JSON.stringify(validate.errors?.slice(0, 3));

test('every schema is one, and needs no other file', () => {
  names.forEach((file) => assert.ok(named(file.replace('.schema.json', '')), file));
});

test('every example is a piece', () => {
  const validate = named('piece');
  readdirSync('demo/pieces').forEach((file) => assert.ok(validate(read(`demo/pieces/${file}`)), `${file} ${said(validate)}`));
});

test('what is wrong with a piece is found', () => {
  const validate = named('piece');
  const piece = () => read('demo/pieces/weir-gate.json');
  [
    ['no wearer', (one) => delete one.wearer],
    ['a girth that is a list', (one) => { one.wearer.girth = ['16 cm']; }],
    ['another version', (one) => { one.version = 99; }],
    ['a construction that nobody makes', (one) => { one.construction = 'fence'; }],
    ['a field of nobody', (one) => { one.colour = 'blue'; }],
    ['a closure of another kind', (one) => { one.closure = { kind: 'zip' }; }],
    ['no wraps', (one) => { one.wraps = 0; }],
  ].forEach(([what, damage]) => {
    const one = piece();
    damage(one);
    assert.equal(validate(one), false, what);
  });
});

test('stock, samples and what was tightened are by their schemas, and not by each other’s', () => {
  const files = { stock: 'demo/stock.json', samples: 'demo/samples.json', tight: 'docs/tightened.json' };
  Object.entries(files).forEach(([name, file]) => {
    const validate = named(name);
    assert.ok(validate(read(file)), `${file} ${said(validate)}`);
    Object.values(files).filter((other) => other !== file).forEach((other) => assert.equal(validate(read(other)), false, `${other} as ${name}`));
  });
});
