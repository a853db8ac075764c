import fc from 'fast-check';
import { mirroredAttachment } from './cage/index.ts';
import { evaluate } from './evaluate.ts';
import { type BarRole, EMPTY_SHOP, type Plan } from './plan/index.ts';
import { applyRemedy, factOf, type Finding } from './findings/index.ts';
import { editionChanges, matrixOf, type RuleBook, type RuleCheck, tightestOf } from './rules/index.ts';
import { type Quantity, valueOf } from './survey/index.ts';
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
  plateOf,
  point,
  stationOn,
} from './testing/index.ts';

const findingsOf = (plan: Plan, book: RuleBook): Finding[] =>
  evaluate(choosing(plan, book), EMPTY_SHOP, [book]).findings.filter(({ rule }) => rule !== null);

const worst = (findings: Finding[]) =>
  (['out', 'look', 'ask', 'clear'] as const).find((status) => findings.some((one) => one.status === status));

const hoopTop = 'crown-left';
const hoop = 'm-hoop';

/** A backstay from the hoop's left corner down to a point so far behind it. */
const backstay = (behind: number, along = 0) =>
  cageOf(bar('b', 'backstay', stationOn(hoop, hoopTop, along), point(-behind, 500, 200)));

const NO_PLATE = {
  kind: 'plate',
  area: null,
  thickness: null,
  narrowest: null,
  bolts: null,
  boltSize: null,
} as const;
const plateUnder = (plan: Plan, changes: Partial<Plan['plates'][number]> = {}): Plan => ({
  ...plan,
  plates: [plateOf({ under: { member: 'm-b', end: 'b' }, ...rectangle(120, 100), ...changes })],
});
const rectangle = (length: number, width: number) => ({
  outline: { kind: 'rectangle' as const, length: mm(length), width: mm(width) },
});

const gusseted = (leg: number, thickness: number): Plan => ({
  ...backstay(800),
  gussets: [
    {
      id: 'g',
      stamp: 'G1',
      kind: 'flat',
      between: [{ member: hoop }, { member: 'm-b' }],
      legs: [mm(leg), mm(120)],
      thickness: mm(thickness),
      holes: [],
      twin: false,
    },
  ],
});

const spliced = (sleeve: number, rosettes: number): Plan => ({
  ...backstay(800),
  parts: [
    {
      kind: 'splice',
      id: 's',
      stamp: 'S1',
      on: { member: 'm-b' },
      station: { feature: 'end-a', edge: 'middle', along: mm(300) },
      sleeve: mm(sleeve),
      sleeveWall: mm(2),
      rosettes,
      gap: mm(2),
    },
  ],
});

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

/** Somebody whose lap belt lies at 300 mm ahead of the hoop and 200 mm high, with an anchor on the left. */
const belted = ([x, z]: [number, number]): Plan => {
  const plan = seated(cageOf(), [250, 300, 600], [200, 300, 900]);
  const [person] = plan.occupants;
  return {
    ...plan,
    occupants: [
      {
        ...(person ?? personOf('o')),
        body: { ...personOf('o').body, hip: placeAt(300, 300, 200) },
        lap: { left: placeAt(x, 550, z), right: placeAt(x, 50, z) },
      },
    ],
  };
};

/** Guides as far apart as the slots, but to one side of straight behind: both straps run so many degrees off. */
const guided = (spread: number): Plan => {
  const plan = harness(560);
  const bars = evaluate(plan, EMPTY_SHOP, []).members.filter(({ role }) => role === 'harness-bar');
  const [x = 0, y = 0] = bars[0]?.pieces[0]?.tube?.points[0] ?? [];
  const off = (250 - x) * Math.tan((spread * Math.PI) / 180);
  return {
    ...plan,
    parts: [
      {
        kind: 'belt-guide',
        id: 'guides',
        stamp: 'BG1',
        on: { member: 'm-h' },
        station: {
          feature: 'end-a',
          edge: 'middle',
          along: mm(y - 300 + off),
        },
        style: 'guide',
        apart: mm(150),
      },
    ],
  };
};

