import { evaluate, type Plan } from '@gyrus/core';
import { demoBooks, demoPlan, demoShop } from '@gyrus/demo';
import { stageSays } from './stages.ts';

const says = (plan: Plan) => stageSays(plan, evaluate(plan, demoShop, demoBooks));

test('a finished survey and chosen die leave marks to take to the bender', () => {
  expect(says(demoPlan)).toMatchObject({
    survey: { text: '17 measured' },
    design: { text: '1 to look at' },
    bend: { text: '4 marks ready' },
    inspect: { text: expect.stringMatching(/^\d+ out$/) as string, tone: 'out' },
  });
});

test('each stage says what it waits for', () => {
  const bare: Plan = {
    ...demoPlan,
    survey: { ...demoPlan.survey, measures: {} },
    brief: { ...demoPlan.brief, books: [] },
  };
  expect(says(bare)).toMatchObject({
    brief: { text: 'no rule book chosen', tone: 'look' },
    survey: { text: '5 still wanted', tone: 'look' },
    design: { text: 'waits for the survey' },
  });
});

test('measures that contradict each other are told at Survey', () => {
  const measures = { ...demoPlan.survey.measures, wallLeanLeft: { deg: 25, typed: '25' } };
  expect(says({ ...demoPlan, survey: { ...demoPlan.survey, measures } }).survey.text).toBe(
    'measures contradict',
  );
});
