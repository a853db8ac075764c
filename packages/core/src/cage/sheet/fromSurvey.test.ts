import { evaluate } from '../../evaluate.ts';
import { hoopAnswerOf } from '../../evaluation.ts';
import { type MainHoop, type Plan, type Shop } from '../../plan/index.ts';
import { type RuleBook } from '../../rules/index.ts';
import { HANDBOOK_CAR, inch, LEANING_CAR, planWith } from '../../testing/index.ts';
import { bending, die, shop, test2in } from '../../testing/twoInchShop.ts';

const IN = 25.4;

const handbookPlan = (
  changes: Partial<MainHoop['bending']> = {},
  hoop: Partial<MainHoop> = {},
  plan: Partial<Plan> = {},
) => planWith(HANDBOOK_CAR, { bending: bending(changes), ...hoop }, { dies: [die], ...plan });

const codes = (plan: Plan, at: Shop = shop, books: RuleBook[] = []) =>
  evaluate(plan, at, books).findings.map((one) => one.code);

test('from the survey to the blank: starts at 35.600 and 83.473 in, blank 128.01 in [handbook §4, chained]', () => {
  const answer = hoopAnswerOf(evaluate(handbookPlan(), shop, []));
  const bends = answer?.sheet?.bends ?? [];
  expect((bends[0]?.tangentA ?? 0) / IN).toBeCloseTo(35.6, 3);
  expect(Math.abs((bends[1]?.tangentA ?? 0) / IN - 83.474)).toBeLessThan(0.001);
  expect((answer?.sheet?.blank ?? 0) / IN).toBeCloseTo(128.01, 2);
});

test('marks stand the clamp’s offset ahead of the bend, on the side of the middle', () => {
  const bends = hoopAnswerOf(evaluate(handbookPlan(), shop, []))?.sheet?.bends ?? [];
  expect(bends.map((bend) => bend.clampSide)).toEqual(['b', 'a']);
  expect(((bends[0]?.mark ?? 0) - (bends[0]?.tangentB ?? 0)) / IN).toBeCloseTo(4.5, 9);
  expect(((bends[1]?.tangentA ?? 0) - (bends[1]?.mark ?? 0)) / IN).toBeCloseTo(4.5, 9);
});

test('steps go from the middle outward, turn the tube end for end once, and stay in one plane', () => {
  const plan = planWith(LEANING_CAR, { bending: bending() }, { dies: [die] });
  const steps = hoopAnswerOf(evaluate(plan, shop, []))?.sheet?.steps ?? [];
  expect(steps.map((step) => step.bend)).toEqual([2, 1, 3, 4]);
  expect(steps.map((step) => step.endForEnd)).toEqual([false, false, true, false]);
  expect(steps.every((step) => step.turn === 0)).toBe(true);
});

test('the clamp moves to the outer side where only that has the straight it needs', () => {
  const long = { ...die, clampLength: inch('36') };
  const plan = planWith(LEANING_CAR, { bending: bending() }, { dies: [long] });
  const bends = hoopAnswerOf(evaluate(plan, shop, []))?.sheet?.bends ?? [];
  expect(bends.map((bend) => bend.clampSide)).toEqual(['b', 'b', 'a', 'a']);
  const [first] = evaluate(plan, shop, []).findings.filter((one) => one.code === 'clamp-straight');
  expect(first?.status).toBe('out');
});

test('a measured finished radius is used as it is, and does not grow again', () => {
  const measured = { ...die, finishedRadius: inch('6.3') };
  const plan = handbookPlan(
    { growRadius: true, springback: { school: 'share', share: 0.1 } },
    {},
    { dies: [measured] },
  );
  expect(hoopAnswerOf(evaluate(plan, shop, []))?.sheet?.bends[0]?.finishedClr).toBeCloseTo(6.3 * IN, 9);
});

test('without test bends the reading comes from theory, and says that a test is due', () => {
  const untested = { ...die, tests: [] };
  const plan = handbookPlan({}, {}, { dies: [untested] });
  const { findings, members } = evaluate(plan, shop, []);
  expect(members[0]?.pieces[0]?.sheet?.bends[0]?.school).toBe('theory-without-tests');
  expect(findings.map((one) => one.code)).toContain('test-bend-due');
});

test('tests in another tube or that slipped do not count', () => {
  const spoiled = {
    ...die,
    tests: die.tests.map((one, i) => ({ ...one, sound: i > 0, wall: i > 1 ? inch('0.120') : one.wall })),
  };
  const plan = handbookPlan({}, {}, { dies: [spoiled] });
  expect(hoopAnswerOf(evaluate(plan, shop, []))?.sheet?.bends[0]?.testCount).toBe(1);
});

test('a target far outside the tests is said to be', () => {
  const low = { ...die, tests: die.tests.slice(0, 2) };
  expect(codes(handbookPlan({}, {}, { dies: [low] }))).toContain('extrapolated');
});

test('new test bends never move a pinned plan; they are told', () => {
  const more = { ...die, tests: [...die.tests, test2in('t4', '95', '90')] };
  const moved: Shop = {
    ...shop,
    machines: [{ id: 'x', name: 'bender', note: '', setting: null, dies: [more] }],
  };
  const before = evaluate(handbookPlan(), shop, []);
  const after = evaluate(handbookPlan(), moved, []);
  expect(after.members[0]?.pieces[0]?.sheet?.bends[0]?.reading).toBe(
    before.members[0]?.pieces[0]?.sheet?.bends[0]?.reading,
  );
  expect(after.drift).toMatchObject([{ newTests: 1, goneTests: 0, changed: [] }]);
  expect(before.drift).toEqual([]);
});
