import {
  type Clash,
  clashesOf,
  type MarkedBlank,
  markBlank,
  type PlacedBend,
  type Side,
  straightsBeside,
} from '../../bending/index.ts';
import { andThen, fail, type Outcome, succeed } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { decided, halfTurned, radians } from '../../measure/index.ts';
import { type Die, type Member, type MemberPiece } from '../../plan/index.ts';
import { outerWallAfterBend } from '../../tube/index.ts';
import { type WholePath } from '../shape/index.ts';
import { type BendSetup, isExtrapolated, type SpringbackUsed, setupOf } from './tooling.ts';

/** A bend as the person at the machine needs it. */
export interface SheetBend extends PlacedBend {
  feature: string;
  die: Die;
  /** What a protractor laid inside the bend reads, 180 − angle. */
  included: number;
  /** Turn of its plane from the first bend's, along the unbent blank, A → B. Degrees. */
  clock: number;
  school: SpringbackUsed;
  testCount: number;
  otherBatch: boolean;
  extrapolated: boolean;
  /** Estimated wall on its outside. mm */
  outerWall: number;
}

/** One pull, in the order in which they are made. */
export interface BendStep {
  /** Number of the bend, A → B. */
  bend: number;
  /** From the bend made before it, about the tube A → B. Degrees; the same as tape round the surface in mm. */
  turn: number;
  turnOnSurface: number;
  /** The tube is turned end for end in the machine since the step before. */
  endForEnd: boolean;
  /** Tube on the clamp's side of the bend: nothing of it sweeps wider than this. mm */
  swing: number;
}

/** The mark-out of one piece. Distances from end A of the blank in mm. */
export interface BendSheet {
  member: string;
  piece: string;
  stamp: string;
  od: number;
  blank: number;
  trim: [number, number];
  developed: number;
  bends: SheetBend[];
  steps: BendStep[];
  clashes: Clash[];
  marked: MarkedBlank;
}

/**
 * Marks a member's blank with the pinned dies. path: ends and PIs, car's frame, mm, a name for each PI, and the roller's
 * radius where no die makes the bend.
 * longestStick in mm, null where the shop has none. Fault "no-die" where none is chosen.
 */
export function bendSheetOf(
  member: Member,
  piece: MemberPiece,
  { points, features, radii }: WholePath,
  dies: Die[],
  longestStick: number | null,
): Outcome<BendSheet> {
  const { tube, bending } = member;
  const setUp = (sides: Side[]): BendSetup[] | null => {
    const setups = features.map((feature, i) =>
      setupOf({ feature, radius: radii[i] ?? null }, tube, bending, dies, itemAt(sides, i)),
    );
    return setups.every((one) => one !== null) ? setups : null;
  };
  const mark = (setups: BendSetup[]) =>
    markBlank(
      points,
      setups.map((one) => one.tooling),
      [bending.trimA.mm, bending.trimB.mm],
    );
  const inboard = features.map(
    (feature, i) => bending.clampSideAt[feature] ?? inboardSide(i, features.length),
  );
  const first = setUp(inboard);
  if (!first) return fail('no-die', '', 'no die is chosen for this tube: choose one at Bend');
  return andThen(mark(first), (draft) => {
    const sides = features.map((feature, i) => bending.clampSideAt[feature] ?? roomySide(draft, first, i));
    const setups = setUp(sides) as BendSetup[];
    return andThen(mark(setups), (marked) => succeed(sheetFrom(member, piece, marked, setups, longestStick)));
  });
}

/** Marks from the centre outward: the clamp is on the side of the tube's middle. */
const inboardSide = (i: number, count: number): Side => (i < count / 2 ? 'b' : 'a');

/** The inboard side, or the other one where only that has the straight the clamp needs. */
function roomySide(draft: MarkedBlank, setups: BendSetup[], i: number): Side {
  const wanted = inboardSide(i, setups.length);
  const at = draft.bends.findIndex((bend) => bend.number === i + 1);
  const need = setups[i]?.die.clampLength.mm ?? 0;
  if (at < 0) return wanted;
  const room = straightsBeside(draft, at);
  const other = wanted === 'a' ? 'b' : 'a';
  return room[wanted] < need && room[other] >= need ? other : wanted;
}

function sheetFrom(
  member: Member,
  piece: MemberPiece,
  marked: MarkedBlank,
  setups: BendSetup[],
  longestStick: number | null,
): BendSheet {
  let clock = 0;
  const bends = marked.bends.map((bend): SheetBend => {
    const setup = itemAt(setups, bend.number - 1);
    clock += bend.rotation;
    return {
      ...bend,
      feature: setup.feature,
      die: setup.die,
      included: 180 - bend.angle,
      clock,
      school: setup.used,
      testCount: setup.tests.length,
      otherBatch: setup.otherBatch,
      extrapolated: isExtrapolated(bend.angle, setup.tests),
      outerWall: outerWallAfterBend({ od: member.tube.od.mm, wall: member.tube.wall.mm }, bend.finishedClr),
    };
  });
  return {
    member: member.id,
    piece: piece.id,
    stamp: piece.stamp,
    od: member.tube.od.mm,
    blank: marked.blank,
    trim: marked.trim,
    developed: marked.lra.developed,
    bends,
    steps: stepsOf(bends, marked.blank, member.tube.od.mm),
    clashes: marked.bends
      .flatMap((bend, i) => machineClashes(marked, setups, bend, i))
      .concat(
        clashesOf(
          { ...marked, bends: [] },
          { clampLength: 0, trailing: 0, largestAngle: null, longestStick },
        ),
      ),
    marked,
  };
}

/** Each bend against its own die. */
function machineClashes(marked: MarkedBlank, setups: BendSetup[], bend: PlacedBend, i: number): Clash[] {
  const { die } = itemAt(setups, bend.number - 1);
  return clashesOf(marked, {
    clampLength: die.clampLength.mm,
    trailing: die.trailing.mm,
    largestAngle: die.largestAngle?.deg ?? null,
    longestStick: null,
  }).filter((clash) => clash.bend === marked.bends[i]?.number);
}

/**
 * From the middle of the blank outward, all bends of one clamp side before the other's, so that the tube is turned end
 * for end once.
 */
function stepsOf(bends: SheetBend[], blank: number, od: number): BendStep[] {
  const fromMiddle = (bend: SheetBend) => decided(Math.abs((bend.tangentA + bend.tangentB) / 2 - blank / 2));
  const outward = [...bends].sort((a, b) => fromMiddle(a) - fromMiddle(b) || a.number - b.number);
  const firstSide = outward[0]?.clampSide;
  const order = [
    ...outward.filter((bend) => bend.clampSide === firstSide),
    ...outward.filter((bend) => bend.clampSide !== firstSide),
  ];
  return order.map((bend, i) => {
    const last = order[i - 1];
    const turn = last ? halfTurned(bend.clock - last.clock) : 0;
    return {
      bend: bend.number,
      turn,
      turnOnSurface: (od / 2) * radians(turn),
      endForEnd: last !== undefined && last.clampSide !== bend.clampSide,
      swing: bend.clampSide === 'a' ? bend.tangentA : blank - bend.tangentB,
    };
  });
}
