import { expectValue } from './fault/index.ts';
import { evaluate } from './evaluate.ts';
import { type MainHoop, type Plan, readPlan, type Shop } from './plan/index.ts';
import { type RuleBook } from './rules/index.ts';
import { HANDBOOK_CAR, inch, planWith } from './testing/index.ts';
import { bending, die, shop } from './testing/twoInchShop.ts';

const handbookPlan = (
  changes: Partial<MainHoop['bending']> = {},
  hoop: Partial<MainHoop> = {},
  plan: Partial<Plan> = {},
) => planWith(HANDBOOK_CAR, { bending: bending(changes), ...hoop }, { dies: [die], ...plan });

const codes = (plan: Plan, at: Shop = shop, books: RuleBook[] = []) =>
  evaluate(plan, at, books).findings.map((one) => one.code);

test('what stands in the way is found: stick, trim, die, brief', () => {
  const short: Shop = { ...shop, tubes: shop.tubes.map((tube) => ({ ...tube, stickLength: inch('10 ft') })) };
  expect(codes(handbookPlan(), short)).toContain('longest-stick');
  expect(codes(handbookPlan({ trimA: { mm: 0, typed: '0' } }))).toContain('trim-short');
  expect(codes(handbookPlan({ die: null }))).toContain('no-die');
  expect(codes(handbookPlan({}, {}, { dies: [{ ...die, od: inch('1 3/4') }] }))).toContain('die-od');
  const plan = handbookPlan();
  expect(codes({ ...plan, brief: { ...plan.brief, feetOn: 'floor-sheet', use: 'street-too' } })).toEqual(
    expect.arrayContaining(['show-bar', 'street', 'no-book']),
  );
});

test('a radius too large for the corner is told with its bend, and the plan still evaluates', () => {
  const plan = handbookPlan({}, {}, { dies: [{ ...die, clr: inch('60') }] });
  const { members, findings } = evaluate(plan, shop, []);
  expect(members[0]?.pieces[0]?.sheet).toBeNull();
  const [found] = findings.filter((one) => one.code === 'does-not-bend');
  expect(JSON.stringify(found?.facts)).toContain('bend 1');
});

test('the plan reads back as it was written, and evaluates to plain JSON', () => {
  const plan = handbookPlan();
  expect(expectValue(readPlan(JSON.parse(JSON.stringify(plan))))).toEqual(plan);
  const answers = evaluate(plan, shop, []);
  expect(JSON.parse(JSON.stringify(answers))).toEqual(answers);
});
