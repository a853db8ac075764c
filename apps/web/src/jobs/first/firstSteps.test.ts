import { demoShop } from '@gyrus/demo';
import { firstSteps } from './useFirstSteps.ts';

const there = (...given: Parameters<typeof firstSteps>) => firstSteps(...given).map((step) => step.there);
const job = (name: string, archived = false) => ({ name, archived });

test('an empty program has none of its three things; a bender without a die is not enough', () => {
  expect(there({ machines: [] }, [], [])).toEqual([null, null, null]);
  const [machine] = demoShop.machines;
  if (!machine) throw new Error('the demo has a bender');
  const bare = { machines: [{ ...machine, dies: [] }] };
  expect(firstSteps(bare, [], [])[0]).toMatchObject({ there: null, act: 'Add its die' });
  expect(firstSteps({ machines: [] }, [], [])[0]?.act).toBe('Add the bender');
});

test('what is there is named, the first two of many, each once; what is put away does not count', () => {
  const books = ['A', 'B', 'B', 'C'].map((title) => ({ title }));
  expect(there({ machines: [] }, books, [job('Old', true)])).toEqual([null, 'A, B and 1 more', null]);
  expect(there({ machines: [] }, [], [job('Van'), job('Old', true)])[2]).toBe('Van');
  expect(there(demoShop, [], [])[0]).toMatch(/ and \d+ more$/);
});
