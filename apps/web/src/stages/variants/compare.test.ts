import { evaluate, INCHES, type LengthStyle, MILLIMETRES, type Plan } from '@gyrus/core';
import { demoPlan, demoShop } from '@gyrus/demo';
import { MEASURES_OF_VARIANT } from './compare.ts';

const compared = (plan: Plan, name: string) => {
  const measure = MEASURES_OF_VARIANT.find((one) => one.name === name);
  return measure?.of(plan, evaluate(plan, demoShop, []), { cut: 0, cost: 0, without: [] }, MILLIMETRES);
};

test('a variant whose bars cannot be placed says so first, by their stamps, and is no lighter for it unseen', () => {
  expect(MEASURES_OF_VARIANT[0]?.name).toBe('bars that cannot be placed');
  expect(compared(demoPlan, 'bars that cannot be placed')).toEqual({ value: 0, text: '0' });
  // Without the hoop nearly everything has nothing to stand on.
  const hoop = demoPlan.members.find(({ role }) => role === 'main-hoop');
  const headless: Plan = { ...demoPlan, members: demoPlan.members.filter(({ id }) => id !== hoop?.id) };
  const lost = compared(headless, 'bars that cannot be placed');
  expect(lost?.value).toBeGreaterThan(10);
  expect(lost?.text).toMatch(/^\d+: .*\bBL\b/);
});

test('tube that is sawn is told in metres or feet, and its cost where every price is known', () => {
  const answers = evaluate(demoPlan, demoShop, []);
  const of = (name: string, cost: number | null, without: string[] = [], style: LengthStyle = MILLIMETRES) =>
    MEASURES_OF_VARIANT.find((one) => one.name === name)?.of(
      demoPlan,
      answers,
      { cut: 30_250, cost, without },
      style,
    );
  expect(of('tube sawn off the sticks', null)).toEqual({ value: 30_250, text: '30.3 m' });
  // 30 250 mm are 99.2 ft
  expect(of('tube sawn off the sticks', null, [], INCHES)?.text).toBe('99.2 ft');
  expect(of('cost of that tube', null)).toEqual({ value: null, text: 'not known' });
  expect(of('cost of that tube', 310.5)).toEqual({ value: 310.5, text: '310.50' });
  // A hoop without a die has no blank: what is left out is said, and is not the better for it.
  expect(of('tube sawn off the sticks', null, ['MH', 'D1'])).toEqual({
    value: null,
    text: '30.3 m, without MH, D1',
  });
  expect(of('cost of that tube', 310.5, ['MH'])).toEqual({ value: null, text: '310.50, without MH' });
});
