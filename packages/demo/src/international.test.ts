import {
  type Bar,
  EMPTY_SHOP,
  evaluate,
  type Finding,
  knownAs,
  newOccupant,
  type Plan,
  type Status,
} from '@gyrus/core';
import {
  bar,
  cageOf,
  choosing,
  deg,
  heightOn,
  inch,
  mm,
  placeAt,
  plateOf,
  point,
  stationOn,
} from '@gyrus/core/testing';
import { internationalBook } from './index.ts';

/**
 * The figures of FIA Appendix J Art. 253-8 and 253-6 as handbook §9 and §8 have them from memory, each at, just inside and just
 * outside its limit. They are not compared with the publication itself.
 */
const hoop = 'm-hoop';
const TAPE = 3;
const PROTRACTOR = 0.5;

/** What the shipped book says by one of its rules, the worst of it. */
function said(plan: Plan, rule: string): { status: Status; finding: Finding } {
  const { findings } = evaluate(choosing(plan, internationalBook), EMPTY_SHOP, [internationalBook]);
  const own = findings.filter(({ key }) => key.startsWith(`international-cage/${rule}`));
  const rank = { clear: 0, ask: 1, look: 2, out: 3 };
  const finding = own.reduce((worst, one) => (rank[one.status] > rank[worst.status] ? one : worst));
  return { status: finding.status, finding };
}

const tubeOf = (one: Bar, od: number, wall: number): Bar => ({
  ...one,
  tube: { od: mm(od), wall: mm(wall), kind: 'cold-drawn-seamless', batch: '' },
});
const withHoopTube = (od: number, wall: number, kind: 'cold-drawn-seamless' | 'drawn-over-mandrel'): Plan => {
  const plan = cageOf();
  return {
    ...plan,
    members: plan.members.map((member) => ({
      ...member,
      tube: { od: mm(od), wall: mm(wall), kind, batch: '' },
    })),
  };
};

describe('tube', () => {
  test.each([
    [45, 2.5, 'clear'],
    [45, 2.49, 'clear'],
    [45, 2.48, 'out'],
    [50, 2, 'clear'],
    [50, 1.98, 'out'],
    [44.98, 2.5, 'out'],
  ] as const)('main hoop %s × %s mm: %s', (od, wall, status) => {
    const { findings } = evaluate(
      choosing(withHoopTube(od, wall, 'cold-drawn-seamless'), internationalBook),
      EMPTY_SHOP,
      [internationalBook],
    );
    const sizes = findings.filter(({ code }) => /^tube-(od|wall|kind)$/.test(code));
    expect(sizes.some((one) => one.status === 'out') ? 'out' : 'clear').toBe(status);
  });

  test.each([
    [38, 2.5, 'clear'],
    [40, 2, 'clear'],
    [38, 2.4, 'out'],
    [37.9, 2.5, 'out'],
    [40, 1.9, 'out'],
  ] as const)('other members %s × %s mm: %s', (od, wall, status) => {
    const stay = tubeOf(bar('b', 'backstay', stationOn(hoop, 'crown-left'), point(-800, 500, 200)), od, wall);
    const { findings } = evaluate(choosing(cageOf(stay), internationalBook), EMPTY_SHOP, [internationalBook]);
    const sizes = findings.filter(
      ({ code, member }) => member === 'm-b' && /^tube-(od|wall|kind)$/.test(code),
    );
    expect(sizes.some((one) => one.status === 'out') ? 'out' : 'clear').toBe(status);
  });

  test('cold-drawn seamless alone', () => {
    const { findings } = evaluate(
      choosing(withHoopTube(45, 2.5, 'drawn-over-mandrel'), internationalBook),
      EMPTY_SHOP,
      [internationalBook],
    );
    expect(findings.find(({ code }) => code === 'tube-kind')?.status).toBe('out');
  });
});

/** A figure that a parameter moves; the parameter that gives it is found by halving on the program's own measure. */
function atFigure(plan: (parameter: number) => Plan, rule: string, range: [number, number]) {
  const measured = (parameter: number): number => {
    const { measured: found } = said(plan(parameter), rule).finding;
    return found && 'deg' in found ? found.deg : found && 'mm' in found ? found.mm : NaN;
  };
  const rising = measured(range[1]) > measured(range[0]);
  return (figure: number): Status => {
    let [low, high] = range;
    for (let i = 0; i < 40; i++) {
      const middle = (low + high) / 2;
      if (measured(middle) < figure === rising) low = middle;
      else high = middle;
    }
    return said(plan(high), rule).status;
  };
}

