import { evaluate } from '../evaluate.ts';
import { EMPTY_SHOP } from '../plan/index.ts';
import { bookOf, cageOf, choosing } from '../testing/index.ts';

test('“over a weight” begins above it: a car of just that weight is not over', () => {
  const kilograms = (kg: number) => ({ kg, typed: `${kg} kg` });
  const book = bookOf({ kind: 'ask', question: 'Is it?' }, 'main-hoop');
  const heavy = {
    ...book,
    rules: book.rules.map((rule) => ({
      ...rule,
      when: { roof: null, over: kilograms(1000), upTo: kilograms(1200), builtFrom: null, builtTo: null },
    })),
  };
  const holds = (kg: number) => {
    const plan = choosing(cageOf(), heavy);
    const weighed = { ...plan, brief: { ...plan.brief, carWeight: kilograms(kg) } };
    return evaluate(weighed, EMPTY_SHOP, [heavy]).findings.some(({ rule }) => rule !== null);
  };
  expect([1000, 1000.001, 1200, 1200.001].map(holds)).toEqual([false, true, true, false]);
});
