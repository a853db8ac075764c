import fc from 'fast-check';
import { evaluate } from '../evaluate.ts';
import { hoopAnswerOf } from '../evaluation.ts';
import { cornersOf, layOut, type Piece, piecesOf } from '../centreline/index.ts';
import { type Tube } from '../cage/index.ts';
import { expectValue } from '../fault/index.ts';
import { EMPTY_SHOP } from '../plan/index.ts';
import { distance, rotateAbout, type Vec3 } from '../space/index.ts';
import { sectionProperties } from '../tube/index.ts';
import { HANDBOOK_CAR, planWith } from '../testing/index.ts';
import { feetCorrection, twistCorrection } from './correction.ts';
import { type BuiltDeviation, deviationsOf, evenAndTwisted, hoopRacked, rackedBy } from './deviation.ts';
import { crownBends, hoopPoints } from './hoopPoints.ts';
import { pointsAt } from './points.ts';
import { springForce, squaredHeights } from './spring.ts';

/** The axis through corners with one radius. mm */
function axisThrough(points: [number, number, number][], clr: number): Piece[] {
  const corners = expectValue(cornersOf({ points, clr: points.slice(2).map(() => clr) }));
  return piecesOf(corners, expectValue(layOut(corners)));
}

const answer = hoopAnswerOf(evaluate(planWith(HANDBOOK_CAR), EMPTY_SHOP, []));
const hoop = answer?.tube as Tube;
const pointOf = (key: string) => hoopPoints(hoop, 600).find((point) => point.key === key);

test('the figures of a hoop are those between the places that a tape is laid to', () => {
  expect(pointOf('hoop:feet')?.planned).toBeCloseTo(distance(hoop.points[0]!, hoop.points.at(-1)!), 6);
  const [left, right] = crownBends(hoop.axis);
  expect(pointOf('hoop:diagonal-left')?.planned).toBeCloseTo(distance(hoop.points[0]!, right!), 6);
  expect(pointOf('hoop:diagonal-right')?.planned).toBeCloseTo(distance(hoop.points.at(-1)!, left!), 6);
  // A car that is as wide on both sides has a hoop that is alike on both.
  for (const what of ['height', 'lean', 'diagonal'])
    expect(pointOf(`hoop:${what}-left`)?.planned).toBeCloseTo(pointOf(`hoop:${what}-right`)?.planned ?? 0, 6);
  expect(pointOf('hoop:lean-left')?.planned).toBeGreaterThan(0);
  expect(pointOf('hoop:belt')?.planned).toBeLessThan(pointOf('hoop:feet')?.planned ?? 0);
});

test('only the hoop is measured on the bench; its gaps and the bays when it stands in the car', () => {
  const given = {
    ...{ hoop, belt: null, gaps: answer?.gaps ?? [], stampOf: (piece: string) => piece },
    loops: [{ pieces: ['b', 'a'], corners: [], diagonals: [100, 120] as [number, number] }],
  };
  const kinds = (moment: 'bench' | 'welded') => new Set(pointsAt(moment, given).map(({ what }) => what.kind));
  expect([...kinds('bench')]).toEqual(['width', 'diagonal', 'height', 'lean', 'twist']);
  expect([...kinds('welded')]).toEqual(['width', 'diagonal', 'height', 'lean', 'gap', 'bay']);
  expect(pointsAt('welded', given).map(({ key }) => key)).toContain('bay:a+b:2');
});

test('a bay that is sheared by so much has diagonals that say so (a trapezoid, by Pythagoras)', () => {
  const some = fc.double({ min: 100, max: 2000, noNaN: true });
  fc.assert(
    fc.property(
      some,
      some,
      some,
      fc.double({ min: -50, max: 50, noNaN: true }),
      (base, top, height, shift) => {
        const middle = (base + top) / 2;
        const [first, second] = [Math.hypot(middle + shift, height), Math.hypot(middle - shift, height)];
        return Math.abs(rackedBy(first, second, middle) - shift) < 1e-6;
      },
    ),
  );
  expect(rackedBy(1, 2, 0)).toBe(0);
});

test('a hoop whose crown was pushed aside says how far, and to which side', () => {
  const [left, right] = crownBends(hoop.axis);
  const aside = 6;
  const pushed = (at: Vec3): Vec3 => [at[0], at[1] - aside, at[2]];
  const deviation = (side: 'left' | 'right', value: number): BuiltDeviation => {
    const point = pointOf(`hoop:diagonal-${side}`)!;
    return { point, value, off: value - point.planned, status: 'look', moment: 'tacked', who: '', at: '' };
  };
  const racked = hoopRacked(
    hoop,
    deviation('left', distance(hoop.points[0]!, pushed(right!))),
    deviation('right', distance(hoop.points.at(-1)!, pushed(left!))),
  );
  expect(racked.by).toBeCloseTo(aside, 6);
  expect(racked.twisted).toBeGreaterThan(0);
  // Both are longer and shorter alike but for what is of the second order.
  expect(Math.abs(racked.even)).toBeLessThan(0.1);
});

