import fc from 'fast-check';
import {
  BAR_ROLES,
  type BarRole,
  type Die,
  emptyPlan,
  EMPTY_SHOP,
  type MainHoop,
  type Plan,
} from './plan/index.ts';
import { copesIn, evaluate, findingsIn } from './evaluate.ts';
import { USUAL_ORDER, waysOf } from './cage/index.ts';
import { type MemberProposal, proposeMember, withBars } from './propose.ts';
import { deg, mm } from './testing/index.ts';

/** Cars from small to wide, dies from 2.8 to 4 diameters: common practice. mm and degrees */
const car = fc.record({
  floor: fc.integer({ min: 580, max: 760 }),
  roofIn: fc.integer({ min: 70, max: 160 }),
  headliner: fc.integer({ min: 900, max: 1180 }),
  lean: fc.option(
    fc.record({ at: fc.integer({ min: 350, max: 520 }), out: fc.integer({ min: 0, max: 40 }) }),
  ),
  uneven: fc.integer({ min: -6, max: 6 }),
  tilt: fc.integer({ min: -2, max: 12 }),
  od: fc.constantFrom<number[]>(38.1, 40, 44.45, 45, 50),
  ratio: fc.constantFrom<number[]>(2.8, 3, 3.4, 4),
  clamp: fc.constantFrom<number[]>(40, 60, 90, 120),
  sides: fc.constantFrom('same' as const, 'each' as const),
});
type Car = typeof car extends fc.Arbitrary<infer T> ? T : never;

const die = ({ od, ratio, clamp }: Car): Die => ({
  id: 'die',
  machine: 'bender',
  name: 'die',
  od: mm(od),
  clr: mm(Math.round(od * ratio)),
  reference: 'start',
  offset: mm(0),
  clampLength: mm(clamp),
  trailing: mm(0),
  largestAngle: null,
  finishedRadius: null,
  dialStep: null,
  dialZero: null,
  takes: [],
  tests: [],
});

function planOf(given: Car): Plan {
  const start = emptyPlan({ member: 'hoop', piece: 'hoop-1' }, 'mm');
  const [hoop] = start.members as [MainHoop];
  const { floor, roofIn, uneven, lean } = given;
  return {
    ...start,
    survey: {
      ...start.survey,
      measures: {
        halfWidthFloorLeft: mm(floor),
        halfWidthFloorRight: mm(floor + uneven),
        halfWidthRoofLeft: mm(floor - roofIn),
        halfWidthRoofRight: mm(floor - roofIn + uneven),
        headlinerCentre: mm(given.headliner),
        pillarTilt: deg(given.tilt),
        ...(lean
          ? {
              leanHeight: mm(lean.at),
              halfWidthLeanLeft: mm(floor + lean.out),
              halfWidthLeanRight: mm(floor + lean.out + uneven),
            }
          : {}),
      },
    },
    dies: [die(given)],
    members: [
      {
        ...hoop,
        sides: given.sides,
        tube: { ...hoop.tube, od: mm(given.od), wall: mm(2.5) },
        bending: { ...hoop.bending, die: 'die' },
      },
    ],
  };
}

let ids = 0;
const fresh = () => `fresh-${(ids += 1)}`;
const propose = (plan: Plan, role: BarRole, way: string): MemberProposal =>
  proposeMember(plan, EMPTY_SHOP, evaluate(plan, EMPTY_SHOP, []), role, way, fresh);

/** The proposal, after what it stands on was added in its usual way; null where that itself stands in the way. */
function withWhatItNeeds(plan: Plan, role: BarRole, way: string): [Plan, MemberProposal] | null {
  const proposed = propose(plan, role, way);
  if (!('needs' in proposed)) return [plan, proposed];
  if (proposed.needs === 'main-hoop') return null;
  const before = withWhatItNeeds(plan, proposed.needs, waysOf(proposed.needs)[0] ?? '');
  if (!before || !('bars' in before[1])) return null;
  return withWhatItNeeds(withBars(before[0], before[1]), role, way);
}

