import { kept } from '../kept/index.ts';
import { fail, type Fault, type Outcome } from '../fault/index.ts';
import { itemAt } from '../items/index.ts';
import {
  type Bar,
  type CarSide,
  type Die,
  type FrontSection,
  type MainHoop,
  type Member,
  type MemberPiece,
  type Plan,
  type Plate,
  type Survey,
} from '../plan/index.ts';
import { NOISE } from '../measure/index.ts';
import { distance } from '../space/index.ts';
import { type StandingTube } from './placing/attach.ts';
import { type BarPath, barPaths } from './placing/barPieces.ts';
import { type BendSheet, bendSheetOf } from './sheet/bendSheet.ts';
import { builtPoints } from './hoop/builtPoints.ts';
import { type HoopGeometry, type HoopResult } from './hoop/geometry.ts';
import { hoopFrom } from './hoop/hoop.ts';
import { type Joint, jointOf } from './placing/joint.ts';
import { byDependence, standsOn } from './placing/order.ts';
import { bendRoomOf } from './sheet/radius.ts';
import { type Tube, tubeOf } from './tube.ts';

/** A piece as far as it can be made: why there is no tube or no sheet stands in its outcome. */
export interface ResolvedPiece {
  piece: string;
  stamp: string;
  side: CarSide | null;
  tube: Outcome<Tube>;
  sheet: Outcome<BendSheet>;
}

/** A member with its tubes, as far as they can be made. */
export interface ResolvedMember {
  member: Member;
  /** Of the main hoop only. */
  hoop: HoopResult | null;
  pieces: ResolvedPiece[];
}

/** The cage: every member with its tubes, in the order of dependence, and where they meet. */
export interface Cage {
  members: ResolvedMember[];
  /** Every tube that could be placed. */
  standing: StandingTube[];
  joints: Joint[];
  /** Members that stand on each other in a ring, ring by ring: they and what hangs on them cannot be placed. */
  loops: Member[][];
}

/** A member in its place, with the joints that its ends make. */
interface Placed extends ResolvedMember {
  standing: StandingTube[];
  joints: Joint[];
}

/**
 * Orders members by dependence and places each on those before it. Moving a hoop moves what hangs on it, and nothing else: a member
 * whose own inputs are the same objects as before is not placed anew.
 */
export function resolveCage(plan: Plan, longestStickOf: (member: Member) => number | null): Cage {
  const { ordered, loops, hanging } = byDependence(plan.members);
  const placed: Placed[] = [];
  const standing: StandingTube[] = [];
  for (const member of ordered) {
    const one = place(plan, member, standing, longestStickOf(member));
    placed.push(one);
    standing.push(...one.standing);
  }
  return {
    members: [...placed, ...unplacedMembers(loops, hanging)],
    standing,
    joints: placed.flatMap(({ joints }) => joints),
    loops,
  };
}

/** Places a member on the tubes that stand, from all that it depends on and from nothing else. */
function place(plan: Plan, member: Member, standing: StandingTube[], stick: number | null): Placed {
  const dies = diesOf(member, plan.dies);
  if (member.role === 'main-hoop') return placeHoop(member, plan.survey, plan.measuringError, dies, stick);
  const below = new Set(standsOn(member));
  return placeBar(
    member,
    standing.filter(({ tube }) => below.has(tube.member)),
    platesUnder(member, plan.plates),
    dies,
    stick,
    member.shape.kind === 'hoop' ? plan.survey.frontSection : null,
  );
}

/** The dies that a member is bent with. */
const diesOf = ({ bending }: Member, dies: Die[]): Die[] => {
  const used = new Set([bending.die, ...Object.values(bending.dieAt)]);
  return dies.filter(({ id }) => used.has(id));
};

/** The plates that its ends name. */
const platesUnder = ({ ends, right }: Bar, plates: Plate[]): Plate[] => {
  const named = [ends.a, ends.b, right?.a, right?.b].map((end) => (end?.kind === 'plate' ? end.plate : null));
  return plates.filter(({ id }) => named.includes(id));
};

function unplacedMembers(loops: Member[][], hanging: Member[]): ResolvedMember[] {
  const stampsOf = (some: Member[]) => some.map(({ stamp }) => stamp).join(', ');
  const looped = loops.flatMap((loop) => {
    const fault = fail(
      'loop',
      '',
      loop.length === 1
        ? `${stampsOf(loop)} stands on itself: let it end at a point or on another tube`
        : `${stampsOf(loop)} stand on each other in a loop: let one of them end at a point or on another tube`,
    );
    return loop.map((member) => unplaced(member, fault));
  });
  const hung = hanging.map((member) =>
    unplaced(
      member,
      fail('on-a-loop', '', `it hangs on ${stampsOf(loops.flat())}, which stand on each other in a loop`),
    ),
  );
  return [...looped, ...hung];
}