const stay = (behind: number) =>
  cageOf(bar('b', 'backstay', stationOn(hoop, 'crown-left'), point(-behind, 500, 200)));
const tilted = (tilt: number): Plan => {
  const plan = cageOf();
  return {
    ...plan,
    members: plan.members.map((one) => ({ ...one, tilt: deg(tilt) })),
  };
};
const diagonal = (along: number, foot = 40): Plan =>
  cageOf(
    bar('s', 'backstay', stationOn(hoop, 'crown-left'), point(-800, 500, 200)),
    bar('d', 'diagonal', stationOn(hoop, 'crown-left', along), stationOn(hoop, 'foot-right', -foot)),
  );
const roofed = (off: number): Plan => {
  const legs = bar('f', 'front-leg', point(900, 560, 0), point(700, 500, 900), {
    pair: 'mirrored',
    pieces: [
      { id: 'p-f-l', stamp: 'FL' },
      { id: 'p-f-r', stamp: 'FR' },
    ],
  });
  return cageOf(
    legs,
    bar('w', 'windscreen-bar', heightOn('m-f', 'left', 880), heightOn('m-f', 'right', 880)),
    bar('r', 'roof-diagonal', stationOn(hoop, 'crown-right'), heightOn('m-f', 'left', 880 - off)),
  );
};
const door = (height: number): Plan => {
  const plan = cageOf(
    bar('f', 'front-leg', point(900, 600, 0), point(900, 600, 800)),
    bar('d', 'door-bar', heightOn(hoop, 'left', 300), {
      kind: 'height',
      aside: null,
      on: { member: 'm-f' },
      height: mm(height),
    }),
  );
  return {
    ...plan,
    survey: { ...plan.survey, measures: { ...plan.survey.measures, doorSill: mm(200), doorTop: mm(1000) } },
  };
};
const strapped = (height: number): Plan => ({
  ...cageOf(bar('h', 'harness-bar', heightOn(hoop, 'left', height), heightOn(hoop, 'right', height))),
  occupants: [{ ...knownAs(newOccupant('o')), shoulder: placeAt(250, 300, 600) }],
});

/** Rule, its figure, which side of it is kept, the instrument's error, and a cage that a parameter moves through it. */
const MEASURED: [
  string,
  number,
  'at least' | 'at most',
  number,
  (parameter: number) => Plan,
  [number, number],
][] = [
  ['tilt', 10, 'at most', PROTRACTOR, tilted, [2, 18]],
  ['backstays-lean', 30, 'at least', PROTRACTOR, stay, [200, 1500]],
  ['diagonal-top', 100, 'at most', TAPE, diagonal, [30, 200]],
  ['diagonal-foot', 100, 'at most', TAPE, (foot) => diagonal(0, foot), [30, 200]],
  ['roof-ends', 100, 'at most', TAPE, roofed, [20, 200]],
  ['door-height', 600, 'at most', TAPE, door, [400, 750]],
  ['straps', 45, 'at most', PROTRACTOR, (down) => strapped(600 - down), [100, 400]],
];

test.each(MEASURED)(
  '%s: %s %s, within the instrument’s error a look',
  (rule, limit, side, error, plan, range) => {
    const inward = side === 'at least' ? 1 : -1;
    const at = atFigure(plan, rule, range);
    expect(at(limit - inward * 0.01)).toBe('out');
    expect(at(limit + inward * 0.01)).toBe('look');
    expect(at(limit + inward * (error - 0.01))).toBe('look');
    expect(at(limit + inward * (error + 0.01))).toBe('clear');
  },
);

