import { evaluate } from '../evaluate.ts';
import { nextCarPlan } from '../known/index.ts';
import { EMPTY_SHOP, type Plan } from '../plan/index.ts';
import { angle, HANDBOOK_CAR, inch, planWith } from '../testing/index.ts';
import { takenTwice } from './index.ts';

const again = (readings: Plan['survey']['again']): Plan => {
  const plan = planWith({ ...HANDBOOK_CAR, pillarTilt: '4' });
  return { ...plan, survey: { ...plan.survey, again: readings } };
};
const found = (plan: Plan) =>
  evaluate(plan, EMPTY_SHOP, []).findings.filter(({ code }) => code === 'readings-differ');

test('a reading taken again is kept beside the first, and the cage goes by the first', () => {
  const plan = again({ headlinerCentre: inch('41 5/8') });
  expect(takenTwice(plan.survey)).toEqual([
    { key: 'headlinerCentre', counts: 1041.4, other: 1057.275, unit: 'mm' },
  ]);
  const [hoop] = evaluate(plan, EMPTY_SHOP, []).members;
  expect(hoop?.hoop).toEqual(evaluate(again({}), EMPTY_SHOP, []).members[0]?.hoop);
});

test('it is looked at where they differ by more than the tape is trusted to, and says by how much', () => {
  const [one, ...others] = found(again({ headlinerCentre: inch('41 5/8') }));
  expect(others).toEqual([]);
  expect(one).toMatchObject({
    status: 'look',
    measured: { mm: 1041.4 },
    limit: { mm: 1057.275 },
    facts: { measure: { text: 'headlinerCentre' }, apart: { mm: expect.closeTo(15.875, 9) as number } },
  });
  const within = planWith({}).measuringError.mm / 25.4;
  expect(found(again({ headlinerCentre: inch(`${41 + within * 0.9}`) }))).toEqual([]);
});

test('angles have their own unit and their own error; a reading without a first one is no pair', () => {
  const plan = again({ pillarTilt: angle('9'), leanHeight: inch('20') });
  expect(takenTwice(plan.survey)).toEqual([{ key: 'pillarTilt', counts: 4, other: 9, unit: 'deg' }]);
  expect(found(plan)[0]?.facts).toMatchObject({ apart: { deg: 5 } });
});

test('the next car has no second reading yet', () => {
  expect(nextCarPlan(again({ headlinerCentre: inch('41 5/8') }), 'a car').survey.again).toEqual({});
});
