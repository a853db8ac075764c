import { type Fault } from '@gyrus/core';
import { demoBooks, demoPlan, demoShop } from '@gyrus/demo';
import { run } from './run.ts';

const files: Record<string, unknown> = {
  'plan.json': demoPlan,
  'shop.json': demoShop,
  'book.json': demoBooks[0],
  'bad.json': { ...demoPlan, version: 99 },
};
const call = (args: string[], input = '') =>
  run(args, (file) => {
    if (file === '-') return Buffer.from(input);
    if (file in files) return Buffer.from(JSON.stringify(files[file]));
    throw new Error('ENOENT');
  });
const faultOf = (args: string[], input = ''): Pick<Fault, 'code' | 'path'> => {
  const result = call(args, input);
  return result.ok ? { code: 'none', path: '' } : { code: result.fault.code, path: result.fault.path };
};

test('section prints its properties', () => {
  expect(call(['section'], '{"od":38.1,"wall":2.413}')).toMatchObject({
    ok: true,
    value: { massPerLength: expect.closeTo(2.1237, 3) as number },
  });
});

test('xyz takes what lra prints', () => {
  const lra = call(['lra'], '{"points":[[0,0,0],[500,0,0],[500,500,0],[500,500,500]],"clr":100}');
  const xyz = call(['xyz', '-'], JSON.stringify(lra.ok ? lra.value : null));
  expect(xyz).toMatchObject({ ok: true, value: { points: { length: 4 } } });
});

test.each([
  [[], 'unknown-command', ''],
  [['toString'], 'unknown-command', ''],
  [['lra', 'a', 'b'], 'too-many-arguments', ''],
  [['lra', 'nowhere.json'], 'cannot-read', ''],
  [['section'], 'not-json', ''],
  [['evaluate', 'bad.json'], 'newer-version', '/version'],
  [['evaluate', 'plan.json', '--shop', 'plan.json'], 'wrong-value', '/format'],
  [['evaluate', 'plan.json', '--colour', 'red'], 'unknown-option', ''],
  [['export', 'plan.json', '--to', 'stone', '--out', 'x'], 'unknown-format', ''],
])('%j is refused', (args, code, path) => {
  expect(faultOf(args)).toEqual({ code, path });
});

test('text that is not UTF-8 is refused', () => {
  const result = run(['section'], () => Buffer.from([0x7b, 0xff, 0x7d]));
  expect(result.ok ? '' : result.fault.code).toBe('not-utf8');
});

test('evaluate gives all answers, check the findings alone', () => {
  const evaluated = call(['evaluate', 'plan.json', '--shop', 'shop.json', '--books', 'book.json']);
  const checked = call(['check', 'plan.json', '--shop', 'shop.json', '--books', 'book.json']);
  expect(evaluated).toMatchObject({
    ok: true,
    value: { totals: { bends: 12, tubes: 33 } },
  });
  expect(checked.ok && Object.keys(checked.value as object)).toEqual(['findings']);
});
