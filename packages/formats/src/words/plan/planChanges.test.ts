import { INCHES, type Plan } from '@gyrus/core';
import { demoPlan } from '@gyrus/demo';
import { planChangesWords } from './planChanges.ts';

const inch = (value: number) => ({ mm: value * 25.4, typed: `${value} in` });
const measured = (changes: Partial<Plan['survey']['measures']>): Plan => ({
  ...demoPlan,
  survey: { ...demoPlan.survey, measures: { ...demoPlan.survey.measures, ...changes } },
});
const words = (to: Plan, from: Plan = demoPlan) => planChangesWords(from, to, INCHES);

test('a figure is told with what it was and what it is, in the reader’s unit', () => {
  expect(words(measured({ halfWidthFloorLeft: inch(29.5) }))).toBe(
    'half width at the floor, left 29 1/4 in → 29 1/2 in',
  );
  expect(words(demoPlan)).toBe('');
});

test('what came and went is named, and counted where there is more than one of a kind', () => {
  const [first, second, ...others] = demoPlan.plates;
  if (!first || !second) throw new Error('the demo stands on plates');
  expect(words({ ...demoPlan, plates: [second, ...others] })).toBe('plate P1 taken out');
  expect(words({ ...demoPlan, plates: others })).toBe('2 plates taken out');
  expect(words(demoPlan, { ...demoPlan, plates: others })).toBe('2 plates added');
  const member = demoPlan.members.find(({ role }) => role === 'backstay');
  const without = { ...demoPlan, members: demoPlan.members.filter((one) => one !== member), fitOrder: [] };
  expect(words(without)).toBe('backstay B taken out');
});

test('three changes are said and the others counted', () => {
  const to = measured({
    halfWidthFloorLeft: inch(29),
    halfWidthFloorRight: inch(29),
    halfWidthRoofLeft: inch(23),
    halfWidthRoofRight: inch(23),
    headlinerCentre: inch(42),
  });
  expect(words(to).split('; ')).toHaveLength(4);
  expect(words(to)).toMatch(/; 2 more$/);
});

test('an order that changed alone is told, and is left out beside what it comes with', () => {
  const turned = { ...demoPlan, fitOrder: [...demoPlan.fitOrder].reverse() };
  expect(words(turned)).toMatch(/^fit order/);
  expect(words({ ...turned, units: { ...demoPlan.units, length: 'mm' } })).not.toContain('fit order');
});

test('names and weights are told as they are, and from nothing without an arrow', () => {
  const bare = { ...demoPlan, brief: { ...demoPlan.brief, drivers: [], carWeight: null } };
  const named = {
    ...demoPlan,
    brief: { ...demoPlan.brief, drivers: ['A. Holm', 'B. Rask'], carWeight: { kg: 1090, typed: '1090' } },
  };
  // 1 090 kg are 2 403 lb
  expect(words(named, bare)).toMatch(
    /drivers A\. Holm, B\. Rask.*2403 lb|2403 lb.*drivers A\. Holm, B\. Rask/,
  );
  expect(words(bare, named)).toMatch(/drivers A\. Holm, B\. Rask → nothing/);
});
