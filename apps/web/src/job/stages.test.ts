import { assumed, copesIn, evaluate, findingsIn, type Plan, stageOf } from '@gyrus/core';
import { abroadPlan, demoBooks, demoPlan, demoShop } from '@gyrus/demo';
import { handsOf } from '@gyrus/formats';
import { stageSays } from './stages.ts';

const says = (plan: Plan, typing: Record<string, string> = {}) => {
  const evaluation = evaluate(plan, demoShop, demoBooks);
  const copes = copesIn(plan, evaluation, demoBooks);
  return stageSays(plan, evaluation, findingsIn(plan, evaluation, copes, demoBooks), typing);
};

test('a finished survey and chosen die leave marks to take to the bender', () => {
  expect(says(demoPlan)).toMatchObject({
    survey: { text: '17 measured' },
    design: { text: '1 to look at' },
    bend: { text: '4 marks ready' },
    inspect: { text: expect.stringMatching(/^\d+ look, \d+ ask$/) as string, tone: 'look' },
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

test('before anything is worked out, what the plan alone says is there, and the rest is being counted', () => {
  const early = stageSays(demoPlan, null, null, { 'brief/car': 'x' });
  expect(early.brief).toEqual({ text: 'a box waits', tone: 'look' });
  for (const stage of ['survey', 'design', 'bend', 'cope', 'build', 'inspect'] as const)
    expect(early[stage]).toEqual({ text: 'counting', tone: 'quiet' });
  const bare = { ...demoPlan, survey: { ...demoPlan.survey, measures: {} } };
  expect(stageSays(bare, null, null, {}).survey).toEqual({ text: '5 still wanted', tone: 'look' });
});

test('measures that contradict each other are told at Survey', () => {
  const measures = { ...demoPlan.survey.measures, wallLeanLeft: { deg: 25, typed: '25' } };
  expect(says({ ...demoPlan, survey: { ...demoPlan.survey, measures } }).survey.text).toBe(
    'measures contradict',
  );
});

test('a box whose text is no figure yet waits, and its stage says so', () => {
  expect(says(demoPlan, { 'survey/halfWidthFloorLeft': '26 3/' }).survey).toEqual({
    text: 'a box waits',
    tone: 'look',
  });
  expect(says(demoPlan, { 'member/x/trimA': '1 1/' }).bend.text).toBe('a box waits');
});

test('what nobody measured is counted on the tape until it is', () => {
  const [first, ...more] = demoPlan.occupants;
  if (!first) throw new Error('somebody drives it');
  const plan: Plan = { ...demoPlan, occupants: [{ ...first, shoulder: assumed(first.shoulder) }, ...more] };
  expect(says(plan).survey).toEqual({ text: '3 to measure', tone: 'look' });
});

test('People says who is still to be measured, and then what is wrong with their room', () => {
  const drivers = ['T. Moreau'];
  const named = (plan: Partial<Plan>) => says({ ...demoPlan, occupants: [], ...plan }).harness;
  expect(named({ brief: { ...demoPlan.brief, drivers: [] } })).toEqual({
    text: 'nobody named',
    tone: 'quiet',
  });
  expect(named({ brief: { ...demoPlan.brief, drivers } })).toEqual({ text: '1 to measure', tone: 'look' });
  const someone = { ...demoPlan.occupants[0]!, helmetTop: null };
  expect(named({ occupants: [someone] })).toEqual({ text: '1 to measure', tone: 'look' });
  const evaluation = evaluate(demoPlan, demoShop, demoBooks);
  expect(stageSays(demoPlan, evaluation, null, {}).harness.text).toBe('counting');
  const all = findingsIn(demoPlan, evaluation, copesIn(demoPlan, evaluation, demoBooks), demoBooks);
  const people = all.filter(({ code }) => stageOf(code) === 'people');
  const looks = handsOf(people, demoPlan).open.filter(({ worst }) => worst.status === 'look').length;
  expect(looks).toBeGreaterThan(0);
  expect(says(demoPlan).harness).toEqual({ text: `${looks} to look at`, tone: 'look' });
  expect(says(demoPlan, { 'cockpit/padding': '1/' }).harness.text).toBe('a box waits');
});

test('the tape counts what Inspect shows to be done, and nothing while it is not counted', () => {
  const evaluation = evaluate(abroadPlan, demoShop, demoBooks);
  const all = findingsIn(abroadPlan, evaluation, copesIn(abroadPlan, evaluation, demoBooks), demoBooks);
  const { open } = handsOf(all, abroadPlan);
  const of = (status: string) => open.filter(({ worst }) => worst.status === status).length;
  expect(says(abroadPlan).inspect).toEqual({
    text: `${of('out')} out, ${of('look')} look, ${of('ask')} ask`,
    tone: 'out',
  });
  expect(says(demoPlan).inspect.tone).toBe('look');
  expect(stageSays(demoPlan, evaluation, null, {}).inspect.text).toBe('counting');
  expect(stageSays(demoPlan, evaluation, [], {}).inspect.text).toBe('-');
});

test('the tape says which step of the build is next, where its steps are worked out', () => {
  const evaluation = evaluate(demoPlan, demoShop, demoBooks);
  const build = (progress: { next: number; steps: number } | null) =>
    stageSays(demoPlan, evaluation, null, {}, progress).build.text;
  expect(build(null)).toMatch(/m of tube$/);
  expect([build({ next: 4, steps: 66 }), build({ next: 67, steps: 66 })]).toEqual([
    'step 4 of 66',
    'all 66 steps done',
  ]);
});
