import { evaluate } from './evaluate.ts';
import { expectValue } from './fault/index.ts';
import {
  EMPTY_SHOP,
  type Gusset,
  type Part,
  type Plan,
  type Plate,
  readPlan,
  type Survey,
} from './plan/index.ts';
import { bar, cageOf, deg, inch, mm, placeAt, plateOf, point, stationOn } from './testing/index.ts';

const answersOf = (plan: Plan) => evaluate(plan, EMPTY_SHOP, []);
const read = (plan: Plan): Plan => expectValue(readPlan(JSON.parse(JSON.stringify(plan))));
const codesOf = (plan: Plan) => answersOf(plan).findings.map(({ code }) => code);

const withPlate = (changes: Partial<Plate>) => read({ ...cageOf(), plates: [plateOf(changes)] });
const plateIn = (changes: Partial<Plate>) => {
  const [plate] = answersOf(withPlate(changes)).plates;
  if (!plate) throw new Error('no plate');
  return plate;
};

describe('plates', () => {
  // A strip 8 cm wide must be 15 cm long for the common 120 cm² [handbook §7, common practice].
  test('a strip 8 cm wide and 15 cm long has 120 cm²', () => {
    expect(plateIn({}).area / 100).toBeCloseTo(120, 9);
    expect(plateIn({}).narrowest).toBeCloseTo(80, 9);
  });

  test('a parallelogram has base times height, a polygon what the surveyor’s formula gives', () => {
    const outline = { kind: 'parallelogram' as const, length: mm(150), width: mm(100), angle: deg(30) };
    expect(plateIn({ outline }).area).toBeCloseTo(150 * 50, 6);
    expect(plateIn({ outline }).narrowest).toBeCloseTo(50, 6);
    const corners = [
      [0, 0],
      [200, 0],
      [200, 100],
      [0, 40],
    ].map(([x = 0, y = 0]) => [mm(x), mm(y)]);
    const polygon = { kind: 'polygon', corners } as Plate['outline'];
    expect(plateIn({ outline: polygon }).area).toBeCloseTo((200 * (100 + 40)) / 2, 6);
  });

  test('a plate follows its foot, or keeps a place of its own that a bar can stand on', () => {
    expect(plateIn({}).at?.[1]).toBeGreaterThan(500);
    const plan = read({
      ...cageOf(
        bar('st', 'strut', { kind: 'plate', plate: 'plate' }, stationOn('m-hoop', 'crown-left', -200)),
      ),
      plates: [plateOf({ under: null, follows: 'own', at: placeAt(-300, 400, 20) })],
    });
    const strut = answersOf(plan).members.find(({ role }) => role === 'strut')?.pieces[0]?.tube;
    expect(strut?.points[0]).toEqual([-300, 400, 20]);
  });

  test('an edge turned up adds its sheet, and weight is that of the steel', () => {
    const plate = plateIn({ turnedUp: { length: mm(150), height: mm(40) } });
    expect(plate.turnedUpArea).toBe(6000);
    expect(plate.mass).toBeCloseTo((12_000 + 6000) * 3 * 7850e-9, 9);
  });

  test('a plate without a foot or a place is told', () => {
    expect(codesOf(withPlate({ under: null }))).toContain('part-not-made');
  });
});

const gussetOf = (changes: Partial<Gusset> = {}): Gusset => ({
  id: 'gusset',
  stamp: 'GP1',
  kind: 'flat',
  between: [{ member: 'm-a' }, { member: 'm-b' }],
  legs: [mm(150), mm(120)],
  thickness: mm(2),
  holes: [],
  twin: false,
  ...changes,
});
/** Two tubes of 2 in that meet square at the origin of the corner. */
const corner = cageOf(
  bar('a', 'frame-tube', point(0, 0, 0), point(500, 0, 0)),
  bar('b', 'frame-tube', point(0, 0, 0), point(0, 0, 500)),
);
const gussetIn = (changes: Partial<Gusset> = {}) =>
  answersOf(read({ ...corner, gussets: [gussetOf(changes)] })).gussets[0]?.shape;