const doors = (height: number): Plan => {
  const plan = cageOf(bar('d', 'door-bar', heightOn(hoop, 'left', 300), heightOn('m-f', 'left', height)));
  const leg = bar('f', 'front-leg', point(900, 600, 0), point(900, 600, 800));
  const whole = cageOf(
    leg,
    bar('d', 'door-bar', heightOn(hoop, 'left', 300), {
      kind: 'height',
      on: { member: 'm-f' },
      height: mm(height),
    }),
  );
  return {
    ...whole,
    survey: { ...plan.survey, measures: { ...plan.survey.measures, doorSill: mm(200), doorTop: mm(1000) } },
  };
};

interface Kind {
  role?: BarRole | 'main-hoop';
  check: RuleCheck;
  clear: Plan;
  look?: Plan;
  out: Plan;
  /** Whether the program knows how to mend it. */
  mends: boolean;
}

// The hoop's corner stands near 1000 mm; the angle of a backstay follows from how far behind its foot is.
const KINDS: Record<string, Kind> = {
  angle: {
    check: { kind: 'angle', from: 'vertical', least: deg(30), most: null },
    clear: backstay(800),
    out: backstay(350),
    mends: true,
  },
  'angle at most': {
    check: { kind: 'angle', from: 'horizontal', least: null, most: deg(50) },
    clear: backstay(900),
    out: backstay(350),
    mends: true,
  },
  'end at a bend': {
    check: { kind: 'end-distance', end: 'upper', from: 'bend', of: null, edge: 'middle', most: mm(100) },
    clear: backstay(800, 20),
    look: backstay(800, -73.5),
    out: backstay(800, -160),
    mends: true,
  },
  straight: {
    check: { kind: 'straight', view: 'any' },
    clear: backstay(800),
    out: cageOf(
      bar('b', 'backstay', stationOn(hoop, hoopTop), point(-800, 500, 200), {
        shape: { kind: 'through', via: [{ feature: 'over-arch', at: placeAt(-500, 500, 700) }] },
      }),
    ),
    mends: true,
  },
  'plate area': {
    check: { ...NO_PLATE, area: 100 },
    clear: plateUnder(backstay(800), rectangle(120, 100)),
    look: plateUnder(backstay(800), rectangle(101, 101)),
    out: plateUnder(backstay(800), rectangle(90, 90)),
    mends: true,
  },
  'plate thickness': {
    check: { ...NO_PLATE, thickness: mm(3) },
    clear: plateUnder(backstay(800)),
    out: plateUnder(backstay(800), { thickness: mm(2) }),
    mends: true,
  },
  'plate width': {
    check: { ...NO_PLATE, narrowest: mm(80) },
    clear: plateUnder(backstay(800), rectangle(150, 90)),
    look: plateUnder(backstay(800), rectangle(150, 81)),
    out: plateUnder(backstay(800), rectangle(150, 60)),
    mends: true,
  },
  'no plate': {
    check: { ...NO_PLATE, thickness: mm(3) },
    clear: plateUnder(backstay(800)),
    out: backstay(800),
    mends: false,
  },
  gusset: {
    check: { kind: 'gusset', leg: mm(50), thickness: mm(1.5) },
    clear: gusseted(60, 2),
    look: gusseted(51, 2),
    out: gusseted(40, 1),
    mends: true,
  },
  splice: {
    check: { kind: 'splice', sleeve: mm(80), rosettes: 4 },
    clear: spliced(90, 4),
    look: spliced(82, 4),
    out: spliced(70, 2),
    mends: true,
  },
  'harness window': {
    role: 'harness-bar',
    check: { kind: 'harness-window', least: deg(0), most: deg(20) },
    clear: harness(560),
    look: harness(599),
    out: harness(680),
    mends: true,
  },
  'lap window': {
    role: 'main-hoop',
    check: { kind: 'lap-window', least: deg(45), most: deg(70) },
    clear: belted([220, 60]),
    look: belted([300 - 150 / Math.tan((45.2 * Math.PI) / 180), 50]),
    out: belted([100, 60]),
    mends: true,
  },
  'strap spread': {
    role: 'harness-bar',
    check: { kind: 'strap-spread', most: deg(20) },
    clear: guided(0),
    look: guided(19.8),
    out: guided(25),
    mends: true,
  },
  'opening height': {
    role: 'door-bar',
    check: { kind: 'opening-height', share: 0.5 },
    clear: doors(500),
    look: doors(573),
    out: doors(640),
    mends: true,
  },
  count: {
    role: 'door-bar',
    check: { kind: 'count', least: 1, per: 'side-with-any' },
    clear: doors(500),
    out: doors(500),
    mends: false,
  },
  'feet on': {
    role: 'main-hoop',
    check: { kind: 'feet-on', allowed: ['frame', 'sill'] },
    clear: cageOf(),
    out: { ...cageOf(), brief: { ...cageOf().brief, feetOn: 'floor-sheet' } },
    mends: false,
  },
  'helmet below the top': {
    role: 'main-hoop',
    check: { kind: 'helmet', belowLine: null, belowTop: mm(50), within: null },
    clear: seated(cageOf(), [250, 300, 600], [200, 300, 950]),
    out: seated(cageOf(), [250, 300, 600], [200, 300, 1060]),
    mends: false,
  },
  'helmet within': {
    role: 'main-hoop',
    check: { kind: 'helmet', belowLine: null, belowTop: null, within: mm(150) },
    clear: seated(cageOf(), [250, 300, 600], [150, 300, 1000]),
    out: seated(cageOf(), [250, 300, 600], [500, 300, 950]),
    mends: false,
  },
  padding: {
    role: 'main-hoop',
    check: { kind: 'padding', within: mm(100) },
    clear: seated(cageOf(), [250, 300, 600], [600, 300, 900]),
    out: {
      ...seated(cageOf(), [250, 300, 600], [150, 300, 1000]),
      answers: {
        'b/r/m-hoop/p-hoop': { answer: 'no', by: 'E. L.', note: '', on: null, photos: [] },
      },
    },
    mends: false,
  },
};

