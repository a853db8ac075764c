import { itemAt } from '../items/index.ts';
import { lengthOf, type Piece } from '../centreline/index.ts';
import { radians, COINCIDENT } from '../measure/index.ts';
import { add, cross, length, rotateAbout, scale, subtract, unit, type Vec3, dot } from '../space/index.ts';

/** A stretch of the branch's axis from the coped end inward, with the frame that its generators keep. Any frame, mm. */
type Stretch =
  | { kind: 'straight'; start: number; from: Vec3; along: Vec3; u: Vec3; v: Vec3 }
  | {
      kind: 'arc';
      start: number;
      centre: Vec3;
      radius: Vec3;
      normal: Vec3;
      /** Radians of turn per mm of axis. */
      rate: number;
      u: Vec3;
      v: Vec3;
    };

/** The branch seen from its coped end: s counts along the axis from the end into the tube, negative beyond the end. */
export interface Branch {
  stretches: [Stretch, ...Stretch[]];
  end: Vec3;
  /** Into the branch. */
  into: Vec3;
  u: Vec3;
  v: Vec3;
  length: number;
  /** Of the straight that the end lies on. */
  straight: number;
  /** The frame as it arrives at the other end. */
  carried: { u: Vec3; v: Vec3 };
  /** How much faster than its axis the outermost point moves, at the tightest bend. */
  fastest: (radius: number) => number;
}

/** The same axis from end B to end A. */
export function reversedAxis(axis: Piece[]): Piece[] {
  const total = lengthOf(axis);
  return [...axis].reverse().map((piece): Piece => {
    const start = total - piece.start - piece.length;
    if (piece.kind === 'straight') return { ...piece, from: piece.to, to: piece.from, start };
    return {
      ...piece,
      radius: rotateAbout(piece.normal, radians(piece.angle), piece.radius),
      normal: scale(piece.normal, -1),
      start,
    };
  });
}

/**
 * The branch from its end A, with u as the direction of φ = 0 square to its axis. Generators follow a bent branch round its
 * arc: the frame turns with the tangent and not about it.
 */
export function branchFrom(axis: Piece[], into: Vec3, u: Vec3): Branch {
  const first = itemAt(axis, 0);
  const end = first.kind === 'straight' ? first.from : add(first.centre, first.radius);
  let frame = { t: into, u, v: cross(into, u) };
  const stretches = axis.map((piece): Stretch => {
    const { t, u: du, v: dv } = frame;
    if (piece.kind === 'straight')
      return { kind: 'straight', start: piece.start, from: piece.from, along: t, u: du, v: dv };
    const turn = radians(piece.angle);
    const { centre, radius, normal, start } = piece;
    const turned = (a: Vec3) => rotateAbout(normal, turn, a);
    frame = { t: turned(t), u: turned(du), v: turned(dv) };
    return { kind: 'arc', start, centre, radius, normal, rate: turn / piece.length, u: du, v: dv };
  });
  const tightest = Math.min(...axis.map((piece) => (piece.kind === 'arc' ? length(piece.radius) : Infinity)));
  return {
    stretches: stretches as Branch['stretches'],
    end,
    into,
    u,
    v: cross(into, u),
    length: lengthOf(axis),
    straight: first.kind === 'straight' ? first.length : 0,
    carried: { u: frame.u, v: frame.v },
    fastest: (radius) => 1 + radius / tightest,
  };
}

/** The point at s on the generator that stands off the axis by cosine·u + sine·v. */
export function onGenerator({ stretches }: Branch, s: number, cosine: number, sine: number): Vec3 {
  const [first] = stretches;
  const stretch = stretches.length === 1 ? first : (stretches.findLast((one) => one.start <= s) ?? first);
  const within = s - stretch.start;
  const off = add(scale(stretch.u, cosine), scale(stretch.v, sine));
  if (stretch.kind === 'straight') return add(add(stretch.from, scale(stretch.along, within)), off);
  const turned = (a: Vec3) => rotateAbout(stretch.normal, stretch.rate * within, a);
  return add(stretch.centre, add(turned(stretch.radius), turned(off)));
}

/** u, made square to the branch's axis from a direction; null where the two are parallel. */
export function squareTo(into: Vec3, direction: Vec3): Vec3 | null {
  const square = subtract(direction, scale(into, dot(into, direction)));
  return length(square) < COINCIDENT ? null : unit(square);
}

/** Some direction square to an axis: the one made from `wanted`, or from `other` where the axis runs nearly along that. */
export function anySquareTo(into: Vec3, wanted: Vec3, other: Vec3): Vec3 {
  const from = Math.abs(dot(into, wanted)) < 0.9 ? wanted : other;
  return unit(subtract(from, scale(into, dot(into, from))));
}
