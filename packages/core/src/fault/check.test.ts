import { z } from 'zod';
import { check, oneOf, readJson, size } from './index.ts';

const schema = z.strictObject({
  od: size('the diameter'),
  kind: oneOf(['round', 'square'], 'the kind'),
  list: z.array(z.strictObject({ 'a/b': size('a') })).optional(),
});
const faultOf = (text: string) => {
  const read = readJson(schema, text);
  return read.ok ? null : [read.fault.code, read.fault.path];
};

test.each([
  ['', 'not-json', ''],
  ['NaN', 'not-json', ''],
  ['{}{}', 'not-json', ''],
  ['[]', 'not-an-object', ''],
  ['null', 'not-an-object', ''],
  ['"x"', 'not-an-object', ''],
  ['{"od":1,"kind":"oval"}', 'wrong-value', '/kind'],
  ['{"od":"1","kind":"round"}', 'wrong-type', '/od'],
  ['{"od":1e999,"kind":"round"}', 'wrong-type', '/od'],
  ['{"od":-1,"kind":"round"}', 'too-small', '/od'],
  ['{"od":100001,"kind":"round"}', 'too-big', '/od'],
  ['{"kind":"round"}', 'missing', '/od'],
  ['{"od":1,"kind":"round","o~d":1}', 'unknown-key', '/o~0d'],
  ['{"od":1,"kind":"round","list":[{"a/b":0}]}', 'too-small', '/list/0/a~1b'],
  ['{"od":1,"kind":"round","__proto__":1}', 'unknown-key', '/__proto__'],
])('%s', (text, code, path) => {
  expect(faultOf(text)).toEqual([code, path]);
});

test('a byte order mark before the document is passed over', () => {
  expect(readJson(schema, '\uFEFF{"od":1,"kind":"round"}').ok).toBe(true);
});

test('every message says what would be right', () => {
  const read = check(schema, { od: 0, kind: 'round' });
  expect(read.ok ? '' : read.fault.message).toBe('this must be the diameter in mm, more than 0');
});