const ways = BAR_ROLES.flatMap((role) =>
  (waysOf(role).length > 0 ? waysOf(role) : ['']).map((way) => [role, way] as const),
);

/** Every role and way is among them. All of 200 by npm run test:thorough. */
const CARS = process.env.GYRUS_THOROUGH ? 200 : 70;

test(`what is proposed obeys the program’s own checks, in ${CARS} random cars, dies and roles; at least 80 in 100 resolve`, () => {
  const samples = fc.sample(fc.tuple(car, fc.constantFrom(...ways)), { seed: 7, numRuns: CARS });
  const blocked = new Map<string, number>();
  let resolved = 0;
  for (const [given, [role, way]] of samples) {
    const found = withWhatItNeeds(planOf(given), role, way);
    if (!found || !('bars' in found[1])) {
      // Not offered: it says why.
      if (found && 'inTheWay' in found[1]) expect(found[1].inTheWay.length).toBeGreaterThan(0);
      blocked.set(`${role} ${way}`, (blocked.get(`${role} ${way}`) ?? 0) + 1);
      continue;
    }
    resolved += 1;
    const plan = withBars(found[0], found[1]);
    const evaluation = evaluate(plan, EMPTY_SHOP, []);
    const own = new Set(found[1].bars.map(({ id }) => id));
    expect(
      findingsIn(plan, evaluation, copesIn(plan, evaluation, []), [])
        .filter(({ member, status }) => member !== null && own.has(member) && status === 'out')
        .map(({ code }) => code),
    ).toEqual([]);
  }
  console.info(
    `proposals: ${resolved} of ${samples.length} resolved (${Math.round((100 * resolved) / samples.length)} %); not offered: ${[...blocked].map(([what, count]) => `${what} ${count}`).join(', ') || 'none'}`,
  );
  expect(resolved / samples.length).toBeGreaterThanOrEqual(0.8);
});

test('the halves of a proposed X at the door lie on the axis of the bar through', () => {
  const plan = planOf({ ...CAR, lean: { at: 440, out: 10 } });
  const [, proposed] = withWhatItNeeds(plan, 'door-bar', 'X') ?? [];
  expect(proposed && 'bars' in proposed && proposed.bars.map(({ pieces }) => pieces.length)).toEqual([2, 4]);
});

const CAR: Car = {
  floor: 740,
  roofIn: 150,
  headliner: 1076,
  lean: null,
  uneven: 0,
  tilt: 9,
  od: 44.45,
  ratio: 3.43,
  clamp: 60,
  sides: 'same',
};

test('an offset harness bar is proposed as the die can make it', () => {
  const wide = planOf({ ...CAR, od: 38.1, ratio: 4 });
  for (const way of ['offset left', 'offset right', 'both offset'])
    expect(propose(wide, 'harness-bar', way)).toHaveProperty('bars');
});

test('a halo is its own windscreen bar: none is proposed beside it, and it says so', () => {
  const [plan, halo] = withWhatItNeeds(planOf(CAR), 'halo', '') ?? [];
  if (!plan || !halo || !('bars' in halo)) throw new Error('a halo stands on a hoop');
  expect(propose(withBars(plan, halo), 'windscreen-bar', 'straight')).toEqual({
    noPlace: expect.stringContaining('its own windscreen bar') as string,
  });
});

test('what stands in the way of a proposal is told, and it is not offered', () => {
  // A seat as wide as this and a die of 300 mm leave no room between narrow legs.
  const narrow = planOf({ ...CAR, floor: 420, roofIn: 200, od: 50, ratio: 6, clamp: 200 });
  const proposed = propose(narrow, 'harness-bar', 'both offset');
  expect('inTheWay' in proposed && proposed.inTheWay.map(({ code }) => code)).toEqual(['not-placed']);
});

test('every role of the usual order has a proposal', () => {
  expect([...USUAL_ORDER].sort()).toEqual([...BAR_ROLES].sort());
});
