import { evaluate, nextCarPlan, type Plan } from '@gyrus/core';
import { demoPlan, demoShop } from '@gyrus/demo';
import { measuredBeside, tubesBeside } from './besideRows.ts';

const next = nextCarPlan(demoPlan, 'From the demo.');
const sideOf = (plan: Plan) => ({ plan, answers: evaluate(plan, demoShop, []) });

test('a copy has the figures of its first car, and says that nobody measured them here', () => {
  const rows = measuredBeside(next, demoPlan);
  expect(rows.length).toBe(Object.keys(demoPlan.survey.measures).length);
  for (const { here, there, assumed } of rows) expect([here, assumed]).toEqual([there, true]);
  expect(measuredBeside(demoPlan, next).every(({ assumed }) => !assumed)).toBe(true);
  expect(tubesBeside(sideOf(next), sideOf(demoPlan))).toEqual([]);
});

test('what was measured otherwise is beside the last car, and so are the tubes that follow from it', () => {
  const measures = { ...next.survey.measures, headlinerCentre: { mm: 1000, typed: '1000 mm' } };
  delete measures.halfWidthFloorRight;
  const other: Plan = { ...next, survey: { ...next.survey, measures } };
  const rows = measuredBeside(other, demoPlan);
  expect(rows.find(({ name }) => name === 'headliner at the centre')).toEqual({
    ...{ name: 'headliner at the centre', unit: 'mm', here: 1000, assumed: false },
    there: demoPlan.survey.measures.headlinerCentre?.mm,
  });
  expect(rows.find(({ name }) => name === 'half width at the floor, right')?.here).toBeNull();
  const lower: Plan = {
    ...next,
    survey: {
      ...next.survey,
      measures: { ...next.survey.measures, headlinerCentre: { mm: 1000, typed: '1000 mm' } },
    },
  };
  const hoop = tubesBeside(sideOf(lower), sideOf(demoPlan)).find(({ name }) => name === 'MH');
  expect((hoop?.there ?? 0) - (hoop?.here ?? 0)).toBeGreaterThan(10);
  const without: Plan = { ...demoPlan, members: demoPlan.members.filter(({ stamp }) => stamp !== 'RX') };
  expect(tubesBeside(sideOf(without), sideOf(demoPlan)).find(({ name }) => name === 'RX')?.here).toBeNull();
});
