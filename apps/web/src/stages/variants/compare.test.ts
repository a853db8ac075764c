import { evaluate, type Plan } from '@gyrus/core';
import { demoPlan, demoShop } from '@gyrus/demo';
import { MEASURES_OF_VARIANT } from './compare.ts';

const compared = (plan: Plan, name: string) => {
  const measure = MEASURES_OF_VARIANT.find((one) => one.name === name);
  return measure?.of(plan, evaluate(plan, demoShop, []));
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
