import fc from 'fast-check';
import { evaluate } from '../evaluate.ts';
import { hoopAnswerOf } from '../evaluation.ts';
import { type BuiltHoop, EMPTY_SHOP, type Plan } from '../plan/index.ts';
import { HANDBOOK_CAR, mm, planWith } from '../testing/index.ts';
import { builtHoop } from './accepted.ts';
import { deviationsOf } from './deviation.ts';
import { hoopPoints } from './hoopPoints.ts';

const ERROR = 1;
const plan = planWith(HANDBOOK_CAR);
const NOTHING: BuiltHoop = { feetApart: null, crownUp: null, crownLeft: null };

/** The hoop of a plan that took this of it. */
function hoopWith(built: BuiltHoop | null) {
  const by = { by: 'Aino', on: '2026-11-27T10:00:00Z' };
  const own: Plan = {
    ...plan,
    members: plan.members.map((one) =>
      one.role === 'main-hoop' ? { ...one, asBuilt: built && { ...built, ...by } } : one,
    ),
  };
  const hoop = hoopAnswerOf(evaluate(own, EMPTY_SHOP, []))?.tube;
  if (!hoop) throw new Error('the hoop stands');
  return hoop;
}

/** What is read off one hoop, beside the plan of another. */
const measuredOn = (real: ReturnType<typeof hoopWith>, planned: ReturnType<typeof hoopWith>) => {
  const read = new Map(hoopPoints(real, null).map(({ key, planned: value }) => [key, value]));
  return deviationsOf(
    hoopPoints(planned, null),
    (key) => {
      const value = read.get(key);
      return value === undefined ? null : { moment: 'tacked', value, who: 'Aino', at: '' };
    },
    { mm: ERROR, deg: 0.5 },
  );
};

const designed = hoopWith(null);
const apart = hoopPoints(designed, null)[0]!.planned;

test('a hoop that was measured and taken into the plan measures as planned then', () => {
  const off = (most: number) =>
    fc.double({ min: 2, max: most, noNaN: true }).chain((by) => fc.constantFrom(by, -by));
  fc.assert(
    fc.property(off(15), off(10), off(8), (wider, up, left) => {
      const real = hoopWith({ feetApart: mm(apart + wider), crownUp: mm(up), crownLeft: mm(left) });
      const taken = builtHoop(designed, measuredOn(real, designed), null, ERROR);
      expect(taken?.feetApart?.mm).toBeCloseTo(apart + wider, 6);
      expect(taken?.crownUp?.mm).toBeCloseTo(up, 1);
      // By the bends' middles, which stand a little lower than the corners: within what the tape tells.
      expect(Math.abs((taken?.crownLeft?.mm ?? 0) - left)).toBeLessThan(ERROR);
      const built = hoopWith(taken);
      for (const { point, off: still } of measuredOn(real, built))
        expect([point.key, Math.abs(still) < ERROR]).toEqual([point.key, true]);
      // And what is taken of it again is nothing.
      expect(builtHoop(built, measuredOn(real, built), taken, ERROR)).toBeNull();
    }),
    { numRuns: 40 },
  );
});

test('what was taken before is added to, what is within the tape stays as it was', () => {
  const first = { ...NOTHING, crownUp: mm(5) };
  const real = hoopWith({ ...first, crownUp: mm(9) });
  const taken = builtHoop(hoopWith(first), measuredOn(real, hoopWith(first)), first, ERROR);
  expect(taken?.crownUp?.mm).toBeCloseTo(9, 1);
  expect([taken?.feetApart, taken?.crownLeft]).toEqual([null, null]);
  expect(builtHoop(designed, measuredOn(designed, designed), null, ERROR)).toBeNull();
  // One diagonal alone says nothing of the crown's place.
  const one = measuredOn(hoopWith({ ...NOTHING, crownLeft: mm(6) }), designed).filter(
    ({ point }) => point.key === 'hoop:diagonal-left',
  );
  expect(builtHoop(designed, one, null, ERROR)).toBeNull();
});
