import fc from 'fast-check';
import { evaluate } from '../evaluate.ts';
import { EMPTY_SHOP, type Plan } from '../plan/index.ts';
import { applyRemedy, factOf } from '../findings/index.ts';
import { editionChanges, matrixOf, type RuleBook, type RuleCheck, tightestOf } from './index.ts';
import {
  bar,
  bookOf,
  cageOf,
  choosing,
  deg,
  heightOn,
  mm,
  personOf,
  placeAt,
  point,
  stationOn,
} from '../testing/index.ts';
import { findingsOf, worst } from '../testing/ruledHoop.ts';

const hoopTop = 'crown-left';

const hoop = 'm-hoop';

/** A backstay from the hoop's left corner down to a point so far behind it. */
const backstay = (behind: number, along = 0) =>
  cageOf(bar('b', 'backstay', stationOn(hoop, hoopTop, along), point(-behind, 500, 200)));

const seated = (
  plan: Plan,
  shoulder: [number, number, number],
  helmetTop: [number, number, number],
): Plan => ({
  ...plan,
  occupants: [
    {
      ...personOf('o'),
      name: 'A. N.',
      shoulder: placeAt(...shoulder),
      helmetTop: placeAt(...helmetTop),
    },
  ],
});

/** A level harness bar across the hoop, and somebody's shoulder so far ahead of it and at 600 mm. */
const harness = (height: number) =>
  seated(
    cageOf(bar('h', 'harness-bar', heightOn(hoop, 'left', height), heightOn(hoop, 'right', height))),
    [250, 300, 600],
    [200, 300, 900],
  );

test('a distance is read to the axis and to both edges: the strictest decides, a disagreement is told', () => {
  const check: RuleCheck = {
    kind: 'end-distance',
    end: 'upper',
    from: 'bend',
    of: null,
    edge: 'middle',
    most: mm(100),
  };
  const [found] = findingsOf(backstay(800, -90), bookOf(check, 'backstay'));
  expect(found?.status).toBe('out');
  // 90 mm along the hoop, part of it round its bend: a little less straight across.
  const fact = (name: string) => found && factOf(found, name);
  const axis = (fact('axis') as { mm: number }).mm;
  expect(axis).toBeGreaterThan(85);
  expect(axis).toBeLessThan(90);
  expect(fact('near')).toEqual({ mm: expect.closeTo(axis - 25.4, 9) as number });
  expect(found?.measured).toEqual({ mm: expect.closeTo(axis + 25.4, 9) as number });
  expect(fact('disagree')).toEqual({ count: 1 });
});

test('straps are judged as they are fastened: wrapped over the bar they pull down less, and the remedy knows it', () => {
  const book = bookOf({ kind: 'harness-window', least: deg(0), most: deg(20) }, 'harness-bar');
  const fastened = (attach: Plan['harness']['attach']): Plan => {
    const plan = harness(590);
    return { ...plan, harness: { ...plan.harness, attach } };
  };
  const said = (plan: Plan) => findingsOf(plan, book)[0];
  expect([said(fastened('tab'))?.status, said(fastened('over'))?.status]).toEqual(['clear', 'out']);
  const remedy = said(fastened('over'))?.remedy;
  if (!remedy) throw new Error('the bar can be lowered');
  expect(said(applyRemedy(fastened('over'), remedy))?.status).toBe('clear');
});

test('a hoop is straight from the side though its feet fall together there, and is not from the front', () => {
  const seen = (view: 'side' | 'front') =>
    findingsOf(cageOf(), bookOf({ kind: 'straight', view }, 'main-hoop'))[0];
  expect(seen('side')?.status).toBe('clear');
  expect(seen('front')?.status).toBe('out');
  // Feet of different heights, one on a higher landing: still one plane.
  const start = cageOf();
  const landed = {
    ...start,
    survey: { ...start.survey, measures: { ...start.survey.measures, landingLeft: mm(40) } },
  };
  expect(findingsOf(landed, bookOf({ kind: 'straight', view: 'side' }, 'main-hoop'))[0]?.status).toBe(
    'clear',
  );
});

