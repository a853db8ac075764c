import { expectValue } from './fault/index.ts';
import { evaluate, hoopAnswerOf } from './evaluate.ts';
import { type Die, EMPTY_SHOP, type MainHoop, type Plan, readPlan, type Shop } from './plan/index.ts';
import { type Finding } from './findings/index.ts';
import { readRuleBook, type RuleBook } from './rules/index.ts';
import { angle, HANDBOOK_CAR, inch, LEANING_CAR, planWith } from './testing/index.ts';

const IN = 25.4;
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
const handbookPlan = (
  changes: Partial<MainHoop['bending']> = {},
  hoop: Partial<MainHoop> = {},
  plan: Partial<Plan> = {},
) => planWith(HANDBOOK_CAR, { bending: bending(changes), ...hoop }, { dies: [die], ...plan });
const codes = (plan: Plan, at: Shop = shop, books: RuleBook[] = []) =>
  evaluate(plan, at, books).findings.map((one) => one.code);

test('from the survey to the blank: starts at 35.600 and 83.473 in, blank 128.01 in [handbook §4, chained]', () => {
  const answer = hoopAnswerOf(evaluate(handbookPlan(), shop, []));
  const bends = answer?.sheet?.bends ?? [];
  expect((bends[0]?.tangentA ?? 0) / IN).toBeCloseTo(35.6, 3);
  expect(Math.abs((bends[1]?.tangentA ?? 0) / IN - 83.474)).toBeLessThan(0.001);
  expect((answer?.sheet?.blank ?? 0) / IN).toBeCloseTo(128.01, 2);
});

test('marks stand the clamp’s offset ahead of the bend, on the side of the middle', () => {
  const bends = hoopAnswerOf(evaluate(handbookPlan(), shop, []))?.sheet?.bends ?? [];
  expect(bends.map((bend) => bend.clampSide)).toEqual(['b', 'a']);
  expect(((bends[0]?.mark ?? 0) - (bends[0]?.tangentB ?? 0)) / IN).toBeCloseTo(4.5, 9);
  expect(((bends[1]?.tangentA ?? 0) - (bends[1]?.mark ?? 0)) / IN).toBeCloseTo(4.5, 9);
});

test('steps go from the middle outward, turn the tube end for end once, and stay in one plane', () => {
  const plan = planWith(LEANING_CAR, { bending: bending() }, { dies: [die] });
  const steps = hoopAnswerOf(evaluate(plan, shop, []))?.sheet?.steps ?? [];
  expect(steps.map((step) => step.bend)).toEqual([2, 1, 3, 4]);
  expect(steps.map((step) => step.endForEnd)).toEqual([false, false, true, false]);
  expect(steps.every((step) => step.turn === 0)).toBe(true);
});

test('the clamp moves to the outer side where only that has the straight it needs', () => {
  const long = { ...die, clampLength: inch('36') };
  const plan = planWith(LEANING_CAR, { bending: bending() }, { dies: [long] });
  const bends = hoopAnswerOf(evaluate(plan, shop, []))?.sheet?.bends ?? [];
  expect(bends.map((bend) => bend.clampSide)).toEqual(['b', 'b', 'a', 'a']);
  const [first] = evaluate(plan, shop, []).findings.filter((one) => one.code === 'clamp-straight');
  expect(first?.status).toBe('out');
});

test('a measured finished radius is used as it is, and does not grow again', () => {
  const measured = { ...die, finishedRadius: inch('6.3') };
  const plan = handbookPlan(
    { growRadius: true, springback: { school: 'share', share: 0.1 } },
    {},
    { dies: [measured] },
  );
  expect(hoopAnswerOf(evaluate(plan, shop, []))?.sheet?.bends[0]?.finishedClr).toBeCloseTo(6.3 * IN, 9);
});

test('without test bends the reading comes from theory, and says that a test is due', () => {
  const untested = { ...die, tests: [] };
  const plan = handbookPlan({}, {}, { dies: [untested] });
  const { findings, members } = evaluate(plan, shop, []);
  expect(members[0]?.pieces[0]?.sheet?.bends[0]?.school).toBe('theory-without-tests');
  expect(findings.map((one) => one.code)).toContain('test-bend-due');
});

test('tests in another tube or that slipped do not count', () => {
  const spoiled = {
    ...die,
    tests: die.tests.map((one, i) => ({ ...one, sound: i > 0, wall: i > 1 ? inch('0.120') : one.wall })),
  };
  const plan = handbookPlan({}, {}, { dies: [spoiled] });
  expect(hoopAnswerOf(evaluate(plan, shop, []))?.sheet?.bends[0]?.testCount).toBe(1);
});

test('a target far outside the tests is said to be', () => {
  const low = { ...die, tests: die.tests.slice(0, 2) };
  expect(codes(handbookPlan({}, {}, { dies: [low] }))).toContain('extrapolated');
});

test('new test bends never move a pinned plan; they are told', () => {
  const more = { ...die, tests: [...die.tests, test2in('t4', '95', '90')] };
  const moved: Shop = { ...shop, machines: [{ id: 'x', name: 'bender', note: '', dies: [more] }] };
  const before = evaluate(handbookPlan(), shop, []);
  const after = evaluate(handbookPlan(), moved, []);
  expect(after.members[0]?.pieces[0]?.sheet?.bends[0]?.reading).toBe(
    before.members[0]?.pieces[0]?.sheet?.bends[0]?.reading,
  );
  expect(after.drift).toMatchObject([{ newTests: 1, goneTests: 0, changed: [] }]);
  expect(before.drift).toEqual([]);
});

