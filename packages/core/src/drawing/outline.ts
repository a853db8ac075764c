import { type Tube } from '../cage/index.ts';
import { fail, type Outcome, succeed, told } from '../fault/index.ts';
import { itemAt, pairOf } from '../items/index.ts';
import { degrees, radians, COINCIDENT } from '../measure/index.ts';
import { cross, dot, length, scale, subtract, unit, type Vec3 } from '../space/index.ts';

/** A tube farther off one plane than this has no outline on the floor. mm */
const FLAT = 0.5;

type Flat = readonly [number, number];

/** A line at true size, mm; y is up. An arc runs counter-clockwise from one angle to the other, degrees. */
export type TrueLine =
  | { kind: 'line'; from: Flat; to: Flat }
  | { kind: 'arc'; centre: Flat; radius: number; from: number; to: number };

/** A flat tube as it lies on the floor, at true size. Its lower left corner is at the origin. */
export interface FlatOutline {
  stamp: string;
  width: number;
  height: number;
  /** Both edges and the cut ends. */
  edges: TrueLine[];
  axis: TrueLine[];
  /** Across the tube where each arc starts and ends. */
  tangents: TrueLine[];
  arrows: { from: Flat; to: Flat }[];
  /** What is written on it: size in mm, the place is the baseline's. */
  labels: { at: Flat; text: string; size: number; anchor: 'start' | 'end' }[];
}

/** The point of an arc at an angle in degrees. */
export function onArc({ centre, radius }: Extract<TrueLine, { kind: 'arc' }>, angle: number): Flat {
  const turn = radians(angle);
  return [centre[0] + radius * Math.cos(turn), centre[1] + radius * Math.sin(turn)];
}

/** The outline of a tube whose axis lies in one plane, end A to end B from left to right. Fault: it bends in several planes. */
export function flatOutline(tube: Tube): Outcome<FlatOutline> {
  const frame = planeOf(tube);
  if (!frame.ok) return frame;
  const { origin, right, up } = frame.value;
  const flat = (point: Vec3): Flat => [dot(subtract(point, origin), right), dot(subtract(point, origin), up)];
  const half = tube.od / 2;
  const axis: TrueLine[] = [];
  const edges: TrueLine[] = [];
  const tangents: TrueLine[] = [];
  for (const piece of tube.axis) {
    if (piece.length < COINCIDENT) continue;
    if (piece.kind === 'straight') {
      const [from, to] = [flat(piece.from), flat(piece.to)];
      axis.push({ kind: 'line', from, to });
      for (const side of [half, -half]) edges.push(offsetLine(from, to, side));
    } else {
      const centre = flat(piece.centre);
      const radius = length(piece.radius);
      const start = degrees(Math.atan2(dot(piece.radius, up), dot(piece.radius, right)));
      const turn = dot(piece.normal, cross(right, up)) > 0 ? piece.angle : -piece.angle;
      const [from, to] = turn > 0 ? [start, start + turn] : [start + turn, start];
      const arc = (r: number): TrueLine => ({ kind: 'arc', centre, radius: r, from, to });
      axis.push(arc(radius));
      edges.push(arc(radius - half), arc(radius + half));
      for (const at of [from, to]) tangents.push(spoke(centre, at, radius - half, radius + half));
    }
  }
  edges.push(...endCuts(axis, half));
  return succeed(
    moved({ stamp: tube.stamp, width: 0, height: 0, edges, axis, tangents, arrows: [], labels: [] }),
  );
}

interface Plane {
  origin: Vec3;
  right: Vec3;
  up: Vec3;
}

/** The plane of the tube: through its ends and the corner that stands farthest off the line between them. */
function planeOf({ points, stamp }: Tube): Outcome<Plane> {
  const [origin, end] = [itemAt(points, 0), itemAt(points, -1)];
  const right = unit(subtract(end, origin));
  const off = points.map((point) => {
    const from = subtract(point, origin);
    return subtract(from, scale(right, dot(from, right)));
  });
  const farthest = off.reduce((best, one) => (length(one) > length(best) ? one : best));
  if (length(farthest) < FLAT) {
    const anyway = Math.abs(right[2]) < 0.9 ? cross(right, [0, 0, 1]) : cross(right, [1, 0, 0]);
    return succeed({ origin, right, up: unit(cross(anyway, right)) });
  }
  const up = unit(farthest);
  const square = cross(right, up);
  const worst = Math.max(...points.map((point) => Math.abs(dot(subtract(point, origin), square))));
  if (worst <= FLAT) return succeed({ origin, right, up });
  return fail(
    'not-flat',
    '',
    told`${stamp} bends in several planes, ${{ mm: worst }} off one: it has no outline on the floor`,
  );
}

