import { copesIn, evaluate, type Plan, type RuleBook, type Shop } from '@gyrus/core';
import { demoPlan, demoShop } from '@gyrus/demo';
import { jest } from '@jest/globals';

// The worker that answers about plans that are not on screen: here in the test's own thread.
jest.unstable_mockModule('../../answers/away.ts', () => ({
  evaluateAway: (plan: Plan, shop: Shop, books: RuleBook[]) => Promise.resolve(evaluate(plan, shop, books)),
  copesAway: (plan: Plan, shop: Shop, books: RuleBook[]) =>
    Promise.resolve(copesIn(plan, evaluate(plan, shop, books), books)),
}));
const { comparedOf, comparedWith, variantName } = await import('./comparedOf.ts');

const priced: Shop = { ...demoShop, tubes: demoShop.tubes.map((tube) => ({ ...tube, price: 60 })) };

test('a plan on screen and the same one from elsewhere are compared by the same figures', async () => {
  const answers = evaluate(demoPlan, priced, []);
  const here = comparedWith(
    'main plan',
    demoPlan,
    { answers, copes: copesIn(demoPlan, answers, []) },
    {
      shop: priced,
      guided: false,
    },
  );
  const there = await comparedOf('main plan', demoPlan, { shop: priced, books: [], guided: false });
  expect(there.tube).toEqual(here.tube);
  expect(here.tube.without).toEqual([]);
  // Sawn is more than what stands in the cage: trims and the saw's pilot are lost.
  expect(here.tube.cut / 1000).toBeGreaterThan(answers.totals.metres);
  expect(here.tube.cost).toBeGreaterThan(0);
});

test('a saw that is guided saws less; a hoop without a die is named as left out', async () => {
  const guided = await comparedOf('a', demoPlan, { shop: priced, books: [], guided: true });
  const free = await comparedOf('a', demoPlan, { shop: priced, books: [], guided: false });
  expect(guided.tube.cut).toBeLessThan(free.tube.cut);
  const plan: Plan = {
    ...demoPlan,
    members: demoPlan.members.map((one) =>
      one.role === 'main-hoop' ? { ...one, bending: { ...one.bending, die: null, dieAt: {} } } : one,
    ),
  };
  const without = await comparedOf('a', plan, { shop: priced, books: [], guided: false });
  expect(without.tube.without).toEqual(['MH']);
  expect(without.tube.cut).toBeLessThan(free.tube.cut);
});

test('the main plan is called so, a variant by its name', () => {
  expect([variantName('main'), variantName('X brace')]).toEqual(['main plan', 'X brace']);
});
