import fc from 'fast-check';
import { distanceToPath, lengthOf } from '../../centreline/index.ts';
import { pieceAnswerOf } from '../../evaluation.ts';
import { type Bar, type BarShape } from '../../plan/index.ts';
import { distance, type Vec3 } from '../../space/index.ts';
import { bar, cageOf, deg, mm, placeAt, point, stationOn } from '../../testing/index.ts';
import { type Tube } from '../index.ts';
import { answersOf, tubeOf, saysOf } from '../../testing/placed.ts';

/** A bar across the car, 1000 mm between its ends at half a metre's height, with a shape. */
const across = (shape: BarShape, changes: Partial<Bar> = {}) =>
  cageOf(bar('x', 'dash-bar', point(0, 500, 500), point(0, -500, 500), { shape, ...changes }));

const at = (tube: Tube, i: number) => tube.points[i] as Vec3;

const CLR = 3 * 50.8;

test('a bow rises by what was asked, its middle parallel to the chord, its straight as long as asked', () => {
  const tube = tubeOf(
    across({ kind: 'bow', towards: 'front', rise: mm(120), angle: null, flat: mm(300) }),
    'p-x',
  );
  expect(tube.points.map(([x]) => x)).toEqual([0, 120, 120, 0].map((x) => expect.closeTo(x, 6) as number));
  const middle = tube.axis[2];
  expect(middle?.length).toBeCloseTo(300, 6);
  expect(at(tube, 1)[1]).toBeCloseTo(-at(tube, 2)[1], 6);
});

test('a crank by its angle bends by that angle at both ends of its middle', () => {
  const plan = across({ kind: 'bow', towards: 'up', rise: null, angle: deg(12), flat: mm(450) });
  const arcs = tubeOf(plan, 'p-x').axis.filter((piece) => piece.kind === 'arc');
  expect(arcs.map((arc) => arc.kind === 'arc' && arc.angle)).toEqual([
    expect.closeTo(12, 6),
    expect.closeTo(12, 6),
  ]);
});

test('without a straight the bow bends once, in the middle, by twice its slope', () => {
  const tube = tubeOf(across({ kind: 'bow', towards: 'up', rise: mm(100), angle: null, flat: mm(0) }), 'p-x');
  expect(tube.features).toEqual(['bow-middle']);
  const [arc] = tube.axis.filter((piece) => piece.kind === 'arc');
  expect(arc?.kind === 'arc' && arc.angle).toBeCloseTo((2 * Math.atan(100 / 500) * 180) / Math.PI, 6);
});

// travel = set / sin θ, the fitter's offset rule; from memory, any pipe fitter's handbook.
test('an offset keeps its set, its width, and the travel of the fitter’s rule', () => {
  const tube = tubeOf(
    across({
      kind: 'offset',
      towards: 'rear',
      offset: mm(110),
      flat: mm(160),
      centre: mm(0),
      angle: deg(45),
    }),
    'p-x',
  );
  expect(distance(at(tube, 1), at(tube, 2))).toBeCloseTo(110 / Math.sin(Math.PI / 4), 6);
  expect(tube.axis[4]?.length).toBeCloseTo(160, 6);
  expect(at(tube, 2)[0]).toBeCloseTo(-110, 6);
  expect(at(tube, 1)[0]).toBeCloseTo(0, 6);
});

test('the angle of an offset is the least whole degree that leaves the ends their straight', () => {
  const shape = (angle: number | null): BarShape => ({
    kind: 'offset',
    towards: 'rear',
    offset: mm(120),
    flat: mm(120),
    centre: mm(60),
    angle: angle === null ? null : deg(angle),
  });
  const solved = tubeOf(across(shape(null)), 'p-x');
  const [arc] = solved.axis.filter((piece) => piece.kind === 'arc');
  const angle = arc?.kind === 'arc' ? Math.round(arc.angle) : 0;
  expect(arc?.kind === 'arc' && arc.angle).toBeCloseTo(angle, 6);
  const leastStraight = 1.5 * 50.8;
  expect(Math.min(solved.axis[0]?.length ?? 0, solved.axis.at(-1)?.length ?? 0)).toBeGreaterThanOrEqual(
    leastStraight - 1e-6,
  );
  const gentler = tubeOf(across(shape(angle - 1)), 'p-x');
  expect(Math.min(gentler.axis[0]?.length ?? 0, gentler.axis.at(-1)?.length ?? 0)).toBeLessThan(
    leastStraight,
  );
});