function offsetLine(from: Flat, to: Flat, side: number): TrueLine {
  const span = Math.hypot(to[0] - from[0], to[1] - from[1]);
  const aside: Flat = [(-(to[1] - from[1]) / span) * side, ((to[0] - from[0]) / span) * side];
  return {
    kind: 'line',
    from: [from[0] + aside[0], from[1] + aside[1]],
    to: [to[0] + aside[0], to[1] + aside[1]],
  };
}

function spoke(centre: Flat, angle: number, inner: number, outer: number): TrueLine {
  const [x, y] = [Math.cos(radians(angle)), Math.sin(radians(angle))];
  return {
    kind: 'line',
    from: [centre[0] + x * inner, centre[1] + y * inner],
    to: [centre[0] + x * outer, centre[1] + y * outer],
  };
}

/** Square across the tube at both ends. */
function endCuts(axis: TrueLine[], half: number): TrueLine[] {
  const [first, last] = [axis[0], axis[axis.length - 1]];
  const cut = (line: TrueLine | undefined, which: 'from' | 'to'): TrueLine[] => {
    if (line?.kind !== 'line') return [];
    const sides = [half, -half].map((side) => offsetLine(line.from, line.to, side));
    const [a, b] = sides.map((one) => (one.kind === 'line' ? one[which] : ORIGIN));
    return a && b ? [{ kind: 'line', from: a, to: b }] : [];
  };
  return [...cut(first, 'from'), ...cut(last, 'to')];
}

const ORIGIN: Flat = [0, 0];

/** Moved so that nothing lies left of or below the origin. */
function moved(outline: FlatOutline): FlatOutline {
  const box = outline.edges.map(boxOf);
  const low = pairOf([0, 1] as const, (axis) => Math.min(...box.map(([from]) => from[axis])));
  const high = pairOf([0, 1] as const, (axis) => Math.max(...box.map(([, to]) => to[axis])));
  const [x, y] = low;
  const shift = (line: TrueLine): TrueLine =>
    line.kind === 'line'
      ? { ...line, from: [line.from[0] - x, line.from[1] - y], to: [line.to[0] - x, line.to[1] - y] }
      : { ...line, centre: [line.centre[0] - x, line.centre[1] - y] };
  return {
    ...outline,
    width: (high[0] ?? 0) - x,
    height: (high[1] ?? 0) - y,
    edges: outline.edges.map(shift),
    axis: outline.axis.map(shift),
    tangents: outline.tangents.map(shift),
  };
}

/** The box round a line: an arc's reaches to where it points along an axis, as far as it passes there. */
function boxOf(line: TrueLine): [Flat, Flat] {
  const points =
    line.kind === 'line'
      ? [line.from, line.to]
      : [
          line.from,
          line.to,
          ...[-360, -270, -180, -90, 0, 90, 180, 270, 360].filter((at) => at > line.from && at < line.to),
        ].map((at) => onArc(line, at));
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  return [
    [Math.min(...xs), Math.min(...ys)],
    [Math.max(...xs), Math.max(...ys)],
  ];
}

/** An arrow in plain lines: the shaft and two barbs. */
export function arrowLines({ from, to }: { from: Flat; to: Flat }): TrueLine[] {
  const BARB = 2.5;
  const span = Math.hypot(to[0] - from[0], to[1] - from[1]);
  const [x, y] = [(to[0] - from[0]) / span, (to[1] - from[1]) / span];
  const barb = (side: 1 | -1): TrueLine => ({
    kind: 'line',
    from: to,
    to: [to[0] - BARB * (x + 0.5 * side * y), to[1] - BARB * (y - 0.5 * side * x)],
  });
  return [{ kind: 'line', from, to }, barb(1), barb(-1)];
}