test('what stands in the way is found: stick, trim, die, brief', () => {
  const short: Shop = { ...shop, tubes: shop.tubes.map((tube) => ({ ...tube, stickLength: inch('10 ft') })) };
  expect(codes(handbookPlan(), short)).toContain('longest-stick');
  expect(codes(handbookPlan({ trimA: { mm: 0, typed: '0' } }))).toContain('trim-short');
  expect(codes(handbookPlan({ die: null }))).toContain('no-die');
  expect(codes(handbookPlan({}, {}, { dies: [{ ...die, od: inch('1 3/4') }] }))).toContain('die-od');
  const plan = handbookPlan();
  expect(codes({ ...plan, brief: { ...plan.brief, feetOn: 'floor-sheet', use: 'street-too' } })).toEqual(
    expect.arrayContaining(['show-bar', 'street', 'no-book']),
  );
});

test('a radius too large for the corner is told with its bend, and the plan still evaluates', () => {
  const plan = handbookPlan({}, {}, { dies: [{ ...die, clr: inch('60') }] });
  const { members, findings } = evaluate(plan, shop, []);
  expect(members[0]?.pieces[0]?.sheet).toBeNull();
  const [found] = findings.filter((one) => one.code === 'does-not-bend');
  expect(JSON.stringify(found?.facts)).toContain('bend 1');
});

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

test('tilt: clear, within the protractor’s error, out', () => {
  const limit = [book([{ kind: 'tilt-from-vertical', most: angle('10') }])];
  const status = (tilt: string) => ruled(limit, { car: { pillarTilt: tilt } })[0]?.status;
  expect([status('9.4'), status('9.5'), status('9.7'), status('10'), status('10.1')]).toEqual([
    'clear',
    'clear',
    'look',
    'look',
    'out',
  ]);
  expect(ruled(limit, { car: { pillarTilt: '-9.7' } })[0]).toMatchObject({
    status: 'look',
    measured: { deg: 9.7 },
    limit: { deg: 10 },
    margin: { deg: expect.closeTo(0.3, 9) as number },
    rule: { clause: '0', provenance: 'invented' },
  });
});

test('the measuring error can be set', () => {
  const limit = [book([{ kind: 'tilt-from-vertical', most: angle('10') }])];
  const careful = { plan: { measuringError: { mm: 3, deg: 0.1 } }, car: { pillarTilt: '9.7' } };
  expect(ruled(limit, careful)[0]?.status).toBe('clear');
});

test('radius and bends against the book; the radius is a catalogue size and compares as it is', () => {
  expect(ruled([book([{ kind: 'least-clr-ratio', ratio: 3 }])])[0]).toMatchObject({
    status: 'clear',
    measured: { ratio: expect.closeTo(3, 9) as number },
  });
  expect(ruled([book([{ kind: 'least-clr-ratio', ratio: 3.5 }])])[0]?.status).toBe('out');
  const bends = ruled([book([{ kind: 'bends', most: 1, largestAngle: angle('85.5') }])]);
  expect(bends.map((one) => [one.code, one.status])).toEqual([
    ['bend-count', 'out'],
    ['bend-angle', 'look'],
  ]);
});

test('a continuous tube is one piece', () => {
  const rule = [book([{ kind: 'continuous-tube' }])];
  expect(ruled(rule)[0]?.status).toBe('clear');
  const pieces = [
    { id: 'p-hoop', stamp: 'MH' },
    { id: 'p2', stamp: 'M2' },
  ];
  expect(ruled(rule, { hoop: { pieces } })[0]?.status).toBe('out');
});

test('what cannot be computed is asked, never passed; an answer settles it', () => {
  const rule = [book([{ kind: 'ask', question: 'Inspection hole drilled?' }])];
  expect(ruled(rule)[0]?.status).toBe('ask');
  const answered = (answer: 'yes' | 'no') =>
    ruled(rule, {
      plan: { answers: { 'b/r0/m-hoop': { answer, by: 'E. L.', note: '', on: null, photos: [] } } },
    })[0]?.status;
  expect([answered('yes'), answered('no')]).toEqual(['clear', 'out']);
});

test('rules wait for a hoop, and a book that is not at hand is told', () => {
  expect(
    ruled([book([{ kind: 'tilt-from-vertical', most: angle('10') }])], { car: { headlinerCentre: '1' } })[0],
  ).toMatchObject({ code: 'waiting', status: 'ask' });
  expect(ruled([])[0]).toMatchObject({ code: 'book-missing', status: 'ask' });
});

test('a rule of a class holds for that class alone', () => {
  const ice = book([{ kind: 'continuous-tube' }]);
  const limited = [{ ...ice, rules: ice.rules.map((rule) => ({ ...rule, classes: ['ice'] })) }];
  // While none is chosen it is asked, not passed over.
  expect(ruled(limited)).toMatchObject([{ code: 'class-missing', status: 'ask' }]);
  expect(ruled(limited, { brief: { books: [{ book: 'b', class: 'ice', edition: null }] } })).toHaveLength(1);
});

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

test('the plan reads back as it was written, and evaluates to plain JSON', () => {
  const plan = handbookPlan();
  expect(expectValue(readPlan(JSON.parse(JSON.stringify(plan))))).toEqual(plan);
  const answers = evaluate(plan, shop, []);
  expect(JSON.parse(JSON.stringify(answers))).toEqual(answers);
});
