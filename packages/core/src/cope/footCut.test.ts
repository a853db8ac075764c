import fc from 'fast-check';
import { expectValue } from '../fault/index.ts';
import { radians } from '../measure/index.ts';
import { add, cross, dot, rotateAbout, scale, subtract, unit, type Vec3 } from '../space/index.ts';
import { footCutFrom, type FootCutInput } from './footCut.ts';
import { copeFrom } from './input.ts';

const OD = 44.45;
const straight = (changes: Partial<FootCutInput> = {}): FootCutInput => ({
  ...{
    tube: {
      od: OD,
      points: [
        [0, 0, 0],
        [0, 0, 1000],
      ],
    },
    end: 'a',
  },
  plane: { point: [0, 0, 0], normal: [0, 0, 1] },
  ...changes,
});
const cutOf = (input: FootCutInput) => expectValue(footCutFrom(input));
const tilted = (deg: number): [number, number, number] => [Math.sin(radians(deg)), 0, Math.cos(radians(deg))];

test('a post on a level floor is cut square; on a slope its long side stands out by od · tan of the slope', () => {
  expect(cutOf(straight())).toEqual({ angle: 0, rise: 0, clock: null, shortest: 0, longest: 0 });
  const slope = cutOf(straight({ plane: { point: [0, 0, 0], normal: tilted(10) } }));
  expect(slope.angle).toBeCloseTo(10, 9);
  expect(slope.rise).toBeCloseTo(OD * Math.tan(radians(10)), 9);
  expect([slope.shortest, slope.longest].map((one) => one * 2)).toEqual([
    expect.closeTo(-slope.rise, 9),
    expect.closeTo(slope.rise, 9),
  ]);
  expect(slope.clock).toBeNull();
  // A floor 30 mm further up: all of it is cut back by as much; the normal's way and length say nothing.
  const up = cutOf(straight({ plane: { point: [0, 0, 30], normal: [0, 0, -5] } }));
  expect([up.shortest, up.longest]).toEqual([30, 30]);
});

test('the long side is told round the tube from the inside of the nearest bend', () => {
  // A leg that goes up and bends forward: its inside is forward.
  const tube = {
    od: OD,
    points: [
      [0, 0, 0],
      [0, 0, 500],
      [500, 0, 500],
    ] as [number, number, number][],
    clr: 150,
  };
  const clock = (
    normal: [number, number, number],
    end: 'a' | 'b' = 'a',
    point: [number, number, number] = [0, 0, 0],
  ) => cutOf({ tube, end, plane: { point, normal } }).clock;
  // The floor falls forward: the long side is in front. Looking up the axis a turn to the left is positive.
  expect(clock(tilted(10))).toBeCloseTo(0, 9);
  expect(clock(tilted(-10))).toBeCloseTo(180, 9);
  expect(clock([0, 0.1, 1])).toBeCloseTo(90, 9);
  expect(clock([0, -0.1, 1])).toBeCloseTo(270, 9);
  // End B looks back along the tube: its inside is down, and a wall that leans forward over it leaves the lower side long.
  expect(clock([1, 0, 0.1], 'b', [500, 0, 500])).toBeCloseTo(0, 9);
  expect(clock([1, 0, -0.1], 'b', [500, 0, 500])).toBeCloseTo(180, 9);
  expect(clock([1, 0, 0], 'b', [500, 0, 500])).toBeNull();
});

test('its setbacks are those of a cope to a header so large that it is a plane', () => {
  const angle = fc.double({ min: 1, max: 55, noNaN: true });
  const turn = fc.double({ min: 0, max: 359, noNaN: true });
  fc.assert(
    fc.property(angle, turn, fc.double({ min: -50, max: 50, noNaN: true }), (tilt, about, up) => {
      const normal = rotateAbout([0, 0, 1], radians(about), tilted(tilt));
      const big = 1e6;
      // The header's axis runs in the floor's direction of no slope, its radius below the plane.
      const along = unit(cross(normal, [0, 0, 1]));
      const middle = add([0, 0, up], scale(normal, -big / 2));
      const ends = [-1, 1].map(
        (way) => [...add(middle, scale(along, way * 1000))] as [number, number, number],
      );
      const points: [number, number, number][] = [
        [0, 0, 0],
        [0, 0, 1000],
      ];
      const cope = expectValue(
        copeFrom({
          ...{ branch: { od: OD, wall: 2.4, points }, end: 'a', generators: 360 },
          headers: [{ od: big, points: ends }],
        }),
      );
      const foot = cutOf({
        tube: { od: OD, points },
        end: 'a',
        plane: { point: [0, 0, up], normal: [...normal] },
      });
      expect(Math.abs((cope.shortest ?? NaN) - foot.shortest)).toBeLessThan(0.02);
      expect(Math.abs((cope.longest ?? NaN) - foot.longest)).toBeLessThan(0.02);
    }),
    { numRuns: 40 },
  );
});