test('a bar on legs of its own stands off by them, at right angles', () => {
  const tube = tubeOf(across({ kind: 'stand-off', towards: 'rear', offset: mm(220) }), 'p-x');
  expect(tube.points).toEqual([
    [0, 500, 500],
    [-220, 500, 500],
    [-220, -500, 500],
    [0, -500, 500],
  ]);
  expect(saysOf(across({ kind: 'stand-off', towards: 'rear', offset: mm(100) }))[0]).toContain(
    `make it ${Math.ceil(CLR)} mm at least`,
  );
});

// R = c²/(8h) + h/2: the radius of an arc from chord and rise [any geometry's circular segment].
test('an arc has the radius that chord and rise give, and ends on its ends', () => {
  const tube = tubeOf(across({ kind: 'arc', towards: 'up', rise: mm(50), lead: mm(0) }), 'p-x');
  const [arc] = tube.axis.filter((piece) => piece.kind === 'arc');
  expect(arc?.kind === 'arc' && arc.length / ((arc.angle * Math.PI) / 180)).toBeCloseTo(
    1000 ** 2 / (8 * 50) + 50 / 2,
    3,
  );
  expect(distanceToPath([0, 0, 550], tube.axis)).toBeLessThan(1e-3);
});

test('leads of an arc stay straight, and its middle still rises as asked', () => {
  const tube = tubeOf(across({ kind: 'arc', towards: 'up', rise: mm(50), lead: mm(120) }), 'p-x');
  expect(tube.axis[0]?.length).toBeCloseTo(120, 4);
  expect(distanceToPath([0, 0, 550], tube.axis)).toBeLessThan(1e-3);
  expect(saysOf(across({ kind: 'arc', towards: 'up', rise: mm(50), lead: mm(600) }))[0]).toContain(
    'no arc rises',
  );
});

test('arcs through offsets from a straight edge miss no station by more than allowed', () => {
  // Offsets of a circle of 2 m radius over a chord of a metre: one arc is enough, and it is that circle.
  const off = (along: number) => Math.sqrt(2000 ** 2 - (along - 500) ** 2) - Math.sqrt(2000 ** 2 - 500 ** 2);
  const stations = [150, 300, 500, 700, 850].map((along) => ({ along: mm(along), offset: mm(off(along)) }));
  const plan = across({ kind: 'stations', towards: 'up', stations, tolerance: mm(1) });
  const tube = tubeOf(plan, 'p-x');
  for (const { along, offset } of stations)
    expect(distanceToPath([0, 500 - along.mm, 500 + offset.mm], tube.axis)).toBeLessThan(1);
  // A curve of two radii takes more arcs.
  const skew = [0.5, 1, 1.6, 2.4, 3.2, 3.4, 2.6].map((height, i) => ({
    along: mm((i + 1) * 125),
    offset: mm(height * 12),
  }));
  const double = tubeOf(across({ kind: 'stations', towards: 'up', stations: skew, tolerance: mm(3) }), 'p-x');
  expect(double.features.length).toBeGreaterThan(1);
  for (const { along, offset } of skew)
    expect(distanceToPath([0, 500 - along.mm, 500 + offset.mm], double.axis)).toBeLessThanOrEqual(3);
});

test('a take-off runs from its end toward its aim and turns as its rows say', () => {
  const rows = [
    { straight: mm(400), turn: { kind: 'degrees' as const, angle: deg(0) }, angle: deg(90), takes: null },
  ];
  const tube = tubeOf(
    cageOf(
      bar('x', 'take-off', point(0, 0, 0), point(0, 0, 0), {
        shape: {
          kind: 'take-off',
          aim: placeAt(1000, 0, 0),
          roll: deg(0),
          sample: null,
          rows,
          tail: mm(300),
        },
      }),
    ),
    'p-x',
  );
  // Forward, then up: roll 0 is up.
  expect(at(tube, 2)).toEqual([
    expect.closeTo(400 + CLR, 6),
    expect.closeTo(0, 6),
    expect.closeTo(300 + CLR, 6),
  ]);
  expect(tube.axis.map(({ length }) => length)).toEqual(
    [400, (CLR * Math.PI) / 2, 300].map((length) => expect.closeTo(length, 6) as number),
  );
});

test('a bar across the car mirrors its left half', () => {
  const halo = bar('ha', 'halo', stationOn('m-hoop', 'crown-left'), stationOn('m-hoop', 'crown-right'), {
    pair: 'across',
    shape: { kind: 'through', via: [{ feature: 'front-left', at: placeAt(460, 520, 1040) }] },
  });
  const tube = tubeOf(cageOf(halo), 'p-ha');
  expect(tube.features).toEqual(['front-left', 'front-right']);
  expect(at(tube, 2)).toEqual([460, -520, 1040]);
});