describe('sheet gussets', () => {
  test('a square corner: the sheet is the triangle between the surfaces of the tubes', () => {
    const shape = expectValue(gussetIn() ?? { ok: false, fault: { code: '', message: 'none', path: '' } });
    const [a, b] = [150 - 25.4, 120 - 25.4];
    expect(shape.angle).toBeCloseTo(90, 9);
    expect(shape.sheetArea).toBeCloseTo((a * b) / 2, 6);
    expect(shape.longEdge).toBeCloseTo(Math.hypot(a, b), 6);
    // Of a right triangle the inscribed circle has the diameter a + b − c.
    expect(shape.largestHole).toBeCloseTo(a + b - Math.hypot(a, b), 6);
    expect(shape.corners[1]).toEqual([150, 0, expect.closeTo(25.4, 9)]);
  });

  test('folded over two tubes it has two sides and the strip between them; a twin weighs twice', () => {
    const flat = expectValue(gussetIn() as Extract<typeof shape, object>);
    const shape = gussetIn({ kind: 'folded', twin: true });
    const folded = expectValue(shape as Extract<typeof shape, object>);
    expect(folded.sheetArea).toBeCloseTo(2 * flat.sheetArea + flat.longEdge * 50.8, 6);
    expect(folded.mass / folded.sheetArea).toBeCloseTo((2 * flat.mass) / flat.sheetArea, 12);
  });

  test('legs that end within the tubes, holes too large and tubes that do not meet are told', () => {
    expect(gussetIn({ legs: [mm(20), mm(120)] })).toMatchObject({
      ok: false,
      fault: { code: 'gusset-too-short' },
    });
    expect(codesOf(read({ ...corner, gussets: [gussetOf({ holes: [mm(90)] })] }))).toContain('gusset-hole');
    const apart = cageOf(
      bar('a', 'frame-tube', point(0, 0, 0), point(500, 0, 0)),
      bar('b', 'frame-tube', point(0, 300, 0), point(0, 300, 500)),
    );
    const [gusset] = answersOf(read({ ...apart, gussets: [gussetOf()] })).gussets;
    expect(gusset?.shape).toMatchObject({ ok: false, fault: { code: 'no-corner' } });
  });
});

const partIn = (part: Part, plan: Plan = corner) => {
  const [answer] = answersOf(read({ ...plan, parts: [part] })).parts;
  if (!answer?.answer.ok) throw new Error(JSON.stringify(answer));
  return Object.fromEntries(answer.answer.value.figures.map(({ name, mm }) => [name, mm]));
};
const onA = {
  on: { member: 'm-a' },
  station: { feature: 'end-a', edge: 'middle' as const, along: mm(200) },
};

