import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
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
const faultOf = async (args: string[], input = ''): Promise<Pick<Fault<string>, 'code' | 'path'>> => {
  const result = await call(args, input);
  return result.ok ? { code: 'none', path: '' } : { code: result.fault.code, path: result.fault.path };
};

test('section prints its properties', async () => {
  expect(await call(['section'], '{"od":38.1,"wall":2.413}')).toMatchObject({
    ok: true,
    value: { massPerLength: expect.closeTo(2.1237, 3) as number },
  });
});

// The finished radius from a tape: R = (A + B − L0)/(2·tan(θ/2) − θ) [handbook §5]; at 90° that is (A + B − L0)/(2 − π/2).
test('radius, scatter and whatnow print what their names say', async () => {
  expect(await call(['radius'], '{"length":800,"legs":[432.7,432.7],"released":90}')).toMatchObject({
    ok: true,
    value: { clr: expect.closeTo(65.4 / (2 - Math.PI / 2), 9) as number },
  });
  const path = '"points":[[0,400,0],[0,0,0],[600,0,0],[600,400,0]],"clr":100';
  const sigma = '"sigma":{"mark":0,"angle":0,"rotation":0},"n":100,"seed":1';
  expect(await call(['scatter'], `{${path},${sigma}}`)).toMatchObject({
    ok: true,
    value: { planned: expect.closeTo(600, 9) as number, p95: expect.closeTo(600, 9) as number },
  });
  const now = await call(['whatnow'], `{${path},"bend":2,"made":{"mark":10}}`);
  expect(now).toMatchObject({ ok: true, value: { points: { length: 4 }, off: { length: 4 } } });
  expect(await faultOf(['radius'], '{"length":900,"legs":[432.7,432.7],"released":90}')).toEqual({
    code: 'legs',
    path: '/legs',
  });
});

test('footcut prints how an end is cut to a floor, and refuses a plane along the tube', async () => {
  const tube = '"tube":{"od":44.45,"points":[[0,0,0],[0,0,500],[500,0,500]],"clr":150},"end":"a"';
  const plane = (normal: string) => `{${tube},"plane":{"point":[0,0,0],"normal":${normal}}}`;
  // 45° off square a tube stands out by its own diameter, on the bend's inside.
  expect(await call(['footcut'], plane('[1,0,1]'))).toMatchObject({
    ok: true,
    value: {
      angle: expect.closeTo(45, 9) as number,
      rise: expect.closeTo(44.45, 9) as number,
      clock: expect.closeTo(0, 9) as number,
      shortest: expect.closeTo(-44.45 / 2, 9) as number,
    },
  });
  expect(await faultOf(['footcut'], plane('[1,0,0]'))).toEqual({ code: 'parallel', path: '/plane/normal' });
  expect(await faultOf(['footcut'], plane('[1,0]'))).toMatchObject({ path: '/plane/normal' });
});

test('nest lays pieces into sticks, and tells what does not fit', async () => {
  const input = (length: number) =>
    JSON.stringify({ kerf: 2, sticks: [{ length: 6000 }], pieces: [{ id: 'H', length, quantity: 3 }] });
  expect(await call(['nest'], input(2000))).toMatchObject({
    ok: true,
    value: { used: 2, cost: 12000, lowerBound: 12000, optimal: true },
  });
  expect(await faultOf(['nest'], input(6001))).toEqual({ code: 'too-big', path: '/pieces/0/length' });
  expect(await faultOf(['nest'], '{"kerf":2}')).toMatchObject({ path: '/sticks' });
});

test('xyz takes what lra prints', async () => {
  const lra = await call(['lra'], '{"points":[[0,0,0],[500,0,0],[500,500,0],[500,500,500]],"clr":100}');
  const xyz = await call(['xyz', '-'], JSON.stringify(lra.ok ? lra.value : null));
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
])('%j is refused', async (args, code, path) => {
  expect(await faultOf(args)).toEqual({ code, path });
});

test('import brings a plan up to today, and turns a list of bends into what xyz takes', async () => {
  const plan = await call(['import', 'plan.json']);
  expect(plan).toMatchObject({ ok: true, value: { format: 'gyrus-plan', version: 8 } });
  const list = await call(['import', '--clr', '100'], '400, 0, 90\n300, 90, 45\n200');
  const xyz = await call(['xyz'], JSON.stringify(list.ok ? list.value : null));
  expect(xyz).toMatchObject({ ok: true, value: { points: { length: 4 } } });
  const corners = await call(['import'], 'x,y,z\n0,0,0\n500,0,0\n500,500,0');
  const lra = await call(
    ['lra'],
    JSON.stringify({ ...(corners.ok ? (corners.value as object) : {}), clr: 100 }),
  );
  expect(lra).toMatchObject({ ok: true, value: { bends: [{ length: expect.closeTo(400, 6) as number }] } });
  expect(await faultOf(['import'], '400, 0, 90\n200')).toEqual({ code: 'missing', path: '/clr' });
  expect(await faultOf(['import', '--clr', '0'], '400, 0, 90\n200')).toEqual({
    code: 'wrong-value',
    path: '/clr',
  });
});

test.each(['svg', 'dxf', 'csv', 'json'])('export writes %s files', async (format) => {
  const folder = mkdtempSync(path.join(tmpdir(), 'gyrus-export-'));
  try {
    const result = await call(['export', 'plan.json', '--to', format, '--out', folder]);
    const { files: written } = (result.ok ? result.value : { files: [] }) as { files: string[] };
    expect(written.length).toBeGreaterThan(0);
    for (const file of written) expect(readFileSync(file, 'utf8').length).toBeGreaterThan(100);
  } finally {
    rmSync(folder, { recursive: true });
  }
});

test('text that is not UTF-8 is refused', async () => {
  const result = await run(['section'], () => Buffer.from([0x7b, 0xff, 0x7d]));
  expect(result.ok ? '' : result.fault.code).toBe('not-utf8');
});

test('evaluate gives all answers, check the findings alone', async () => {
  const evaluated = await call(['evaluate', 'plan.json', '--shop', 'shop.json', '--books', 'book.json']);
  const checked = await call(['check', 'plan.json', '--shop', 'shop.json', '--books', 'book.json']);
  expect(evaluated).toMatchObject({
    ok: true,
    value: {
      totals: { bends: 12, tubes: 33 },
      harness: [{ stamp: 'HB', places: { length: 20 } }],
      lapBelts: [{ side: 'left' }, { side: 'right' }],
      cockpit: { people: [{ body: { who: 'E. Lindqvist' } }] },
    },
  });
  expect(checked.ok && Object.keys(checked.value as object)).toEqual(['findings']);
});
