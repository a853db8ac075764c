import { EMPTY_SHOP, evaluate, type Plan } from '@gyrus/core';
import { demoPlan } from '@gyrus/demo';
import { litTubes } from './litTubes.ts';

const cageOf = (plan: Plan) => evaluate(plan, EMPTY_SHOP, []);
const without = (role: string): Plan => ({
  ...demoPlan,
  members: demoPlan.members.filter((one) => one.role !== role),
});

test('what one cage has and another has not is lit in both pictures, and nothing else', () => {
  const cages = [cageOf(demoPlan), cageOf(without('windscreen-bar'))];
  const windscreen = demoPlan.members.find(({ role }) => role === 'windscreen-bar');
  expect(litTubes(cages, 0)).toEqual([windscreen?.pieces.map(({ id }) => id), []]);
  expect(litTubes(cages, 1)).toEqual([windscreen?.pieces.map(({ id }) => id), []]);
  expect(litTubes([cages[0]!, cageOf(demoPlan)], 0)).toEqual([[], []]);
});

test('a tube of another section, or elsewhere, is another tube', () => {
  const thicker: Plan = {
    ...demoPlan,
    members: demoPlan.members.map((one) =>
      one.role === 'diagonal' ? { ...one, tube: { ...one.tube, wall: { mm: 3, typed: '3 mm' } } } : one,
    ),
  };
  const [own, other] = litTubes([cageOf(demoPlan), cageOf(thicker)], 0);
  expect(own).toEqual(demoPlan.members.find(({ role }) => role === 'diagonal')?.pieces.map(({ id }) => id));
  expect(other).toEqual(own);
});