describe('parts', () => {
  // 51 1/2 in between plates, 8 1/2 in from plate to bend start on each side: 34 1/2 in between bend starts
  // [handbook §7, worked, common practice].
  test('a stand-alone harness bar: 34 1/2 in between its bend starts', () => {
    const figures = partIn({
      kind: 'stand-alone-bar',
      id: 'part',
      stamp: 'HB1',
      od: inch('1 1/2'),
      wall: inch('0.095'),
      between: inch('51 1/2'),
      toBend: inch('8 1/2'),
      clr: inch('4 1/2'),
      angle: deg(45),
      tilt: deg(10),
      at: placeAt(-100, 0, 600),
    });
    expect((figures['between-bend-starts'] ?? 0) / 25.4).toBeCloseTo(34.5, 9);
    // Straight, two arcs and two ends that lean at 45°.
    const end = (8.5 - 4.5 * Math.SQRT1_2) / Math.SQRT1_2;
    expect((figures['tube-length'] ?? 0) / 25.4).toBeCloseTo(34.5 + 2 * (4.5 * (Math.PI / 4) + end), 6);
  });

  // 30 in between holes less 1 1/2 in per end: 27 in of tube [handbook §7, worked, common practice].
  test('a strut of 30 in eye to eye has 27 in of tube', () => {
    const figures = partIn({
      kind: 'adjustable-strut',
      id: 'part',
      stamp: 'AS1',
      od: inch('1'),
      wall: inch('0.065'),
      from: placeAt(0, 0, 0),
      to: [inch('0'), inch('18'), inch('24')],
      takeOff: [inch('1 1/2'), inch('1 1/2')],
    });
    expect((figures['eye-to-eye'] ?? 0) / 25.4).toBeCloseTo(30, 9);
    expect((figures['tube-length'] ?? 0) / 25.4).toBeCloseTo(27, 9);
  });

  // Two legs of 60 and 80 outside, 90°, 5 mm sheet on a 5 mm radius: 60 + 80 − 2·10 + (π/2)(5 + 0.44·5)
  // [the bend allowance of any sheet-metal handbook; K factor 0.44, common practice].
  test('the flat length of a bracket', () => {
    const figures = partIn({
      kind: 'bracket',
      id: 'part',
      stamp: 'BR1',
      at: placeAt(0, 0, 0),
      width: mm(40),
      thickness: mm(5),
      insideRadius: mm(5),
      straights: [mm(60), mm(80)],
      angles: [deg(90)],
      holes: [{ from: mm(20), diameter: mm(11) }],
      spacer: mm(0),
      canTighten: true,
    });
    expect(figures['flat-length']).toBeCloseTo(140 - 20 + (Math.PI / 2) * 7.2, 9);
  });

  test('a splice has a sleeve that slides in the bore, a guide two places beside its station', () => {
    const splice = partIn({
      kind: 'splice',
      id: 'part',
      stamp: 'SP1',
      ...onA,
      sleeve: mm(100),
      sleeveWall: mm(2.5),
      rosettes: 4,
      gap: mm(2),
    });
    expect(splice['sleeve-od']).toBeCloseTo(50.8 - 2 * 2.413 - 0.5, 6);
    const guide = partIn({
      kind: 'belt-guide',
      id: 'part',
      stamp: 'BG1',
      ...onA,
      style: 'guide',
      apart: mm(150),
    });
    expect([guide['first-guide'], guide['second-guide']]).toEqual([125, 275]);
  });

  test('what cannot be made or tightened is told, what nobody looked at is asked', () => {
    const bracket = (canTighten: boolean | null): Part => ({
      kind: 'bracket',
      id: 'part',
      stamp: 'BR1',
      at: placeAt(0, 0, 0),
      width: mm(40),
      thickness: mm(5),
      insideRadius: mm(5),
      straights: [mm(60), mm(80)],
      angles: [],
      holes: [],
      spacer: mm(0),
      canTighten,
    });
    expect(codesOf(read({ ...corner, parts: [bracket(null)] }))).toEqual(
      expect.arrayContaining(['part-not-made', 'bolt-ask']),
    );
    expect(codesOf(read({ ...corner, parts: [bracket(false)] }))).toContain('bolt-out-of-reach');
  });
});

const surveyed = (plan: Plan, survey: Partial<Survey>, more: Partial<Plan> = {}) =>
  read({ ...plan, ...more, survey: { ...plan.survey, ...survey } });

