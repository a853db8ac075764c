import {
  cockpitIn,
  copesIn,
  evaluate,
  type Evaluation,
  findingsIn,
  type Plan,
  tubesIn,
  wouldLoop,
} from '@gyrus/core';
import fc from 'fast-check';
import { demoBooks, demoPlan, demoShop } from './index.ts';

type Path = readonly (string | number)[];

/** The same thing with one value changed; all that is not on the way to it stays the same object, as an edit leaves it. */
function withValue<T>(thing: T, [key, ...rest]: Path, change: (value: unknown) => unknown): T {
  if (key === undefined) return change(thing) as T;
  const copy = (Array.isArray(thing) ? [...(thing as unknown[])] : { ...thing }) as T &
    Record<Path[0], unknown>;
  Object.assign(copy, { [key]: withValue(copy[key], rest, change) });
  return copy;
}

/** Where every length and angle of a plan stands. */
function figuresIn(value: unknown, path: Path = []): Path[] {
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, one]) => {
    const here = [...path, Array.isArray(value) ? Number(key) : key];
    return (key === 'mm' || key === 'deg') && typeof one === 'number' ? [here] : figuresIn(one, here);
  });
}

const ofTubes = (plan: Plan) => {
  const evaluation = evaluate(plan, demoShop, demoBooks);
  return { evaluation, copes: copesIn(plan, evaluation, demoBooks) };
};
const everything = (plan: Plan) => {
  const { evaluation, copes } = ofTubes(plan);
  const cockpit = cockpitIn(plan, evaluation);
  return { evaluation, copes, cockpit, findings: findingsIn(plan, evaluation, copes, demoBooks, cockpit) };
};
/** No object in common with what was worked out before: nothing of it is known. */
const fromNothing = (plan: Plan) => everything(JSON.parse(JSON.stringify(plan)) as Plan);

const figures = figuresIn(demoPlan);
const edit = fc.record({
  kind: fc.constantFrom('figure', 'figure', 'figure', 'member out', 'fit order'),
  at: fc.nat(),
  by: fc.double({ min: -12, max: 12, noNaN: true }),
});

function edited(plan: Plan, { kind, at, by }: typeof edit extends fc.Arbitrary<infer E> ? E : never): Plan {
  if (kind === 'member out')
    return { ...plan, members: plan.members.filter((_, i) => i !== 1 + (at % (plan.members.length - 1))) };
  if (kind === 'fit order')
    return { ...plan, fitOrder: [...plan.fitOrder.slice(3), ...plan.fitOrder.slice(0, 3)] };
  const path = figures[at % figures.length] as Path;
  const value = path.reduce<unknown>(
    (thing, key) => (thing as Record<Path[0], unknown> | undefined)?.[key],
    plan,
  );
  return typeof value === 'number' ? withValue(plan, path, () => Math.max(0.1, value + by)) : plan;
}

/** Each is a whole cage worked out five times over. More by npm run test:thorough. */
const RUNS = process.env.GYRUS_THOROUGH ? 12 : 3;

test('after any edits every answer is what it is from nothing', () => {
  const demo = JSON.stringify(everything(demoPlan));
  let different = 0;
  fc.assert(
    fc.property(fc.array(edit, { minLength: 4, maxLength: 4 }), (edits) => {
      // What was worked out on the way is kept, also where an edit leaves and another one comes back to it.
      const plans = edits.reduce<Plan[]>(
        (before, one) => [...before, edited(before.at(-1) ?? demoPlan, one)],
        [],
      );
      for (const plan of plans) ofTubes(plan);
      for (const plan of [plans[1], plans.at(-1)] as Plan[]) {
        const kept = JSON.stringify(everything(plan));
        if (kept !== demo) different += 1;
        // Not by expect: what differs between megabytes takes it minutes to say.
        expect(kept === JSON.stringify(fromNothing(plan))).toBe(true);
      }
    }),
    { numRuns: RUNS, seed: 14 },
  );
  // Edits that change nothing would prove nothing.
  expect(different).toBeGreaterThan(RUNS);
});

test('an edit works out anew only what depends on it: tubes, their sheets, and the ends that meet them', () => {
  const before = ofTubes(demoPlan);
  const bar = demoPlan.members.findIndex(({ role }) => role === 'windscreen-bar');
  const plan = withValue(demoPlan, ['members', bar, 'cut', 'a', 'mm'], () => 2);
  const after = ofTubes(plan);
  const changed = wouldLoop(plan.members[bar]?.id ?? '', plan.members);
  expect(changed.size).toBeLessThan(4);
  expect(anew(tubesIn(before.evaluation), tubesIn(after.evaluation)).map(({ member }) => member)).toEqual(
    tubesIn(after.evaluation).flatMap(({ member }) => (changed.has(member) ? [member] : [])),
  );
  expect(anew(sheetsOf(before.evaluation), sheetsOf(after.evaluation)).map(({ member }) => member)).toEqual(
    sheetsOf(after.evaluation).flatMap(({ member }) => (changed.has(member) ? [member] : [])),
  );
  const known = new Set(before.copes.ends.map(({ outer }) => outer));
  const cut = after.copes.ends.filter(({ outer }) => !known.has(outer));
  const memberOf = new Map(tubesIn(after.evaluation).map(({ piece, member }) => [piece, member] as const));
  const meets = ({ member, headerPieces }: (typeof cut)[number]) =>
    changed.has(member) || headerPieces.some((piece) => changed.has(memberOf.get(piece) ?? ''));
  expect(cut.map(({ stamp, end }) => `${stamp} ${end}`)).toEqual(
    after.copes.ends.filter(meets).map(({ stamp, end }) => `${stamp} ${end}`),
  );
  expect(cut.length).toBeLessThan(after.copes.ends.length / 4);
});

const anew = <T>(before: T[], after: T[]): T[] => after.filter((one) => !before.includes(one));
const sheetsOf = ({ members }: Evaluation) =>
  members.flatMap(({ pieces }) => pieces.flatMap(({ sheet }) => sheet ?? []));
