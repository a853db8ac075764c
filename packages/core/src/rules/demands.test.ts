import { type Gusset, type Plan, type Plate } from '../plan/index.ts';
import { factOf, type Status } from '../findings/index.ts';
import { type Rule, type RuleCheck } from './index.ts';
import {
  bar,
  bookOf,
  cageOf,
  deg,
  heightOn,
  mm,
  personOf,
  placeAt,
  plateOf,
  point,
  stationOn,
} from '../testing/index.ts';
import { findingsOf } from '../testing/ruledHoop.ts';

/** Statuses of what a check says of the members of a role, with what it counted. */
const said = (plan: Plan, check: RuleCheck, role: Rule['roles'][number]) =>
  findingsOf(plan, bookOf(check, role)).map(({ code, status, measured }): [string, Status, number | null] => [
    code,
    status,
    measured && 'count' in measured ? measured.count : null,
  ]);

const sides = (id: string, from: number) =>
  bar(id, 'door-bar', point(0, 600, from), point(900, 600, from), { pair: 'mirrored' });

const one = (id: string, y: number) => bar(id, 'door-bar', point(0, y, 300), point(900, y, 300));

const hoop = 'm-hoop';

const across = (id: string, from: number, to: number) =>
  bar(id, 'diagonal', heightOn(hoop, 'left', from), heightOn(hoop, 'right', to));

const stays = bar('b', 'backstay', stationOn(hoop, 'crown-left', -40), point(-700, 500, 200), {
  pair: 'mirrored',
});

const count = (
  least: number,
  per: Extract<RuleCheck, { kind: 'count' }>['per'],
  of: Rule['roles'][number] | null = null,
  and = of,
): RuleCheck => ({
  kind: 'count',
  least,
  per,
  of,
  and,
});

describe('what a book demands and the cage lacks', () => {
  test('a hand hold, at least one: out where there is none, clear where there is', () => {
    expect(said(cageOf(), count(1, 'cage'), 'hand-hold')).toEqual([['none-there', 'out', 0]]);
    const held = cageOf(bar('h', 'hand-hold', point(300, 0, 300), point(400, 0, 300)));
    expect(said(held, count(1, 'cage'), 'hand-hold')).toEqual([['count', 'clear', 1]]);
  });

  test('one continuous tube on each side: out where there is none, on the side that has none', () => {
    const check: RuleCheck = { kind: 'continuous-tube', least: 1, per: 'side' };
    expect(said(cageOf(), check, 'door-bar')).toEqual([['none-there', 'out', 0]]);
    expect(said(cageOf(one('d', 600)), check, 'door-bar')).toEqual([
      ['continuous-count', 'clear', 1],
      ['continuous-count', 'out', 0],
    ]);
    expect(said(cageOf(sides('d', 300)), check, 'door-bar').map(([, status]) => status)).toEqual([
      'clear',
      'clear',
    ]);
  });

  test('each role of a rule is told, and a rule that is for other cars demands nothing', () => {
    const book = bookOf(count(1, 'cage'), 'hand-hold');
    const [rule] = book.rules as [Rule];
    const both = { ...book, rules: [{ ...rule, roles: ['hand-hold', 'sill-bar'] as Rule['roles'] }] };
    expect(findingsOf(cageOf(), both).map((one) => factOf(one, 'role'))).toEqual([
      { text: 'hand-hold' },
      { text: 'sill-bar' },
    ]);
    const open = {
      ...rule,
      when: { roof: 'open' as const, over: null, upTo: null, builtFrom: null, builtTo: null },
    };
    expect(findingsOf(cageOf(), { ...book, rules: [open] })).toEqual([]);
  });

  test('gussets that are asked for are counted, where they are not they are asked after', () => {
    const gusset: Gusset = {
      id: 'g',
      stamp: 'G1',
      kind: 'flat',
      between: [{ member: hoop }, { member: 'm-d' }],
      legs: [mm(80), mm(80)],
      thickness: mm(2),
      holes: [],
      twin: false,
    };
    const check = (least: number | null): RuleCheck => ({
      kind: 'gusset',
      leg: null,
      thickness: mm(1),
      least,
    });
    const plan = cageOf(one('d', 600), { ...one('e', -600), id: 'm-e' });
    expect(said(plan, check(1), 'door-bar')).toEqual([
      ['gusset-count', 'out', 0],
      ['gusset-count', 'out', 0],
    ]);
    expect(said(plan, check(null), 'door-bar')).toEqual([['gusset-none', 'ask', null]]);
    const with1 = { ...plan, gussets: [gusset] };
    expect(said(with1, check(1), 'door-bar').filter(([code]) => code === 'gusset-count')).toEqual([
      ['gusset-count', 'clear', 1],
      ['gusset-count', 'out', 0],
    ]);
  });
});