test.each(Object.entries(KINDS))('%s: clear, within the instrument’s error, out', (name, kind) => {
  const book = bookOf(kind.check, kind.role);
  expect(worst(findingsOf(kind.clear, book))).toBe('clear');
  if (kind.look) expect(worst(findingsOf(kind.look, book))).toBe('look');
  if (name === 'count') {
    expect(
      worst(findingsOf(kind.out, bookOf({ kind: 'count', least: 2, per: 'side-with-any' }, kind.role))),
    ).toBe('out');
    return;
  }
  expect(worst(findingsOf(kind.out, book))).toBe('out');
});

test.each(Object.entries(KINDS).filter(([, { mends }]) => mends))(
  '%s: the remedy clears it',
  (_, { check, role, out }) => {
    const book = bookOf(check, role);
    const mended = findingsOf(out, book).reduce(
      (plan, { remedy }) => (remedy ? applyRemedy(plan, remedy) : plan),
      out,
    );
    expect(findingsOf(out, book).some(({ remedy }) => remedy !== null)).toBe(true);
    expect(worst(findingsOf(mended, book))).toBe('clear');
  },
);

test('a wall that is short: the next size of the book clears it', () => {
  const size = (od: number, wall: number) => ({ od: mm(od), wall: mm(wall), kinds: ['drawn-over-mandrel'] });
  const book = bookOf({ kind: 'ask', question: 'Tube as drawn?' }, 'diagonal', {
    tubeSchedule: [
      {
        clause: '1',
        roles: ['backstay'],
        over: null,
        upTo: null,
        options: [size(50.8, 3), size(60, 2)] as RuleBook['tubeSchedule'][number]['options'],
      },
    ],
  });
  const [found] = findingsOf(backstay(800), book);
  expect(found).toMatchObject({ status: 'out', code: 'tube-wall' });
  expect(found?.remedy && worst(findingsOf(applyRemedy(backstay(800), found.remedy), book))).toBe('clear');
});

