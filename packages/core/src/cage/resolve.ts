import { fail, type Fault, type Outcome } from '../fault/index.ts';
import {
  type Bar,
  type CarSide,
  type MainHoop,
  type Member,
  type MemberPiece,
  type Plan,
} from '../plan/index.ts';
import { type StandingTube } from './placing/attach.ts';
import { type BarPath, barPaths } from './placing/barPieces.ts';
import { type BendSheet, bendSheetOf } from './sheet/bendSheet.ts';
import { hoopFrom, type HoopResult } from './hoop/hoop.ts';
import { type Joint, jointOf } from './placing/joint.ts';
import { byDependence } from './placing/order.ts';
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

/** The cage as far as it stands while it is being built up. */
interface Building {
  plan: Plan;
  longestStickOf: (member: Member) => number | null;
  standing: StandingTube[];
  joints: Joint[];
}

/** Orders members by dependence and places each on those before it. Moving a hoop moves what hangs on it. */
export function resolveCage(plan: Plan, longestStickOf: Building['longestStickOf']): Cage {
  const { ordered, loops, hanging } = byDependence(plan.members);
  const building: Building = { plan, longestStickOf, standing: [], joints: [] };
  const placed = ordered.map((member) => {
    const resolved = member.role === 'main-hoop' ? hoopMember(building, member) : barMember(building, member);
    for (const { tube, side } of resolved.pieces)
      if (tube.ok) building.standing.push({ tube: tube.value, side });
    return resolved;
  });
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
  return {
    members: [...placed, ...looped, ...hung],
    standing: building.standing,
    joints: building.joints,
    loops,
  };
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

function hoopMember(building: Building, hoop: MainHoop): ResolvedMember {
  const result = hoopFrom(
    building.plan.survey,
    hoop,
    building.plan.measuringError,
    bendRoomOf(hoop, building.plan).clr,
  );
  if ('none' in result) return { member: hoop, hoop: result, pieces: [] };
  const [piece] = hoop.pieces as [MemberPiece];
  const { points, features, radii } = result.hoop;
  return {
    member: hoop,
    hoop: result,
    pieces: [make(building, hoop, { piece, side: null, points, features, radii })],
  };
}

function barMember(building: Building, bar: Bar): ResolvedMember {
  const pieces = barPaths(bar, building.standing, building.plan).map((path, i): ResolvedPiece => {
    const piece = bar.pieces[i] as MemberPiece;
    const side = bar.pair === 'mirrored' ? (i < bar.pieces.length / 2 ? 'left' : 'right') : null;
    if (!path.ok) return { piece: piece.id, stamp: piece.stamp, side, tube: path, sheet: path };
    const made = make(building, bar, path.value);
    if (made.tube.ok) building.joints.push(...jointsOf(made.tube.value, path.value.footings));
    return made;
  });
  return { member: bar, hoop: null, pieces };
}

function jointsOf(tube: Tube, [a, b]: BarPath['footings']): Joint[] {
  return [
    ...a.headers.map((header) => jointOf(tube, 'a', header)),
    ...b.headers.map((header) => jointOf(tube, 'b', header)),
  ];
}

/** Marks the piece, and gives its tube the radii that it will have. */
function make(
  { plan, longestStickOf }: Building,
  member: Member,
  { piece, side, ...path }: Omit<BarPath, 'footings'>,
): ResolvedPiece {
  const sheet: Outcome<BendSheet> = isExisting(member)
    ? fail('existing', '', `${piece.stamp} came with the car: it is not bent`)
    : bendSheetOf(member, piece, path, plan.dies, longestStickOf(member));
  return {
    piece: piece.id,
    stamp: piece.stamp,
    side,
    tube: tubeOf(member, piece, path, sheet),
    sheet,
  };
}

/** A tube that came with the car: a header like others, neither ordered nor bent. */
export const isExisting = (member: Member): boolean => member.role !== 'main-hoop' && member.existing;
