import { z } from 'zod';
import { clrInput, type Piece, pointsInput } from '../centreline/index.ts';
import { andThen, coordinate, fail, oneOf, type Outcome, say, size, succeed, under } from '../fault/index.ts';
import { degrees, IN_LINE, NOISE, radians, turned } from '../measure/index.ts';
import {
  angleAbout,
  angleBetween,
  cross,
  dot,
  length,
  scale,
  subtract,
  unit,
  type Vec3,
} from '../space/index.ts';
import { reversedAxis, squareTo } from './generators.ts';
import { axisOf } from './input.ts';

const vector = (what: string) =>
  z.tuple([coordinate('x'), coordinate('y'), coordinate('z')], say(`${what} [x, y, z]`));

/** Check of the input of a foot's cut: a tube, its end, and what it is cut to. mm */
export const footCutInput = z.strictObject({
  tube: z.strictObject(
    { od: size('the outside diameter'), points: pointsInput, clr: clrInput.optional() },
    say('the tube {od, points, clr?}'),
  ),
  end: oneOf(['a', 'b'], 'the end that is cut'),
  plane: z.strictObject(
    { point: vector('a point of the plane'), normal: vector('its normal') },
    say('the plane {point, normal}'),
  ),
});

/** A tube, its end, and the floor or plate that it is cut to. mm */
export type FootCutInput = z.infer<typeof footCutInput>;

/** An end cut to a floor, a plate or a wall. mm and degrees */
export interface FootCutAnswer {
  /** Of the saw from square, from 0 up to 90. */
  angle: number;
  /** The long side stands out over the short one by so much: od · tan(angle). */
  rise: number;
  /**
   * Where the long side lies, from 0 up to 360: right-handed about the axis pointing into the tube, from the inside of the bend nearest to
   * that end. null for a straight tube, or a cut that is square.
   */
  clock: number | null;
  /** Along the axis from the end point, positive into the tube, to the cut on its long side. */
  shortest: number;
  /** The same on its short side. */
  longest: number;
}

/** The same with the direction in which the long side lies from the axis, length 1; null where the cut is square. */
export interface FootSaw extends FootCutAnswer {
  long: Vec3 | null;
}

/** An end and its plane: the tube's axis, and unit vectors. */
interface Foot {
  od: number;
  axis: Piece[];
  end: 'a' | 'b';
  point: Vec3;
  normal: Vec3;
}

/** The cut of an end to a plane, from points and radii. */
export const footCutFrom = ({ tube, end, plane }: FootCutInput): Outcome<FootCutAnswer> =>
  length(plane.normal) < NOISE
    ? fail('no-direction', '/plane/normal', 'a normal of no length has no direction')
    : andThen(under('/tube', axisOf(tube)), (axis) =>
        andThen(
          footCut({ od: tube.od, axis, end, point: plane.point, normal: unit(plane.normal) }),
          ({ angle, rise, clock, shortest, longest }) => succeed({ angle, rise, clock, shortest, longest }),
        ),
      );

/** The cut of an end to a plane. A plane along the tube, and one that would cut into its bend, are faults. */
export function footCut({ od, axis, end, point, normal }: Foot): Outcome<FootSaw> {
  const { at, into, straight, inside } = lookedInto(end === 'a' ? axis : reversedAxis(axis));
  const lean = dot(into, normal);
  const angle = degrees(angleBetween(into, lean < 0 ? scale(normal, -1) : normal));
  if (angle >= 90 - IN_LINE)
    return fail('parallel', '/plane/normal', 'the plane runs along the tube: it cuts no end of it');
  const middle = dot(subtract(point, at), normal) / lean;
  const rise = od * Math.tan(radians(angle));
  const [shortest, longest] = [middle - rise / 2, middle + rise / 2];
  if (inside && longest > straight + NOISE)
    return fail(
      'plane-in-bend',
      '/plane',
      `the plane cuts into the bend that begins ${straight.toFixed(1)} mm from the end`,
    );
  const long = angle < IN_LINE ? null : squareTo(into, scale(normal, lean < 0 ? -1 : 1));
  return succeed({
    angle,
    rise,
    clock: long && inside ? turned(degrees(angleAbout(into, inside, long))) : null,
    shortest,
    longest,
    long,
  });
}

interface LookedInto {
  at: Vec3;
  /** The axis into the tube, length 1. */
  into: Vec3;
  /** To the nearest bend. */
  straight: number;
  /** From the axis there toward the middle of that bend, length 1; null for a straight tube. */
  inside: Vec3 | null;
}

/** A tube looked into from where its axis begins. */
function lookedInto(axis: Piece[]): LookedInto {
  const first = axis.find((piece) => piece.kind === 'straight');
  const bend = axis.find((piece) => piece.kind === 'arc');
  if (!first) throw new RangeError('an axis begins and ends with a straight');
  const { from, to, length: straight } = first;
  const into = bend && straight < NOISE ? unit(cross(bend.normal, bend.radius)) : unit(subtract(to, from));
  return { at: from, into, straight, inside: bend ? scale(unit(bend.radius), -1) : null };
}