describe('plates', () => {
  const footed = (changes: Parameters<typeof plateOf>[0], member: string): Plan => {
    const plan = stay(800);
    return {
      ...plan,
      brief: { ...plan.brief, joining: 'bolted' },
      plates: [
        plateOf({
          under: { member, end: member === hoop ? 'a' : 'b' },
          outline: { kind: 'rectangle', length: mm(200), width: mm(100) },
          bolts: { count: 3, size: mm(8), grade: '8.8', backing: null },
          ...changes,
        }),
      ],
    };
  };
  const status = (plan: Plan, rule: string, code: string, member: string) =>
    evaluate(choosing(plan, internationalBook), EMPTY_SHOP, [internationalBook]).findings.find(
      (one) => one.code === code && one.member === member && one.key.includes(`/${rule}/`),
    )?.status;

  // Areas are measured with a tape: within its error of the limit they are looked at.
  test.each([
    ['foot-plates', hoop, 120, 119.9, 'out'],
    ['foot-plates', hoop, 120, 120.1, 'look'],
    ['foot-plates', hoop, 120, 150, 'clear'],
    ['backstay-plates', 'm-b', 60, 59.9, 'out'],
    ['backstay-plates', 'm-b', 60, 60.1, 'look'],
    ['backstay-plates', 'm-b', 60, 80, 'clear'],
  ] as const)('%s of %s: %s cm², %s is %s', (rule, member, _, area, wanted) => {
    const outline = { kind: 'rectangle' as const, length: mm(area), width: mm(100) };
    expect(status(footed({ outline }, member), rule, 'plate-area', member)).toBe(wanted);
  });

  test.each([
    [2.98, 'out'],
    [2.99, 'clear'],
    [3, 'clear'],
  ] as const)('3 mm: %s is %s', (thickness, wanted) => {
    expect(status(footed({ thickness: mm(thickness) }, hoop), 'foot-plates', 'plate-thickness', hoop)).toBe(
      wanted,
    );
  });

  test.each([
    ['foot-plates', hoop, 2, 'out'],
    ['foot-plates', hoop, 3, 'clear'],
    ['backstay-plates', 'm-b', 1, 'out'],
    ['backstay-plates', 'm-b', 2, 'clear'],
  ] as const)('%s of %s with %s bolts: %s', (rule, member, count, wanted) => {
    const bolts = { count, size: mm(8), grade: '8.8', backing: null };
    expect(status(footed({ bolts }, member), rule, 'plate-bolts', member)).toBe(wanted);
  });

  test.each([
    [7.9, 'out'],
    [8, 'clear'],
  ] as const)('M8: %s is %s', (size, wanted) => {
    const bolts = { count: 3, size: mm(size), grade: '8.8', backing: null };
    expect(status(footed({ bolts }, hoop), 'foot-plates', 'bolt-size', hoop)).toBe(wanted);
  });
});

test.each([
  [0.98, 'out'],
  [1, 'clear'],
] as const)('gusset sheet of 1 mm: %s is %s', (thickness, wanted) => {
  const plan: Plan = {
    ...stay(800),
    gussets: [
      {
        id: 'g',
        stamp: 'G1',
        kind: 'flat',
        between: [{ member: hoop }, { member: 'm-b' }],
        legs: [mm(80), mm(80)],
        thickness: mm(thickness),
        holes: [],
        twin: false,
      },
    ],
  };
  expect(said(plan, 'gusset').status).toBe(wanted);
});

test('straight backstays and a hoop in one are asked for; what only the certificate tells is asked', () => {
  const bent = cageOf(
    bar('b', 'backstay', stationOn(hoop, 'crown-left'), point(-800, 500, 200), {
      shape: { kind: 'through', via: [{ feature: 'over-arch', at: placeAt(-500, 500, 700) }] },
    }),
  );
  expect(said(bent, 'backstays-straight').status).toBe('out');
  expect(said(stay(800), 'backstays-straight').status).toBe('clear');
  expect(said(cageOf(), 'one-tube').status).toBe('clear');
  expect([said(cageOf(), 'ovality').status, said(cageOf(), 'certificate').status]).toEqual(['ask', 'ask']);
});

test('straps spread 20° at most', () => {
  const plan = strapped(560);
  const spread = (degrees: number): Status => {
    const bars = evaluate(plan, EMPTY_SHOP, []).members.find(({ role }) => role === 'harness-bar');
    const [x = 0, y = 0] = bars?.pieces[0]?.tube?.points[0] ?? [];
    const off = (250 - x) * Math.tan((degrees * Math.PI) / 180);
    const guides: Plan['parts'][number] = {
      kind: 'belt-guide',
      id: 'guides',
      stamp: 'BG1',
      on: { member: 'm-h' },
      station: { feature: 'end-a', edge: 'middle', along: mm(y - 300 + off) },
      style: 'guide',
      apart: inch('150 mm'),
    };
    return said({ ...plan, parts: [guides] }, 'spread').status;
  };
  expect([spread(20.1), spread(19.9), spread(19.4)]).toEqual(['out', 'look', 'clear']);
});
