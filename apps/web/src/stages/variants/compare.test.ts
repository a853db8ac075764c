import { evaluate, type Plan, wholeCost } from '@gyrus/core';
import { demoPlan, demoShop } from '@gyrus/demo';
import { MEASURES_OF_VARIANT } from './compare.ts';

const compared = (plan: Plan, name: string) => {
  const measure = MEASURES_OF_VARIANT.find((one) => one.name === name);
  return measure?.of(plan, evaluate(plan, demoShop, []), wholeCost([]));
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

test('tube that is sawn is told in metres, and its cost where every price is known', () => {
  const of = (name: string, cost: number | null) =>
    MEASURES_OF_VARIANT.find((one) => one.name === name)?.of(demoPlan, evaluate(demoPlan, demoShop, []), {
      ...wholeCost([]),
      ...{ cut: 30_250, cost },
    });
  expect(of('tube sawn off the sticks, m', null)).toEqual({ value: 30_250, text: '30.25' });
  expect(of('cost of that tube', null)).toEqual({ value: null, text: 'not known' });
  expect(of('cost of that tube', 310.5)).toEqual({ value: 310.5, text: '310.50' });
});
