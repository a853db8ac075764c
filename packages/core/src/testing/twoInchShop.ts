import { type BendSheet } from '../cage/index.ts';
import { evaluate } from '../evaluate.ts';
import { hoopAnswerOf } from '../evaluation.ts';
import { issuedAnswers, type IssuedAnswers } from '../floor/index.ts';
import { type Die, EMPTY_SHOP, type MainHoop, type Plan, type Shop } from '../plan/index.ts';
import { angle, HANDBOOK_CAR, inch, planWith } from './index.ts';

/** A test bend in 2 × 0.095 in tube: what the dial read, and what the bend was when released. */
export const test2in = (id: string, reading: string, released: string) => ({
  id,
  od: inch('2'),
  wall: inch('0.095'),
  kind: null,
  batch: '',
  made: 'test' as const,
  reading: angle(reading),
  released: angle(released),
  sound: true,
  note: '',
});

/** A die for 2 in tube with three sound test bends. */
export const die: Die = {
  id: 'd-2in',
  machine: 'bender',
  name: '2 in',
  od: inch('2'),
  clr: inch('6'),
  reference: 'start',
  offset: inch('4 1/2'),
  clampLength: inch('5'),
  trailing: inch('3'),
  largestAngle: angle('120'),
  finishedRadius: null,
  dialStep: null,
  dialZero: null,
  takes: [],
  tests: [test2in('t1', '35', '30'), test2in('t2', '50', '45'), test2in('t3', '88.5', '84')],
};

/** A hoop bent on that die, from end A. */
export const bending = (changes: Partial<MainHoop['bending']> = {}): MainHoop['bending'] => ({
  die: 'd-2in',
  dieAt: {},
  clampSideAt: {},
  order: null,
  springback: { school: 'tests' },
  growRadius: false,
  datum: 'a',
  trimA: inch('1'),
  trimB: inch('1'),
  ...changes,
});

/** A shop with that die, and sticks of the tube. */
export const shop: Shop = {
  ...EMPTY_SHOP,
  machines: [{ id: 'x', name: 'bender', note: '', setting: null, dies: [die] }],
  tubes: [
    {
      id: 't',
      od: inch('2'),
      wall: inch('0.095'),
      kind: 'drawn-over-mandrel',
      batch: '',
      stickLength: inch('20 ft'),
    },
  ],
};

/** The handbook's car with its hoop on a die. */
export const hoopPlan = (changes: Partial<MainHoop['bending']> = {}, made: Die = die): Plan => {
  const plan = planWith(HANDBOOK_CAR);
  const [hoop] = plan.members;
  if (!hoop) throw new Error('the plan has a hoop');
  return { ...plan, dies: [made], members: [{ ...hoop, bending: bending(changes) }] };
};

/** The mark-out of the handbook's hoop on that die. */
export function hoopSheet(changes: Partial<MainHoop['bending']> = {}, made = die): BendSheet {
  const sheet = hoopAnswerOf(evaluate(hoopPlan(changes, made), shop, []))?.sheet;
  if (!sheet) throw new Error('the hoop has a sheet');
  return sheet;
}

/** The same as it is issued. */
export function hoopIssued(changes: Partial<MainHoop['bending']> = {}): IssuedAnswers {
  const plan = hoopPlan(changes, die);
  const [hoop] = plan.members;
  const answers =
    hoop &&
    issuedAnswers(plan, hoop, { side: null, sheet: hoopSheet(changes) }, null, { findings: [], shop });
  if (!answers) throw new Error('the hoop can be issued');
  return answers;
}