describe('where bars are counted', () => {
  test('in the whole cage, on each side, on each side that has any', () => {
    const plan = cageOf(one('d', 600), one('e', 550));
    expect(said(plan, count(2, 'cage'), 'door-bar')).toEqual([['count', 'clear', 2]]);
    expect(said(plan, count(2, 'side'), 'door-bar')).toEqual([
      ['count', 'clear', 2],
      ['count', 'out', 0],
    ]);
    expect(said(plan, count(2, 'side-with-any'), 'door-bar')).toEqual([['count', 'clear', 2]]);
  });

  test('two diagonals in the hoop: those with both ends on it', () => {
    const x = cageOf(stays, across('d', 200, 700), across('e', 700, 200));
    expect(said(x, count(2, 'hoop', 'main-hoop'), 'diagonal')).toEqual([['count', 'clear', 2]]);
    const elsewhere = cageOf(
      stays,
      across('d', 200, 700),
      bar('e', 'diagonal', stationOn('m-b', 'end-b', -100), heightOn(hoop, 'right', 700)),
    );
    expect(said(elsewhere, count(2, 'hoop', 'main-hoop'), 'diagonal')).toEqual([['count', 'out', 1]]);
  });

  test('between the backstays is one bay, between hoop and front legs one on each side', () => {
    const cross = bar('x', 'rear-cross', heightOn('m-b', 'left', 500), heightOn('m-b', 'right', 500));
    expect(said(cageOf(stays, cross), count(1, 'bay', 'backstay'), 'rear-cross')).toEqual([
      ['count', 'clear', 1],
    ]);
    expect(said(cageOf(stays, across('d', 200, 700)), count(1, 'bay', 'backstay'), 'diagonal')).toEqual([
      ['count', 'out', 0],
    ]);
    const legs = bar('f', 'front-leg', point(900, 560, 0), point(700, 500, 900), { pair: 'mirrored' });
    const door = bar('d', 'door-bar', heightOn(hoop, 'left', 300), {
      kind: 'height',
      aside: null,
      on: { member: 'm-f', side: 'left' },
      height: mm(300),
    });
    expect(said(cageOf(legs, door), count(1, 'bay', 'main-hoop', 'front-leg'), 'door-bar')).toEqual([
      ['count', 'clear', 1],
      ['count', 'out', 0],
    ]);
  });

  test('a bay that the cage has not is out, and says so', () => {
    expect(said(cageOf(across('d', 200, 700)), count(1, 'bay', 'backstay'), 'diagonal')).toEqual([
      ['count-nowhere', 'out', null],
    ]);
  });
});

describe('the edge that a book means', () => {
  const ended = cageOf(
    stays,
    bar('d', 'diagonal', stationOn(hoop, 'crown-left', 40), heightOn(hoop, 'right', 200)),
  );
  const check = (most: number, reading: 'axis' | 'near' | 'far' | null): RuleCheck => ({
    kind: 'end-distance',
    end: 'upper',
    from: 'joint',
    of: 'backstay',
    edge: 'middle',
    most: mm(most),
    reading,
  });
  const found = (most: number, reading: 'axis' | 'near' | 'far' | null) =>
    findingsOf(ended, bookOf(check(most, reading), 'diagonal'))[0];
  const axis = found(100, 'axis')?.measured as { mm: number };

  test('decides alone: far is half a diameter more than the axis, near half a diameter less', () => {
    expect(found(100, 'far')?.measured).toEqual({ mm: axis.mm + 25.4 });
    expect(found(100, 'near')?.measured).toEqual({ mm: axis.mm - 25.4 });
    expect((['axis', 'near', 'far'] as const).map((one) => found(axis.mm + 10, one)?.status)).toEqual([
      'clear',
      'clear',
      'out',
    ]);
  });

  test('a book that says it leaves nothing to ask; one that does not, takes the strictest and tells', () => {
    expect(found(axis.mm + 10, 'axis')?.facts).toMatchObject({ disagree: { count: 0 } });
    expect(found(axis.mm + 10, null)).toMatchObject({ status: 'out', facts: { disagree: { count: 1 } } });
  });

  test('in the door opening far is the upper edge, near the lower', () => {
    const plan = cageOf(one('d', 600));
    const measures = { ...plan.survey.measures, doorSill: mm(200), doorTop: mm(1000) };
    const high = (reading: 'axis' | 'near' | 'far' | null) =>
      findingsOf(
        { ...plan, survey: { ...plan.survey, measures } },
        bookOf({ kind: 'opening-height', share: 0.5, reading }, 'door-bar'),
      )[0]?.measured;
    expect([high('near'), high('axis'), high('far'), high(null)]).toEqual([
      { mm: 274.6 },
      { mm: 300 },
      { mm: 325.4 },
      { mm: 325.4 },
    ]);
  });
});

