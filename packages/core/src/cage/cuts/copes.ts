import { pairOf } from '../../items/index.ts';
import { kept } from '../../kept/index.ts';
import { distanceToPath } from '../../centreline/index.ts';
import { type Plan } from '../../plan/index.ts';
import { clockingBetween, type Cope, copeOf, endPoint, seamOf, weldPrep } from '../../cope/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { type End, type EndCut, type CutEnd } from './endCut.ts';
import { type Joint } from '../placing/joint.ts';
import { seamsOf, type Seams } from './seams.ts';
import { type BentLengths, bentLengths } from './bentLengths.ts';
import { areApart, type Box, boxOf, type Tube } from '../tube.ts';
import { groundUnder, plateUnder, toPlane } from './planeCuts.ts';
import { type CopeSetting, GENERATORS, type WhichEnd, uncut } from './copeSetting.ts';

/** A tube's length three ways, and how its two ends are clocked. mm and degrees */
export interface CutLengths {
  piece: string;
  stamp: string;
  /** From node to node on the axis. */
  axis: number;
  throats: number;
  ears: number;
  /** Extra tube that the plan leaves at each end. */
  trim: [a: number, b: number];
  /** What can be measured of a bent tube; null for a straight one, whose ears a tape finds. */
  bent: BentLengths | null;
  /** From end A's face line to end B's; null where an end has none. */
  clocking: number | null;
}

/** Every end with its cut, every tube with its lengths, and every seam. mm */
export interface Copes extends Seams {
  ends: EndCut[];
  lengths: CutLengths[];
}

/** An end this near to a tube fitted before it is cut by it too: its surface is within the branch's reach. */
const REACH = 1.05;

/** Every end of every new tube, against the tubes it stands on and those fitted before it that it would run into. */
export function copesOf(setting: CopeSetting): Copes {
  const { made, lengths } = cutEndsOf(setting);
  const seams = seamsOf(setting.plan, made, setting.tubes, placesIn(setting.plan));
  return { ends: made.map(({ cut }) => cut), lengths, ...seams };
}

const placesIn = ({ fitOrder }: Plan): Map<string, number> => new Map(fitOrder.map((id, i) => [id, i]));

/** The same ends, with the tubes they are cut by and the lines of their seams. */
export function cutEndsOf(setting: CopeSetting): { made: CutEnd[]; lengths: CutLengths[] } {
  const { plan, tubes, existing } = setting;
  const order = placesIn(plan);
  const trims = new Map(
    plan.members.map(({ id, bending }) => [id, [bending.trimA.mm, bending.trimB.mm]] as const),
  );
  const boxes = new Map(tubes.map((tube) => [tube.piece, boxOf(tube)] as const));
  const made: CutEnd[] = [];
  const lengths: CutLengths[] = [];
  for (const tube of tubes) {
    if (existing.has(tube.member)) continue;
    const [a, b] = pairOf(['a', 'b'] as const, (end): CutEnd => {
      const headers = headersOf(tube, end, setting, { order, boxes });
      return { tube, headers, ...cutOf(tube, end, headers, setting) };
    });
    made.push(a, b);
    const [trimA = 0, trimB = 0] = trims.get(tube.member) ?? [];
    lengths.push({
      piece: tube.piece,
      stamp: tube.stamp,
      axis: tube.developed,
      throats: tube.developed - a.cut.throat - b.cut.throat,
      ears: tube.developed - a.cut.ear - b.cut.ear,
      trim: [trimA, trimB],
      bent: bentLengths(tube, a.cut.ear, b.cut.ear),
      clocking: clockingIn(tube, a, b),
    });
  }
  return { made, lengths };
}

/** From what tells end A's turn round the tube to what tells end B's: a cope's face line, the long side of a slanting foot. */
function clockingIn(tube: Tube, a: CutEnd, b: CutEnd): number | null {
  const told = ({ headers, cut }: CutEnd): Vec3 | null =>
    headers.length > 0 ? cut.face : (cut.foot?.long ?? null);
  const [atA, atB] = [told(a), told(b)];
  return atA && atB ? clockingBetween(tube.axis, atA, atB) : null;
}