describe('panels and keep-outs', () => {
  const shelf = { id: 'shelf', name: 'shelf', at: placeAt(0, 0, 200), normal: placeAt(0, 0, 1), reach: null };
  const leaning = cageOf(bar('bs', 'backstay', point(0, 300, 500), point(-300, 300, 100)));

  test('a bar at a slant cuts an ellipse, OD wide and OD / cos slant long', () => {
    const [hole] = answersOf(surveyed(leaning, { planes: [shelf] })).panelHoles.filter(
      ({ stamp }) => stamp === 'BS',
    );
    expect(hole?.at).toEqual([expect.closeTo(-225, 6), 300, expect.closeTo(200, 6)]);
    expect(hole?.slant).toBeCloseTo((Math.atan2(300, 400) * 180) / Math.PI, 6);
    expect(hole?.length).toBeCloseTo(50.8 / Math.cos(Math.atan2(300, 400)), 6);
    expect(hole?.slid).toBeNull();
  });

  test('dropped to weld, the axis passes elsewhere and the hole becomes a slot that reaches there', () => {
    const plan = surveyed(leaning, { planes: [shelf] }, { weldPosition: { forward: mm(20), drop: mm(100) } });
    const [hole] = answersOf(plan).panelHoles.filter(({ stamp }) => stamp === 'BS');
    // Dropped by 100 the axis is 75 farther forward where it passes, and 20 more for the slide.
    expect(hole?.slid?.at[0]).toBeCloseTo(-225 + 75 + 20, 6);
    expect(hole?.slid?.slot).toBeCloseTo((hole?.length ?? 0) + 95, 6);
  });

  test('a panel that does not reach so far has no hole', () => {
    const short = { ...shelf, reach: mm(100) };
    expect(answersOf(surveyed(leaning, { planes: [short] })).panelHoles).toEqual([]);
  });

  const latch = (clearance: number) => ({
    id: 'latch',
    name: 'latch',
    from: placeAt(-100, 380, 250),
    to: placeAt(-50, 420, 350),
    clearance: mm(clearance),
  });

  test('a keep-out is clear by its surface distance, out beyond it, and a look within the tape’s error', () => {
    const status = (clearance: number) =>
      answersOf(surveyed(leaning, { keepOuts: [latch(clearance)] })).findings.filter(
        ({ code }) => code === 'keep-out',
      );
    const [far] = status(200);
    const gap = far?.measured && 'mm' in far.measured ? far.measured.mm : 0;
    // 80 across and, in the bar's plane, 10 beside its line at the box's upper rear edge; less half the tube.
    expect(gap).toBeCloseTo(Math.hypot(80, 10) - 25.4, 6);
    expect(far?.status).toBe('out');
    expect(status(gap + 1)[0]?.status).toBe('look');
    expect(status(gap - 1)).toEqual([]);
  });

  test('gap schools by zone, and the gap that catches a finger', () => {
    const pillar = (z: number) => ({
      id: 'p',
      name: 'pillar',
      side: null,
      zone: 'b-pillar' as const,
      at: placeAt(0, 300, z),
    });
    const codes = (school: 'touching' | 'gap' | 'more', gap: number, off: number) =>
      codesOf(
        surveyed(leaning, {
          points: [pillar(500 + 25.4 + off)],
          gaps: [{ zone: 'b-pillar', school, gap: mm(gap) }],
        }),
      ).filter((code) => /zone|finger/.test(code));
    expect(codes('touching', 0, 2)).toEqual([]);
    expect(codes('touching', 0, 40)).toEqual(['zone-touch']);
    expect(codes('gap', 30, 40)).toEqual([]);
    expect(codes('gap', 30, 15)).toEqual(['zone-gap', 'finger-gap']);
  });
});

describe('a frame without a car', () => {
  /** Four tubes round a bay of 800 × 600. */
  const frame = cageOf(
    bar('l', 'frame-tube', point(0, 400, 50), point(0, 400, 650)),
    bar('r', 'frame-tube', point(0, -400, 50), point(0, -400, 650)),
    bar('t', 'frame-tube', stationOn('m-l', 'end-b'), stationOn('m-r', 'end-b')),
    bar('b', 'frame-tube', stationOn('m-l', 'end-a'), stationOn('m-r', 'end-a')),
  );

  test('has its bay with both diagonals, and its nodes with stand heights', () => {
    const { loops, nodes } = answersOf({ ...frame, members: frame.members.slice(1) });
    expect(loops).toHaveLength(1);
    expect(loops[0]?.pieces.sort()).toEqual(['p-b', 'p-l', 'p-r', 'p-t']);
    expect(loops[0]?.diagonals).toEqual([expect.closeTo(1000, 6), expect.closeTo(1000, 6)]);
    expect(nodes.map(({ name, at, standHeight }) => [name, at, standHeight])).toEqual([
      ['N1', [0, 400, 50], expect.closeTo(50 - 25.4, 9)],
      ['N2', [0, -400, 50], expect.closeTo(50 - 25.4, 9)],
      ['N3', [0, 400, 650], expect.closeTo(650 - 25.4, 9)],
      ['N4', [0, -400, 650], expect.closeTo(650 - 25.4, 9)],
    ]);
  });
});

// Pappus: volume of a bent tube is its section times the way of its middle, so mass follows the axis.
test('the mass of a bent tube is section times developed length', () => {
  const plan = cageOf(
    bar('x', 'dash-bar', point(0, 500, 500), point(0, -500, 500), {
      shape: { kind: 'bow', towards: 'up', rise: mm(100), angle: null, flat: mm(200) },
    }),
  );
  const tube = answersOf(plan).members.find(({ role }) => role === 'dash-bar')?.pieces[0]?.tube;
  const section = Math.PI * (25.4 ** 2 - (25.4 - 2.413) ** 2);
  expect(tube?.mass).toBeCloseTo((section * (tube?.developed ?? 0) * 7850) / 1e9, 6);
});
