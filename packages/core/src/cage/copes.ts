import { directionAt, distanceToPath, lengthOf } from '../centreline/index.ts';
import { clockingOf, type Cope, copeOf, type CutPoint, endPoint, planeCut } from '../cope/index.ts';
import { type Outcome } from '../fault/index.ts';
import { type Plan } from '../plan/index.ts';
import { scale, type Vec3 } from '../space/index.ts';
import { type Joint } from './joint.ts';
import { areApart, boxOf, type Tube } from './tube.ts';

type End = 'a' | 'b';

/** How an end is made: by the saw, by a template and grinder, cut to a plane, or left square. */
export type CopeMethod = 'saw' | 'template' | 'plane' | 'none';

/** One end of one tube with its cut. mm and degrees */
export interface EndCut {
  piece: string;
  stamp: string;
  end: End;
  /** Stamps of the tubes it is coped to, the one it stands on first. */
  headers: string[];
  method: CopeMethod;
  /** Why no saw makes it, or why it has no cut. */
  why: string | null;
  /** Setbacks of the outer and the inner edge, mm, at even steps round the tube from the face line; null where it passes. */
  outer: (number | null)[];
  inner: (number | null)[];
  saw: Cope['saw'];
  /** To the ear (the long point) and to the throat (the lowest point), from the node along the axis. */
  ear: number;
  throat: number;
}

/** A tube's length three ways, and how its two ends are clocked. mm and degrees */
export interface CutLengths {
  piece: string;
  stamp: string;
  /** From node to node on the axis. */
  axis: number;
  throats: number;
  ears: number;
  /** From end A's face line to end B's; null where an end has none. */
  clocking: number | null;
}

export interface Copes {
  ends: EndCut[];
  lengths: CutLengths[];
}

const GENERATORS = 180;
/** An end this near to a tube fitted before it is cut by it too: its surface is within the branch's reach. */
const REACH = 1.05;

/** Every end of every new tube, against the tubes it stands on and those fitted before it that it would run into. */
export function copesOf(plan: Plan, tubes: Tube[], joints: Joint[], existing: Set<string>): Copes {
  const order = new Map(plan.fitOrder.map((id, i) => [id, i] as const));
  const ends: EndCut[] = [];
  const lengths: CutLengths[] = [];
  for (const tube of tubes) {
    if (existing.has(tube.member)) continue;
    const [a, b] = (['a', 'b'] as const).map((end) => {
      const headers = headersOf(tube, end, tubes, joints, order, plan);
      return { cut: cutOf(tube, end, headers), headers };
    }) as [Made, Made];
    ends.push(a.cut, b.cut);
    lengths.push({
      piece: tube.piece,
      stamp: tube.stamp,
      axis: tube.developed,
      throats: tube.developed - a.cut.throat - b.cut.throat,
      ears: tube.developed - a.cut.ear - b.cut.ear,
      clocking:
        a.headers[0] && b.headers[0] ? clockingOf(tube.axis, a.headers[0].axis, b.headers[0].axis) : null,
    });
  }
  return { ends, lengths };
}

interface Made {
  cut: EndCut;
  headers: Tube[];
}

/** The tubes that an end is cut by: those it stands on, and at a node those fitted before it; overrides of the plan win. */
function headersOf(
  tube: Tube,
  end: End,
  tubes: Tube[],
  joints: Joint[],
  order: Map<string, number>,
  { copeOverrides }: Plan,
): Tube[] {
  const own = joints
    .filter((joint) => joint.piece === tube.piece && joint.end === end)
    .map((joint) => joint.header);
  const at = endPoint(tube.axis, end);
  const box = boxOf({ points: [at] });
  const place = order.get(tube.piece) ?? Infinity;
  const override = (header: string) =>
    copeOverrides.find((one) => one.piece === tube.piece && one.end === end && one.header === header)?.coped;
  const near = tubes.filter((other) => {
    if (other.piece === tube.piece || own.includes(other.piece)) return false;
    const wanted = override(other.piece);
    if (wanted !== undefined) return wanted;
    if (own.length === 0 || other.member === tube.member) return false;
    if ((order.get(other.piece) ?? Infinity) >= place) return false;
    const reach = (REACH * (tube.od + other.od)) / 2;
    return !areApart(box, boxOf(other), reach) && distanceToPath(at, other.axis) < reach;
  });
  const standsOn = own.filter((header) => override(header) !== false);
  return [
    ...standsOn.flatMap((id) => tubes.find((other) => other.piece === id) ?? []),
    ...near.sort((x, y) => (order.get(x.piece) ?? 0) - (order.get(y.piece) ?? 0)),
  ];
}

function cutOf(tube: Tube, end: End, headers: Tube[]): EndCut {
  const common = { piece: tube.piece, stamp: tube.stamp, end, headers: headers.map(({ stamp }) => stamp) };
  if (headers.length === 0) return toFloor(tube, end, common);
  const cope: Outcome<Cope> = copeOf(tube, end, headers, GENERATORS);
  if (!cope.ok) return { ...common, ...nothing(cope.fault.message) };
  const { outer, inner, saw, why, shortest, longest } = cope.value;
  if (shortest === null || longest === null)
    return { ...common, ...nothing('the end lies inside its header, or passes it: move it along the bar') };
  const seats = outer.every(({ setback }) => setback !== null);
  return {
    ...common,
    method: saw ? 'saw' : 'template',
    why: seats
      ? (why ?? null)
      : 'part of it passes its header: it is larger, or its axis misses; it does not seat all round',
    outer: setbacksOf(outer),
    inner: setbacksOf(inner),
    saw,
    ear: shortest,
    throat: longest,
  };
}

/** A foot is cut level, as a floor or a plate lies, until the plate says otherwise. */
function toFloor(tube: Tube, end: End, common: Pick<EndCut, 'piece' | 'stamp' | 'end' | 'headers'>): EndCut {
  const direction = directionAt(tube.axis, end === 'a' ? 0 : lengthOf(tube.axis));
  const into: Vec3 = end === 'a' ? direction : scale(direction, -1);
  const cut = planeCut(tube.od, tube.wall, into, [0, 0, 1], GENERATORS);
  if (!cut) return { ...common, ...nothing('it stands on no tube and runs level: cut it square') };
  const setbacks = cut.outer.map(({ setback }) => setback ?? 0);
  return {
    ...common,
    method: 'plane',
    why: null,
    outer: setbacksOf(cut.outer),
    inner: setbacksOf(cut.inner),
    saw: null,
    ear: Math.min(...setbacks),
    throat: Math.max(...setbacks),
  };
}

const setbacksOf = (cuts: CutPoint[]) => cuts.map(({ setback }) => setback);

const nothing = (why: string) => ({
  method: 'none' as const,
  why,
  outer: [],
  inner: [],
  saw: null,
  ear: 0,
  throat: 0,
});