/** A plan seen in a mirror: what is on the left is on the right. */
function mirrored(plan: Plan): Plan {
  const over = ([x, y, z]: ReturnType<typeof placeAt>) => placeAt(x.mm, -y.mm, z.mm);
  const { measures } = plan.survey;
  const swapped = Object.fromEntries(
    Object.entries(measures).map(([key, value]) => [
      key.endsWith('Left')
        ? key.replace('Left', 'Right')
        : key.endsWith('Right')
          ? key.replace('Right', 'Left')
          : key,
      value,
    ]),
  );
  const members = plan.members.map((member) => {
    if (member.role === 'main-hoop') return member;
    const end = (at: typeof member.ends.a) => mirroredAttachment(at);
    return { ...member, ends: { a: end(member.ends.a), b: end(member.ends.b) } };
  });
  return {
    ...plan,
    members,
    survey: { ...plan.survey, measures: swapped },
    occupants: plan.occupants.map((person) => ({
      ...person,
      shoulder: person.shoulder && over(person.shoulder),
      helmetTop: person.helmetTop && over(person.helmetTop),
      lap: {
        left: person.lap.right && over(person.lap.right),
        right: person.lap.left && over(person.lap.left),
      },
    })),
  };
}

test('a mirrored cage and driver give mirrored findings', () => {
  const checks: [RuleCheck, BarRole | 'main-hoop'][] = [
    [{ kind: 'angle', from: 'vertical', least: deg(30), most: null }, 'backstay'],
    [
      { kind: 'end-distance', end: 'upper', from: 'bend', of: null, edge: 'middle', most: mm(100) },
      'backstay',
    ],
    [{ kind: 'harness-window', least: deg(0), most: deg(20) }, 'harness-bar'],
    [{ kind: 'helmet', belowLine: null, belowTop: mm(50), within: mm(150) }, 'main-hoop'],
    [{ kind: 'lap-window', least: deg(45), most: deg(70) }, 'main-hoop'],
  ];
  const figure = (quantity: Quantity | null) => {
    const value = quantity && valueOf(quantity);
    return typeof value === 'number' ? value.toFixed(6) : value;
  };
  const figures = (plan: Plan, [check, role]: (typeof checks)[number]) =>
    findingsOf(plan, bookOf(check, role))
      .map(({ code, status, measured, margin }) => [code, status, figure(measured), figure(margin)])
      .sort((a, b) => String(a).localeCompare(String(b)));
  fc.assert(
    fc.property(
      fc.integer({ min: 300, max: 900 }),
      fc.integer({ min: -80, max: 80 }),
      fc.integer({ min: 500, max: 640 }),
      fc.integer({ min: 150, max: 400 }),
      (behind, along, height, y) => {
        const start = cageOf(
          bar('b', 'backstay', stationOn(hoop, hoopTop, along), point(-behind, 500, 200)),
          bar('h', 'harness-bar', heightOn(hoop, 'left', height), heightOn(hoop, 'right', height)),
        );
        const person = {
          ...personOf('o'),
          shoulder: placeAt(250, y, 600),
          helmetTop: placeAt(200, y, 930),
        };
        const lap = { left: placeAt(250, y + 200, 40), right: placeAt(250, y - 200, 60) };
        const plan = { ...start, occupants: [{ ...person, lap }] };
        for (const check of checks) expect(figures(mirrored(plan), check)).toEqual(figures(plan, check));
      },
    ),
    { seed: 11, numRuns: 15 },
  );
});

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