test('a rule holds by roof, weight and year; what the brief does not know is held', () => {
  const check: RuleCheck = { kind: 'ask', question: 'open?' };
  const book = bookOf(check, 'main-hoop');
  const when = (changes: object) => ({
    ...book,
    rules: book.rules.map((rule) => ({
      ...rule,
      when: { roof: null, over: null, upTo: null, builtFrom: null, builtTo: null, ...changes },
    })),
  });
  const plan = (brief: Partial<Plan['brief']>): Plan => {
    const start = cageOf();
    return { ...start, brief: { ...start.brief, ...brief } };
  };
  const asked = (given: RuleBook, brief: Partial<Plan['brief']>) => findingsOf(plan(brief), given).length;
  expect(asked(when({ roof: 'open' }), { roof: 'closed' })).toBe(0);
  expect(asked(when({ roof: 'open' }), { roof: 'open' })).toBe(1);
  expect(asked(when({ builtTo: 1989 }), { buildYear: 1990 })).toBe(0);
  expect(asked(when({ builtTo: 1989 }), { buildYear: null })).toBe(1);
  expect(
    asked(when({ over: { kg: 900, typed: '900 kg' } }), { carWeight: { kg: 900, typed: '900 kg' } }),
  ).toBe(0);
});

test('tightening a limit never turns out into clear', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 200, max: 1500 }),
      fc.integer({ min: 5, max: 60 }),
      fc.integer({ min: 1, max: 25 }),
      (behind, limit, tighter) => {
        const status = (least: number) =>
          worst(
            findingsOf(
              backstay(behind),
              bookOf({ kind: 'angle', from: 'vertical', least: deg(least), most: null }),
            ),
          );
        const rank = { clear: 0, ask: 1, look: 2, out: 3 };
        expect(rank[status(limit + tighter) ?? 'ask']).toBeGreaterThanOrEqual(rank[status(limit) ?? 'ask']);
      },
    ),
    { numRuns: 25 },
  );
});

test('several books: members against books, and the tightest limit of each kind', () => {
  const angle = (least: number): RuleCheck => ({
    kind: 'angle',
    from: 'vertical',
    least: deg(least),
    most: null,
  });
  const [loose, tight] = [bookOf(angle(20)), { ...bookOf(angle(35)), id: 'c', title: 'Another' }];
  const plan = choosing(backstay(800), loose, tight);
  const { findings } = evaluate(plan, EMPTY_SHOP, [loose, tight]);
  const row = matrixOf(plan.members, findings).find(({ member }) => member === 'm-b');
  expect(row?.cells.map(({ book, worst: status }) => [book, status])).toEqual([
    ['b', 'clear'],
    ['c', 'clear'],
  ]);
  const [tightest] = tightestOf(findings.filter(({ code }) => code === 'angle'));
  expect(tightest?.finding.limit).toEqual({ deg: 35 });
  expect(tightest?.books).toEqual(['A book', 'Another']);
});

test('a job is tied to an edition, and a newer one is compared with it', () => {
  const old = bookOf({ kind: 'angle', from: 'vertical', least: deg(30), most: null });
  const next = {
    ...bookOf({ kind: 'angle', from: 'vertical', least: deg(35), most: null }),
    edition: '2',
  };
  const plan = choosing(backstay(800), old);
  const tied: Plan = { ...plan, brief: { ...plan.brief, books: [{ book: 'b', class: null, edition: '1' }] } };
  const limitIn = (given: Plan) =>
    evaluate(given, EMPTY_SHOP, [next, old]).findings.find(({ rule }) => rule !== null)?.limit;
  expect(limitIn(tied)).toEqual({ deg: 30 });
  expect(limitIn(plan)).toEqual({ deg: 35 });
  expect(editionChanges(old, next)).toEqual([
    {
      kind: 'changed',
      id: 'r',
      clause: '1',
      was: { item: old.rules[0], holds: null },
      now: { item: next.rules[0], holds: null },
    },
  ]);
  const more = {
    ...next,
    rules: [...next.rules, { ...(next.rules[0] as RuleBook['rules'][number]), id: 's' }],
  };
  expect(editionChanges(old, more).map(({ kind }) => kind)).toEqual(['changed', 'added']);
  expect(editionChanges(more, old).map(({ kind }) => kind)).toEqual(['changed', 'removed']);
});