/** A member without a place keeps its pieces, so that it can be found and mended. */
function unplaced(member: Member, fault: { ok: false; fault: Fault }): ResolvedMember {
  const twins = member.role !== 'main-hoop' && member.pair === 'mirrored';
  return {
    member,
    hoop: null,
    pieces: member.pieces.map(({ id, stamp }, i) => ({
      piece: id,
      stamp,
      side: twins ? (i < member.pieces.length / 2 ? 'left' : 'right') : null,
      tube: fault,
      sheet: fault,
    })),
  };
}

const placeHoop = kept(
  (
    hoop: MainHoop,
    survey: Survey,
    error: Plan['measuringError'],
    dies: Die[],
    stick: number | null,
  ): Placed => {
    const result = hoopFrom(survey, hoop, error, bendRoomOf(hoop, dies));
    if ('none' in result) return { member: hoop, hoop: result, pieces: [], standing: [], joints: [] };
    const piece = itemAt(hoop.pieces, 0);
    const { points, features, radii, bySample } = result.hoop;
    const path = { points, features, radii, ...(bySample && { bySample }) };
    const designed = make(hoop, { piece, side: null, ...path }, dies, stick);
    const pieces = [asBuilt(hoop, piece, designed, path)];
    return { member: hoop, hoop: result, pieces, standing: standingOf(pieces), joints: [] };
  },
);

/** A hoop as it was really built; its sheet stays that of its design, by which it was bent. What stands on it follows. */
function asBuilt(
  hoop: MainHoop,
  piece: MemberPiece,
  designed: ResolvedPiece,
  { points, features, radii, bySample }: Pick<HoopGeometry, 'points' | 'features' | 'radii' | 'bySample'>,
): ResolvedPiece {
  if (!hoop.asBuilt) return designed;
  const moved = builtPoints({ points, features }, hoop.asBuilt);
  const corners = designed.sheet.ok ? designed.sheet.value.marked.corners.corners : [];
  const bent = radii.map(
    (radius, i) => corners.find(({ at }) => distance(at, itemAt(points, i + 1)) < NOISE)?.clr ?? radius,
  );
  const none = fail('as-built', '', `${piece.stamp} is placed as it was built`);
  return {
    ...designed,
    tube: tubeOf(hoop, piece, { points: moved, features, radii: bent, ...(bySample && { bySample }) }, none),
  };
}

const placeBar = kept(
  (
    bar: Bar,
    below: StandingTube[],
    plates: Plate[],
    dies: Die[],
    stick: number | null,
    front: FrontSection | null,
  ): Placed => {
    const paths = barPaths(bar, below, { plates, room: bendRoomOf(bar, dies), front });
    const joints: Joint[] = [];
    const pieces = paths.map((path, i): ResolvedPiece => {
      const piece = itemAt(bar.pieces, i);
      const side = bar.pair === 'mirrored' ? (i < bar.pieces.length / 2 ? 'left' : 'right') : null;
      if (!path.ok) return { piece: piece.id, stamp: piece.stamp, side, tube: path, sheet: path };
      const made = make(bar, path.value, dies, stick);
      if (made.tube.ok) joints.push(...jointsOf(made.tube.value, path.value.footings));
      return made;
    });
    return { member: bar, hoop: null, pieces, standing: standingOf(pieces), joints };
  },
);

const standingOf = (pieces: ResolvedPiece[]): StandingTube[] =>
  pieces.flatMap(({ tube, side }) => (tube.ok ? [{ tube: tube.value, side }] : []));

function jointsOf(tube: Tube, [a, b]: BarPath['footings']): Joint[] {
  return [
    ...a.headers.map((header) => jointOf(tube, 'a', header, a.aside ?? 0)),
    ...b.headers.map((header) => jointOf(tube, 'b', header, b.aside ?? 0)),
  ];
}

/** Marks the piece, and gives its tube the radii that it will have. */
function make(
  member: Member,
  { piece, side, ...path }: Omit<BarPath, 'footings'>,
  dies: Die[],
  stick: number | null,
): ResolvedPiece {
  const sheet: Outcome<BendSheet> = isExisting(member)
    ? fail('existing', '', `${piece.stamp} came with the car: it is not bent`)
    : bendSheetOf(member, piece, path, dies, stick);
  return {
    piece: piece.id,
    stamp: piece.stamp,
    side,
    tube: tubeOf(member, piece, path, sheet),
    sheet,
  };
}

/** A tube that came with the car: a header like others, neither ordered nor bent. */
export const isExisting = ({ existing }: Member): boolean => existing;
