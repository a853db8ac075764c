import { evaluate } from '../evaluate.ts';
import { EMPTY_SHOP, type Plan } from '../plan/index.ts';
import { bar, cageOf, mm, point } from '../testing/index.ts';

const answersOf = (plan: Plan) => evaluate(plan, EMPTY_SHOP, []);

// Pappus: volume of a bent tube is its section times the way of its middle, so mass follows the axis.
test('the mass of a bent tube is section times developed length', () => {
  const plan = cageOf(
    bar('x', 'dash-bar', point(0, 500, 500), point(0, -500, 500), {
      shape: { kind: 'bow', towards: 'up', rise: mm(100), angle: null, flat: mm(200) },
    }),
  );
  const tube = answersOf(plan).members.find(({ role }) => role === 'dash-bar')?.pieces[0]?.tube;
  const section = Math.PI * (25.4 ** 2 - (25.4 - 2.413) ** 2);
  expect(tube?.mass).toBeCloseTo((section * (tube?.developed ?? 0) * 7850) / 1e9, 6);
});