/** The tubes that an end is cut by: those it stands on, and at a node those fitted before it; overrides of the plan win. */
function headersOf(
  tube: Tube,
  end: End,
  { plan: { copeOverrides }, tubes, joints, continuous }: CopeSetting,
  { order, boxes }: { order: Map<string, number>; boxes: Map<string, Box> },
): Tube[] {
  const own = joints
    .filter((joint) => joint.piece === tube.piece && joint.end === end)
    .map((joint) => joint.header);
  const at = endPoint(tube.axis, end);
  const box = boxOf({ points: [at] });
  const place = order.get(tube.piece) ?? Infinity;
  const override = (header: string) =>
    copeOverrides.find((one) => one.piece === tube.piece && one.end === end && one.header === header)?.coped;
  const standsOnThis = (other: string) =>
    joints.some((joint) => joint.piece === other && joint.header === tube.piece);
  const comesFirst = (other: Tube): boolean => {
    const [mine, theirs] = [continuous.has(tube.piece), continuous.has(other.piece)];
    if (mine !== theirs && !standsOnThis(other.piece)) return theirs;
    return (order.get(other.piece) ?? Infinity) < place;
  };
  const near = tubes.filter((other) => {
    if (other.piece === tube.piece || own.includes(other.piece)) return false;
    const wanted = override(other.piece);
    if (wanted !== undefined) return wanted;
    if (own.length === 0 || other.member === tube.member) return false;
    const reach = (REACH * (tube.od + other.od)) / 2;
    const otherBox = boxes.get(other.piece);
    if (!otherBox || areApart(box, otherBox, reach)) return false;
    if (distanceToPath(at, other.axis) >= reach) return false;
    return comesFirst(other);
  });
  const standsOn = own.filter((header) => override(header) !== false);
  return [
    ...standsOn.flatMap((id) => tubes.find((other) => other.piece === id) ?? []),
    ...near.sort((x, y) => (order.get(x.piece) ?? 0) - (order.get(y.piece) ?? 0)),
  ];
}

function cutOf(tube: Tube, end: End, headers: Tube[], setting: CopeSetting): Pick<CutEnd, 'cut' | 'seam'> {
  const plate = headers.length === 0 ? plateUnder(tube, end, setting) : null;
  const which: WhichEnd = {
    piece: tube.piece,
    member: tube.member,
    stamp: tube.stamp,
    end,
    headers: headers.map(({ stamp }) => stamp),
    headerPieces: headers.map(({ piece }) => piece),
    plate: plate?.stamp ?? null,
    sharpest: sharpestOf(tube, end, setting.joints),
  };
  if (headers.length === 0)
    return { cut: toPlane(tube, end, which, plate?.normal ?? groundUnder(tube, end, setting)), seam: null };
  const { coped, seam, prep } = COPED[end](tube, headers);
  if (!coped.ok) return { cut: uncut(which, coped.fault.message), seam: null };
  const cope = coped.value;
  if (cope.shortest === null || cope.longest === null)
    return {
      cut: uncut(which, 'the end lies inside its header, or passes it: move it along the bar'),
      seam: null,
    };
  return { cut: { ...toTubes(which, cope, cope.shortest, cope.longest), prep }, seam };
}

/** The cut of an end with its seam, which is worked out once for the same tubes. */
const copedAt = (end: End) =>
  kept((tube: Tube, headers: Tube[]) => {
    const coped = copeOf(tube, end, headers, GENERATORS);
    if (!coped.ok) return { coped, seam: null, prep: null };
    const { outer, inner } = coped.value;
    return {
      coped,
      seam: seamOf(coped.value, tube.od / 2),
      prep: weldPrep(outer.setbacks, inner.setbacks),
    };
  });

const COPED = { a: copedAt('a'), b: copedAt('b') };

function toTubes(which: WhichEnd, cope: Cope, ear: number, throat: number): Omit<EndCut, 'prep'> {
  const { setbacks: outer } = cope.outer;
  const { setbacks: inner } = cope.inner;
  const seats = !outer.includes(null);
  return {
    ...which,
    method: cope.passes.length > 0 ? 'saw' : 'template',
    why: seats
      ? cope.why
      : 'part of it passes its header: it is larger, or its axis misses; it does not seat all round',
    outer,
    inner,
    face: cope.branch.u,
    passes: cope.passes,
    foot: null,
    ear,
    throat,
  };
}

function sharpestOf({ piece }: Tube, end: End, joints: Joint[]): number | null {
  const angles = joints.filter((joint) => joint.piece === piece && joint.end === end);
  return angles.length > 0 ? Math.min(...angles.map(({ angle }) => angle)) : null;
}