test('what two sides have in common and what differs add up to both', () => {
  const { even, twisted } = evenAndTwisted(5, -1);
  expect([even + twisted, even - twisted]).toEqual([5, -1]);
});

test('a measure within the tape’s error is clear; an unmeasured one is not told as clear', () => {
  const points = hoopPoints(hoop, null);
  const feet = points[0]!;
  const read = (off: number) => (key: string) =>
    key === feet.key
      ? { moment: 'bench' as const, value: feet.planned + off, who: 'A', at: '2026-11-27T10:00:00Z' }
      : null;
  expect(deviationsOf(points, read(1), { mm: 1.5, deg: 0.5 })).toMatchObject([{ status: 'clear' }]);
  expect(deviationsOf(points, read(-2), { mm: 1.5, deg: 0.5 })).toMatchObject([{ status: 'look', off: -2 }]);
});

describe('the force that a sprung hoop leaves', () => {
  const section = { od: 44.45, wall: 2.413 };
  const stiffness = 205_000 * sectionProperties(section).secondMoment;

  test('half a circle: F = 2·E·I·δ / (π·R³), Roark’s curved beams (from memory)', () => {
    const half = axisThrough(
      [
        [0, 500, 0],
        [0, 500, 500],
        [0, -500, 500],
        [0, -500, 0],
      ],
      499.999,
    );
    expect(squaredHeights(half) / ((Math.PI * 500 ** 3) / 2)).toBeCloseTo(1, 4);
    expect(springForce(half, section, 10)).toBeCloseTo((2 * stiffness * 10) / (Math.PI * 500 ** 3), 1);
  });

  test('a portal with sharp corners: ∫ y² ds = 2·h³/3 + w·h²', () => {
    const portal = axisThrough(
      [
        [0, 600, 0],
        [0, 600, 1000],
        [0, -600, 1000],
        [0, -600, 0],
      ],
      0.5,
    );
    expect(squaredHeights(portal) / ((2 * 1000 ** 3) / 3 + 1200 * 1000 ** 2)).toBeCloseTo(1, 3);
  });
});

describe('feet that are out', () => {
  const planned = pointOf('hoop:feet')?.planned ?? 0;
  const correct = (off: number, spread = 6) =>
    feetCorrection(hoop, { planned, measured: planned + off, error: 1, spread });

  test('wider: each bend is pulled further, by what turns its leg in about the bend as a rigid body', () => {
    const found = correct(12);
    if (found.kind !== 'wider') throw new Error(found.kind);
    // Each leg turned about the middle of its bend, in the hoop's plane, from where its foot stands too far out by half.
    const [left, right] = crownBends(hoop.axis);
    const turnedIn = (planned: Vec3, about: Vec3, out: number, pull: number): Vec3 => {
      const arm: Vec3 = [planned[0] - about[0], planned[1] + out - about[1], planned[2] - about[2]];
      const turned = rotateAbout([1, 0, 0], (pull * Math.PI) / 180, arm);
      return [about[0] + turned[0], about[1] + turned[1], about[2] + turned[2]];
    };
    const feet = [
      turnedIn(hoop.points[0]!, left!, 6, -found.pull.left),
      turnedIn(hoop.points.at(-1)!, right!, -6, found.pull.right),
    ] as const;
    // The dial is read to a tenth of a degree, and half of that is 0.9 mm at the foot.
    expect(Math.abs(feet[0][1] - hoop.points[0]![1])).toBeLessThan(0.95);
    expect(found.expected).toBeCloseTo(feet[0][1] - feet[1][1], 1);
    expect(found.force).toBeGreaterThan(0);
  });

  test('narrower: never bent open; spread as far as the shop does it, and scrap beyond', () => {
    expect(correct(-5)).toMatchObject({ kind: 'narrower', within: true });
    expect(correct(-7)).toMatchObject({ kind: 'narrower', within: false });
    expect(correct(0.8)).toMatchObject({ kind: 'none' });
  });

  test('a foot out of the plane turns back about the crown by its error over the leg', () => {
    const leg = Math.hypot(
      hoop.points[0]![0] - crownBends(hoop.axis)[0]![0],
      hoop.points[0]![2] - crownBends(hoop.axis)[0]![2],
    );
    expect(twistCorrection(10, hoop)).toBeCloseTo(((10 / leg) * 180) / Math.PI, 2);
  });
});
