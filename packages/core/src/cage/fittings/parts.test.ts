import { evaluate } from '../../evaluate.ts';
import { expectValue } from '../../fault/index.ts';
import { EMPTY_SHOP, type Part, type Plan, readPlan } from '../../plan/index.ts';
import { bar, cageOf, deg, inch, mm, placeAt, point } from '../../testing/index.ts';

const answersOf = (plan: Plan) => evaluate(plan, EMPTY_SHOP, []);

const read = (plan: Plan): Plan => expectValue(readPlan(JSON.parse(JSON.stringify(plan))));

const codesOf = (plan: Plan) => answersOf(plan).findings.map(({ code }) => code);

/** Two tubes of 2 in that meet square at the origin of the corner. */
const corner = cageOf(
  bar('a', 'frame-tube', point(0, 0, 0), point(500, 0, 0)),
  bar('b', 'frame-tube', point(0, 0, 0), point(0, 0, 500)),
);

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