test('turned and moved as a whole a foot is cut alike; end B is end A of the tube read the other way', () => {
  const some = fc.double({ min: -1, max: 1, noNaN: true });
  fc.assert(
    fc.property(some, some, fc.double({ min: 0, max: 6, noNaN: true }), (x, y, by) => {
      const points: Vec3[] = [
        [0, 0, 0],
        [10, 30, 500],
        [400, -100, 700],
        [900, 100, 300],
      ];
      const plane = { point: [0, 0, 5] as Vec3, normal: [0.2, 0.1, 1] as Vec3 };
      const axis = unit([x, y, 1.5]);
      const move = (at: Vec3): Vec3 => add(rotateAbout(axis, by, at), [100, -50, 20]);
      const of = (all: Vec3[], at: typeof plane, end: 'a' | 'b') =>
        cutOf({
          ...{
            tube: { od: OD, points: all.map((one) => [...one] as [number, number, number]), clr: 80 },
            end,
          },
          plane: { point: [...at.point], normal: [...at.normal] },
        });
      const here = of(points, plane, 'a');
      const there = of(
        points.map(move),
        { point: move(plane.point), normal: rotateAbout(axis, by, plane.normal) },
        'a',
      );
      const back = of(points.toReversed(), plane, 'b');
      for (const key of ['angle', 'rise', 'clock', 'shortest', 'longest'] as const) {
        expect(there[key]).toBeCloseTo(here[key] ?? NaN, 6);
        expect(back[key]).toBeCloseTo(here[key] ?? NaN, 9);
      }
      // The long side lies on the plane: the point of the tube's surface there, so far along the axis, does.
      const into = unit(subtract(points[1]!, points[0]!));
      const inside = unit(
        subtract(subtract(points[2]!, points[1]!), scale(into, dot(subtract(points[2]!, points[1]!), into))),
      );
      const out = rotateAbout(into, radians(here.clock ?? NaN), inside);
      const tip = add(scale(into, here.shortest), scale(out, OD / 2));
      expect(dot(subtract(tip, plane.point), unit(plane.normal))).toBeCloseTo(0, 6);
    }),
  );
});

test('a plane along the tube, one in its bend, and a normal without a direction are told at their field', () => {
  const bent = {
    od: OD,
    points: [
      [0, 0, 0],
      [0, 0, 300],
      [500, 0, 300],
    ] as [number, number, number][],
    clr: 150,
  };
  const faultOf = (input: FootCutInput) => {
    const found = footCutFrom(input);
    return found.ok ? null : [found.fault.code, found.fault.path];
  };
  expect(faultOf(straight({ plane: { point: [0, 0, 0], normal: [1, 0, 0] } }))).toEqual([
    'parallel',
    '/plane/normal',
  ]);
  expect(faultOf(straight({ plane: { point: [0, 0, 0], normal: [0, 0, 0] } }))).toEqual([
    'no-direction',
    '/plane/normal',
  ]);
  // The bend begins 150 mm up.
  expect(faultOf({ tube: bent, end: 'a', plane: { point: [0, 0, 200], normal: [0, 0, 1] } })).toEqual([
    'plane-in-bend',
    '/plane',
  ]);
  expect(faultOf({ tube: bent, end: 'a', plane: { point: [0, 0, 149], normal: [0, 0, 1] } })).toBeNull();
  expect(
    faultOf({ tube: { ...bent, clr: 400 }, end: 'a', plane: { point: [0, 0, 0], normal: [0, 0, 1] } })?.[1],
  ).toMatch(/^\/tube/);
});
