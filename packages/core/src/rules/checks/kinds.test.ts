import fc from 'fast-check';
import { mirroredAttachment } from '../../cage/index.ts';
import { evaluate } from '../../evaluate.ts';
import { type BarRole, EMPTY_SHOP, type Plan } from '../../plan/index.ts';
import { applyRemedy } from '../../findings/index.ts';
import { type RuleBook, type RuleCheck } from '../index.ts';
import { type Quantity, valueOf } from '../../survey/index.ts';
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
} from '../../testing/index.ts';
import { findingsOf, worst } from '../../testing/ruledHoop.ts';

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
      aside: null,
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