test('a bend that does not fit is told with the radius that would', () => {
  const tight = across({
    kind: 'through',
    via: [
      { feature: 'one', at: placeAt(0, 450, 500) },
      { feature: 'two', at: placeAt(200, 430, 500) },
    ],
  });
  const [says] = saysOf(tight);
  expect(says).toMatch(/a radius of \d+ mm at most/);
  const fits = Number(/a radius of (\d+) mm/.exec(says ?? '')?.[1]);
  expect(fits).toBeLessThan(CLR);
});

test('any figures of any shape give straights of nothing or more, or a finding; never NaN', () => {
  const size = fc.integer({ min: 0, max: 1500 });
  const towards = fc.constantFrom('front', 'rear', 'up', 'down', 'out', 'left' as const);
  const turn = fc.option(fc.integer({ min: 1, max: 85 }));
  const maybe = <T, U>(value: T | null, made: (value: T) => U): U | null =>
    value === null ? null : made(value);
  const shapes: fc.Arbitrary<BarShape> = fc.oneof(
    fc.record({ towards, rise: size, flat: size, angle: turn }).map(({ towards, rise, flat, angle }) => ({
      kind: 'bow' as const,
      towards,
      rise: angle === null ? mm(rise) : null,
      angle: maybe(angle, deg),
      flat: mm(flat),
    })),
    fc
      .record({ towards, offset: size, flat: size, centre: fc.integer({ min: -600, max: 600 }), angle: turn })
      .map(({ towards, offset, flat, centre, angle }) => ({
        kind: 'offset' as const,
        towards,
        offset: mm(offset),
        flat: mm(flat),
        centre: mm(centre),
        angle: maybe(angle, deg),
      })),
    fc.record({ towards, offset: size }).map(({ towards, offset }) => ({
      kind: 'stand-off' as const,
      towards,
      offset: mm(offset),
    })),
    fc.record({ towards, rise: size, lead: size }).map(({ towards, rise, lead }) => ({
      kind: 'arc' as const,
      towards,
      rise: mm(rise),
      lead: mm(lead),
    })),
    fc
      .record({
        towards,
        offsets: fc.array(fc.integer({ min: -200, max: 200 }), { minLength: 1, maxLength: 8 }),
      })
      .map(({ towards, offsets }) => ({
        kind: 'stations' as const,
        towards,
        stations: offsets.map((off, i) => ({
          along: mm(((i + 1) * 1000) / (offsets.length + 1)),
          offset: mm(off),
        })),
        tolerance: mm(5),
      })),
  );
  fc.assert(
    fc.property(shapes, (shape) => {
      const answers = answersOf(across(shape));
      const tube = pieceAnswerOf(answers, 'p-x')?.answer.tube;
      if (!tube) return expect(saysOf(across(shape))).not.toEqual([]);
      expect(tube.axis.every(({ length }) => Number.isFinite(length) && length >= 0)).toBe(true);
      expect(lengthOf(tube.axis)).toBeGreaterThanOrEqual(
        distance(at(tube, 0), tube.points.at(-1) as Vec3) - 1e-6,
      );
    }),
    { seed: 11, numRuns: 250 },
  );
});

test('moving every measured place moves the bar rigidly', () => {
  fc.assert(
    fc.property(
      fc.tuple(...[0, 1, 2].map(() => fc.integer({ min: -400, max: 400 }))),
      fc.integer({ min: 20, max: 200 }),
      ([dx = 0, dy = 0, dz = 0], rise) => {
        const shape: BarShape = { kind: 'bow', towards: 'up', rise: mm(rise), angle: null, flat: mm(200) };
        const moved = (x: number, y: number, z: number) =>
          tubeOf(
            cageOf(bar('x', 'dash-bar', point(x, 500 + y, 500 + z), point(x, -500 + y, 500 + z), { shape })),
            'p-x',
          );
        const [from, to] = [moved(0, 0, 0), moved(dx, dy, dz)];
        expect(to.developed).toBeCloseTo(from.developed, 6);
        for (const [i, [x, y, z]] of from.points.entries())
          for (const [axis, value] of [x + dx, y + dy, z + dz].entries())
            expect(at(to, i)[axis]).toBeCloseTo(value, 6);
      },
    ),
    { seed: 5, numRuns: 40 },
  );
});
