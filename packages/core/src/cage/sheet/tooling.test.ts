import { type Die, type DieTest, EMPTY_SHOP, type Plan, type Shop } from '../../plan/index.ts';
import { angle, HANDBOOK_CAR, inch, planWith } from '../../testing/index.ts';
import { driftOf, setupOf, testsFor } from '../index.ts';

const made = (id: string, changes: Partial<DieTest> = {}): DieTest => ({
  id,
  od: inch('2'),
  wall: inch('0.095'),
  kind: 'drawn-over-mandrel',
  batch: '7702',
  made: 'test',
  reading: angle('50'),
  released: angle('45'),
  sound: true,
  note: '',
  ...changes,
});
const die = (tests: DieTest[], changes: Partial<Die> = {}): Die => ({
  id: 'd',
  machine: 'bender',
  name: 'die',
  od: inch('2'),
  clr: inch('6'),
  reference: 'start',
  offset: inch('4'),
  clampLength: inch('4'),
  trailing: inch('3'),
  largestAngle: null,
  finishedRadius: null,
  dialStep: null,
  dialZero: null,
  takes: [],
  tests,
  ...changes,
});
const tube = { od: inch('2'), wall: inch('0.095'), kind: 'drawn-over-mandrel', batch: '7702' } as const;
const ids = (tests: DieTest[]) => tests.map((one) => one.id);

test('tests of the tube’s own batch count where there are any, else those of the same size', () => {
  const both = die([made('own'), made('other', { batch: '7000' })]);
  expect(testsFor(both, tube)).toMatchObject({ otherBatch: false });
  expect(ids(testsFor(both, tube).tests)).toEqual(['own']);
  const others = testsFor(both, { ...tube, batch: '9999' });
  expect(ids(others.tests)).toEqual(['own', 'other']);
  expect(others.otherBatch).toBe(true);
  expect(testsFor(both, { ...tube, batch: '' }).otherBatch).toBe(false);
});

test('a slipped test, another diameter and another wall never count', () => {
  const spoiled = die([
    made('slipped', { sound: false }),
    made('od', { od: inch('1 3/4') }),
    made('wall', { wall: inch('0.120') }),
  ]);
  expect(testsFor(spoiled, tube).tests).toEqual([]);
});

const bending = planWith(HANDBOOK_CAR).members[0]?.bending as Plan['members'][number]['bending'];

test('each bend may name its own die', () => {
  const dies = [die([]), die([], { id: 'roller', clr: inch('20') })];
  const choice = { ...bending, die: 'd', dieAt: { 'crown-left': 'roller' } };
  const at = (feature: string) => setupOf({ feature, radius: null }, tube, choice, dies, 'a')?.die.id;
  expect([at('crown-left'), at('crown-right')]).toEqual(['roller', 'd']);
  expect(
    setupOf({ feature: 'crown-left', radius: null }, tube, { ...bending, die: null }, dies, 'a'),
  ).toBeNull();
});

test.each([
  [{ school: 'constant', degrees: angle('5') } as const, 'constant', { model: 'constant', degrees: 5 }],
  [{ school: 'share', share: 0.05 } as const, 'share', { model: 'share', share: 0.05 }],
])('the builder’s own school is taken as it is (%#)', (springback, used, school) => {
  const setup = setupOf(
    { feature: 'crown-left', radius: null },
    tube,
    { ...bending, die: 'd', springback },
    [die([made('t')])],
    'b',
  );
  expect(setup).toMatchObject({ used, tests: [], tooling: { springback: school } });
});

test('theory turns a share of the reading into one of the angle', () => {
  const springback = { school: 'theory', yieldStrength: 480 } as const;
  const setup = setupOf(
    { feature: 'crown-left', radius: null },
    tube,
    { ...bending, die: 'd', springback },
    [die([])],
    'b',
  );
  const share = setup?.tooling.springback.model === 'share' ? setup.tooling.springback.share : 0;
  // 84° by theory: about 1.6° back on 2 × 0.095 in at 480 N/mm² [handbook §5]
  expect(84 * share).toBeCloseTo(1.6, 1);
});

const plan = { dies: [die([made('t1')])] };
const shopWith = (now: Die): Shop => ({
  ...EMPTY_SHOP,
  machines: [{ id: 'm', name: 'bender', note: '', setting: null, dies: [now] }],
});

test('drift: tests added and gone, figures changed; other typing of the same length is none', () => {
  expect(driftOf(plan, shopWith(die([made('t1')])))).toEqual([]);
  expect(driftOf(plan, shopWith(die([made('t1'), made('t2')])))).toMatchObject([
    { newTests: 1, goneTests: 0, changed: [] },
  ]);
  expect(driftOf(plan, shopWith(die([])))).toMatchObject([{ newTests: 0, goneTests: 1 }]);
  expect(driftOf(plan, shopWith(die([made('t1')], { offset: inch('4 1/2') })))).toMatchObject([
    { changed: ['offset'] },
  ]);
  expect(driftOf(plan, shopWith(die([made('t1')], { clr: { mm: 152.4, typed: '152.4 mm' } })))).toEqual([]);
});

test('a die that is gone from the shop is no drift: the plan goes on with its own', () => {
  expect(driftOf(plan, EMPTY_SHOP)).toEqual([]);
});