test('so far in front of the hoop at most, and so far clear of it at least, are two rules', () => {
  const seated = (x: number): Plan => ({
    ...cageOf(),
    occupants: [{ ...personOf('o'), helmetTop: placeAt(x, 300, 800) }],
  });
  const check = (within: number | null, gap: number | null): RuleCheck => ({
    kind: 'helmet',
    belowLine: null,
    belowTop: null,
    within: within === null ? null : mm(within),
    gap: gap === null ? null : mm(gap),
  });
  const statuses = (x: number, within: number | null, gap: number | null) =>
    findingsOf(seated(x), bookOf(check(within, gap), 'main-hoop')).map(({ code, status }) => [code, status]);
  const [at] = findingsOf(seated(300), bookOf(check(null, 10), 'main-hoop'));
  const gap = (at?.measured as { mm: number }).mm;
  expect(statuses(300, null, gap - 10)).toEqual([['helmet-gap', 'clear']]);
  expect(statuses(300, null, gap - 1)).toEqual([['helmet-gap', 'look']]);
  expect(statuses(300, null, gap + 1)).toEqual([['helmet-gap', 'out']]);
  expect(statuses(300, gap + 10, gap - 10)).toEqual([
    ['helmet-within', 'clear'],
    ['helmet-gap', 'clear'],
  ]);
  expect(statuses(300, gap - 10, null)).toEqual([['helmet-within', 'out']]);
});

test('sheet as thick as the wall goes by the wall of the member’s own tube', () => {
  const walled = (thickness: number): Plan => ({
    ...cageOf(one('d', 600)),
    gussets: [
      {
        id: 'g',
        stamp: 'G1',
        kind: 'flat',
        between: [{ member: hoop }, { member: 'm-d' }],
        legs: [mm(80), mm(80)],
        thickness: mm(thickness),
        holes: [],
        twin: false,
      },
    ],
  });
  // The tube's wall is 0.095 in, 2.413 mm.
  const check: RuleCheck = { kind: 'gusset', leg: null, thickness: mm(1), asWall: true };
  const status = (thickness: number, given = check) =>
    findingsOf(walled(thickness), bookOf(given, 'door-bar'))[0]?.status;
  expect([status(2.4), status(2.413), status(2.41)]).toEqual(['out', 'clear', 'clear']);
  expect(status(2.5, { ...check, thickness: mm(3) })).toBe('out');
});

/** Strengths by ISO 898-1 and SAE J429, from memory. */
test.each([
  ['8.8', '8.8', 'clear'],
  ['8.8', '10.9', 'out'],
  ['12.9', '10.9', 'clear'],
  ['grade 8', '8.8', 'clear'],
  ['Grade 2', '8.8', 'out'],
  ['grade 5', 'class 10.9', 'out'],
  ['stainless', '8.8', 'ask'],
])('a bolt of %s against %s is %s', (grade, boltGrade, status) => {
  const plate: Plate = plateOf({ bolts: { count: 3, size: mm(8), grade, backing: null } });
  const check: RuleCheck = {
    kind: 'plate',
    area: null,
    thickness: null,
    narrowest: null,
    bolts: null,
    boltSize: null,
    boltGrade,
  };
  const plan: Plan = { ...cageOf(), plates: [plate] };
  const found = findingsOf(plan, bookOf(check, 'main-hoop')).find(({ code }) =>
    code.startsWith('bolt-grade'),
  );
  expect(found?.status).toBe(status);
});

describe('a rule whose condition nobody knows', () => {
  const tilted = (tilt: number, buildYear: number | null = null): Plan => {
    const plan = cageOf();
    return {
      ...plan,
      brief: { ...plan.brief, buildYear },
      members: plan.members.map((member) => ({ ...member, tilt: deg(tilt) })),
    };
  };
  const book = bookOf({ kind: 'tilt-from-vertical', most: deg(10) }, 'main-hoop');
  const from2016 = {
    ...book,
    rules: book.rules.map((rule) => ({
      ...rule,
      when: { roof: null, over: null, upTo: null, builtFrom: 2016, builtTo: null },
    })),
  };

  test('asks for the year where it would be out, and says what it would be', () => {
    const [found] = findingsOf(tilted(14), from2016);
    expect(found).toMatchObject({
      status: 'ask',
      would: 'out',
      restsOn: [{ of: 'brief', what: 'buildYear' }],
    });
  });

  test('is clear where it would be, as it is either way', () => {
    expect(findingsOf(tilted(2), from2016)[0]?.status).toBe('clear');
  });

  test('holds or does not, once the year is known', () => {
    expect(findingsOf(tilted(14, 2018), from2016)[0]?.status).toBe('out');
    expect(findingsOf(tilted(14, 2010), from2016)).toEqual([]);
  });

  test('every finding carries when its rule holds', () => {
    expect(findingsOf(tilted(14, 2018), from2016)[0]?.rule?.holds).toMatchObject({
      builtFrom: 2016,
      classes: [],
    });
    expect(findingsOf(tilted(14), book)[0]?.rule?.holds).toBeNull();
  });
});
