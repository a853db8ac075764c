import { asMade } from './asMade.ts';
import { evaluate } from './evaluate.ts';
import { hoopAnswerOf } from './evaluation.ts';
import { type PulledOtherwise } from './bending/index.ts';
import { expectValue } from './fault/index.ts';
import { itemAt } from './items/index.ts';
import { hoopPlan, shop } from './testing/twoInchShop.ts';

const plan = hoopPlan();
const evaluation = evaluate(plan, shop, []);
const sheet = hoopAnswerOf(evaluation)?.sheet;
if (!sheet) throw new Error('the hoop has a sheet');
const bend = itemAt(sheet.bends, 1);
const otherwise = (how: PulledOtherwise) => ({ bend: bend.number, made: how, toCome: [] });
const made = (angle: number) =>
  expectValue(asMade(plan, evaluation, sheet, otherwise({ angle: bend.angle + angle })));

test('made as planned a tube meets nothing that it does not meet on the plan, and its ends are where they belong', () => {
  const { findings, ends } = made(0);
  expect(findings).toEqual([]);
  expect(ends.a.off + ends.b.off + ends.b.turned).toBeLessThan(1e-6);
});

test('under-bent by ten degrees a leg stands in the body, and its foot is off and leans by as much', () => {
  const { findings, ends } = made(-10);
  expect(findings.map(({ code, status }) => [code, status])).toContainEqual(['in-body', 'out']);
  expect(ends.a).toEqual({ off: 0, turned: expect.closeTo(0, 6) as number });
  expect(ends.b.turned).toBeCloseTo(10, 6);
  expect(ends.b.off).toBeGreaterThan(100);
});

test('a bend that could not lie there is a fault', () => {
  expect(asMade(plan, evaluation, sheet, otherwise({ mark: 5000 }))).toMatchObject({ ok: false });
});
