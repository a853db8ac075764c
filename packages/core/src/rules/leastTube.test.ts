import { expectValue } from '../fault/index.ts';
import { evaluate } from '../evaluate.ts';
import { type Die, EMPTY_SHOP, type MainHoop, type Plan, type Shop } from '../plan/index.ts';
import { type Finding } from '../findings/index.ts';
import { readRuleBook, type RuleBook } from './index.ts';
import { angle, HANDBOOK_CAR, inch, planWith } from '../testing/index.ts';

const test2in = (id: string, reading: string, released: string) => ({
  id,
  od: inch('2'),
  wall: inch('0.095'),
  batch: '',
  reading: angle(reading),
  released: angle(released),
  sound: true,
  note: '',
});

const die: Die = {
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
  tests: [test2in('t1', '35', '30'), test2in('t2', '50', '45'), test2in('t3', '88.5', '84')],
};

const bending = (changes: Partial<MainHoop['bending']> = {}): MainHoop['bending'] => ({
  die: 'd-2in',
  dieAt: {},
  clampSideAt: {},
  springback: { school: 'tests' },
  growRadius: false,
  datum: 'a',
  trimA: inch('1'),
  trimB: inch('1'),
  ...changes,
});

const shop: Shop = {
  ...EMPTY_SHOP,
  machines: [{ id: 'x', name: 'bender', note: '', dies: [die] }],
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

const book = (rules: object[], tubeSchedule: object[] = []): RuleBook =>
  expectValue(
    readRuleBook({
      format: 'gyrus-rule-book',
      version: 1,
      id: 'b',
      title: 'A book',
      body: 'nobody',
      edition: '1',
      provenance: 'invented',
      source: '',
      note: '',
      classes: [{ id: 'ice', title: 'Ice' }],
      tubeSchedule,
      rules: rules.map((check, i) => ({
        id: `r${i}`,
        clause: `${i}`,
        text: '',
        roles: ['main-hoop'],
        classes: [],
        check,
      })),
    }),
  );

const ruled = (
  books: RuleBook[],
  changes: {
    plan?: Partial<Plan>;
    brief?: Partial<Plan['brief']>;
    hoop?: Partial<MainHoop>;
    car?: object;
  } = {},
): Finding[] => {
  const plan = planWith(
    { ...HANDBOOK_CAR, ...changes.car },
    { bending: bending(), ...changes.hoop },
    { dies: [die], ...changes.plan },
  );
  const chosen = { ...plan.brief, books: [{ book: 'b', class: null, edition: null }], ...changes.brief };
  return evaluate({ ...plan, brief: chosen }, shop, books).findings.filter((one) => one.key.startsWith('b/'));
};

const kg = (value: number) => ({ kg: value, typed: `${value} kg` });

const option = (od: string, wall: string, ...kinds: string[]) => ({ od: inch(od), wall: inch(wall), kinds });

const schedule = [
  {
    clause: 'S',
    roles: ['main-hoop'],
    over: null,
    upTo: kg(1000),
    options: [option('1 3/4', '0.095', 'drawn-over-mandrel'), option('2', '0.083', 'alloy')],
  },
  {
    clause: 'S',
    roles: ['main-hoop'],
    over: kg(1000),
    upTo: kg(1500),
    options: [option('2', '0.120', 'drawn-over-mandrel')],
  },
];

const sized = (carWeight: Plan['brief']['carWeight'], hoop: Partial<MainHoop> = {}) =>
  ruled([book([], schedule)], { brief: { carWeight }, hoop })[0];

test('least tube by car weight: a row’s upper weight is its own, any option will do, catalogue sizes compare exactly', () => {
  expect(sized(null)).toMatchObject({ code: 'car-weight-missing', status: 'ask' });
  expect(sized(kg(1000))).toMatchObject({ status: 'clear' });
  expect(sized(kg(1000.5))).toMatchObject({ code: 'tube-wall', status: 'out', limit: { mm: 3.048 } });
  expect(sized(kg(2000))).toMatchObject({ code: 'no-row-for-weight', status: 'ask' });
  const thin = { tube: { od: inch('2'), wall: inch('0.083'), kind: 'alloy', batch: '' } as const };
  expect(sized(kg(900), thin)).toMatchObject({ status: 'clear' });
  expect(sized(kg(900), { tube: { ...thin.tube, kind: 'welded' } })).toMatchObject({
    code: 'tube-kind',
    status: 'out',
  });
  const shortOd = {
    tube: { od: inch('1 5/8'), wall: inch('0.095'), kind: 'drawn-over-mandrel', batch: '' } as const,
  };
  expect(sized(kg(900), shortOd)).toMatchObject({ code: 'tube-od', status: 'out' });
  const nearly = {
    tube: { od: { mm: 50.795, typed: '2' }, wall: inch('0.083'), kind: 'alloy', batch: '' } as const,
  };
  expect(sized(kg(900), nearly)?.status).toBe('clear');
});
