import { type Outcome, type Plan, planReader, type ReadPlan, readPlan, succeed } from '@gyrus/core';
import fc from 'fast-check';
import { demoPlan } from './index.ts';
import { unfinishedPlan } from './unfinished.ts';

type Holder = Record<string | number, unknown>;
const pathsIn = (value: unknown, path: (string | number)[] = []): (string | number)[][] =>
  typeof value !== 'object' || value === null
    ? [path]
    : [
        ...(path.length > 0 ? [path] : []),
        ...Object.entries(value).flatMap(([key, one]) =>
          pathsIn(one, [...path, Array.isArray(value) ? Number(key) : key]),
        ),
      ];
const spoilt = (document: object, path: (string | number)[], by: unknown): unknown => {
  const copy = structuredClone(document);
  const holder = path.slice(0, -1).reduce<Holder>((at, key) => at[key] as Holder, copy as Holder);
  holder[path.at(-1) ?? ''] = by;
  return copy;
};

/** The outcome without the JSON, which is held to say the same. */
function planOf(read: Outcome<ReadPlan>): Outcome<Plan> {
  if (!read.ok) return read;
  expect(JSON.parse(read.value.json)).toEqual(JSON.parse(JSON.stringify(read.value.plan)));
  return succeed(read.value.plan);
}

test('it reads as readPlan does, again and again, whatever is spoilt and however it is spoilt', () => {
  const read = planReader();
  const spoil = fc.tuple(
    fc.constantFrom(...pathsIn(demoPlan)),
    fc.oneof(fc.jsonValue({ maxDepth: 2 }), fc.constantFrom(null, '', 'x'.repeat(200), [], {}, -1, 1e300)),
  );
  fc.assert(
    fc.property(spoil, ([path, by]) => {
      const plan = spoilt(demoPlan, path, by);
      const usual = readPlan(structuredClone(plan));
      for (let i = 0; i < 2; i += 1) expect(planOf(read(structuredClone(plan)))).toEqual(usual);
      expect(planOf(read(demoPlan))).toEqual({ ok: true, value: demoPlan });
    }),
    { seed: 12, numRuns: process.env.GYRUS_THOROUGH ? 600 : 60 },
  );
});

test('a sound record in the list of another kind is no sound record there', () => {
  const read = planReader();
  expect(read(demoPlan).ok).toBe(true);
  const [plate] = demoPlan.plates;
  expect(planOf(read({ ...demoPlan, gussets: [plate] }))).toEqual(
    readPlan({ ...demoPlan, gussets: [plate] }),
  );
});

test('what no record shows alone is looked at every time: ids given twice, dies that are not pinned', () => {
  const read = planReader();
  const [first] = demoPlan.members;
  for (let i = 0; i < 2; i += 1) {
    expect(read({ ...demoPlan, members: [...demoPlan.members, first] })).toMatchObject({
      fault: { code: 'double-id' },
    });
    expect(read({ ...demoPlan, dies: [] })).toMatchObject({ fault: { code: 'unknown-die' } });
  }
});

test('a reader that remembers little forgets the oldest and still reads', () => {
  const read = planReader(3000);
  for (const plan of [demoPlan, unfinishedPlan, demoPlan]) expect(read(plan).ok).toBe(true);
});

test.each([1, 2, 3, 4, 99, 'x', null])('a plan of version %s is read as readPlan reads it', (version) => {
  const plan = { ...demoPlan, version };
  expect(planOf(planReader()(plan))).toEqual(readPlan(plan));
});
