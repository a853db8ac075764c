import { type PulledOtherwise } from './bending/index.ts';
import { evaluate } from './evaluate.ts';
import { hoopAnswerOf } from './evaluation.ts';
import { itemAt } from './items/index.ts';
import { type MainHoop } from './plan/index.ts';
import { stillBecomes } from './stillBecomes.ts';
import { mm } from './testing/index.ts';
import { hoopPlan, shop } from './testing/twoInchShop.ts';

/** The handbook's hoop with so much to cut off at each end. */
function hoop(trim: number, changes: Partial<MainHoop['bending']> = {}) {
  const plan = hoopPlan({ trimA: mm(trim), trimB: mm(trim), ...changes });
  const evaluation = evaluate(plan, shop, []);
  const sheet = hoopAnswerOf(evaluation)?.sheet;
  if (!sheet) throw new Error('the hoop has a sheet');
  const order = sheet.steps.map((step) => step.bend);
  const becomes = (at: number, made: PulledOtherwise) =>
    stillBecomes(plan, evaluation, sheet, {
      made,
      bend: itemAt(order, at),
      toCome: order.slice(at + 1),
    });
  return { sheet, becomes, order };
}

test('a first bend that lies off its mark moves all marks after it, while there is trim to take it', () => {
  const { sheet, becomes, order } = hoop(100);
  const [own] = becomes(0, { mark: 30 }) ?? [];
  expect(own).toMatchObject({ own: true, turned: false });
  expect(own?.shift).toBeCloseTo(30, 6);
  expect(own?.cut).toEqual([expect.closeTo(130, 6), expect.closeTo(70, 6)]);
  // Every other mark as far over.
  expect(own?.toCome.map(({ bend, mark }) => [bend, mark])).toEqual(
    order.slice(1).map((bend) => {
      const planned = sheet.bends.find(({ number }) => number === bend);
      return [bend, expect.closeTo((planned?.mark ?? 0) + 30, 6) as number];
    }),
  );
  const late = becomes(0, { mark: 120 });
  expect(late?.filter(({ shift }) => shift !== null)).toEqual([]);
});

test('a hoop of two like sides takes a first bend that was marked from the wrong end, turned end for end', () => {
  const { sheet, becomes, order } = hoop(100);
  const first = sheet.bends.find(({ number }) => number === order[0]);
  const other = sheet.bends.find(({ number }) => number !== order[0]);
  if (!first || !other) throw new Error('the hoop has two bends');
  // Where the other bend belongs.
  const mark = other.tangentA - first.tangentA;
  const turned = becomes(0, { mark })?.find((one) => one.turned);
  expect(turned).toMatchObject({ own: true, shift: null });
  expect(turned?.toCome).toHaveLength(1);
  expect(turned?.cut).toEqual([expect.closeTo(100, 3), expect.closeTo(100, 3)]);
});

test('as planned it becomes nothing else, and neither does a second bend whose first is made: the straight between is what it is', () => {
  const { becomes } = hoop(100);
  expect(becomes(0, {})).toBeNull();
  expect(becomes(0, { mark: 1 })).toBeNull();
  expect(becomes(1, { mark: 30 })).toEqual([]);
});

test('an angle beyond that of any tube of the cage becomes nothing, one that is short is pulled on', () => {
  const { sheet, becomes } = hoop(100);
  const { angle } = itemAt(sheet.bends, 0);
  expect(becomes(0, { mark: 30, angle: angle + 20 })).toEqual([]);
  expect(becomes(0, { mark: 30, angle: angle - 20 })?.[0]?.shift).toBeCloseTo(30, 6);
  expect(becomes(0, { angle: angle - 20 })).toBeNull();
});
