import {
  bendClashes,
  type Clash,
  type Dial,
  dialFor,
  type MarkedBlank,
  markBlank,
  type PlacedBend,
  type Side,
  stickClashes,
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
  /** What to pull to by the machine's dial. */
  dial: Dial;
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
  const need = setups[i]?.die.clampLength.mm ?? 0;
  if (!draft.bends.some((bend) => bend.number === i + 1)) return wanted;
  const room = straightsBeside(draft, i + 1);
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
      dial: dialFor(
        bend.reading,
        { step: setup.die.dialStep?.deg ?? null, zero: setup.die.dialZero?.deg ?? 0 },
        1 / bend.pull.growth,
      ),
      clock,
      school: setup.used,
      testCount: setup.tests.length,
      otherBatch: setup.otherBatch,
      extrapolated: isExtrapolated(bend.angle, setup.tests),
      outerWall: outerWallAfterBend({ od: member.tube.od.mm, wall: member.tube.wall.mm }, bend.finishedClr),
    };
  });
  const order = orderOf(bends, marked.blank, member.bending.order ?? []);
  return {
    member: member.id,
    piece: piece.id,
    stamp: piece.stamp,
    od: member.tube.od.mm,
    blank: marked.blank,
    trim: marked.trim,
    developed: marked.lra.developed,
    bends,
    steps: stepsOf(order, marked.blank, member.tube.od.mm),
    clashes: [
      ...marked.bends.flatMap((bend) => {
        const before = order.slice(
          0,
          order.findIndex(({ number }) => number === bend.number),
        );
        return machineClashes(marked, setups, bend, new Set(before.map(({ number }) => number)));
      }),
      ...stickClashes(marked, longestStick),
    ],
    marked,
  };
}

/** Each bend against its own die, in its turn. */
function machineClashes(
  marked: MarkedBlank,
  setups: BendSetup[],
  bend: PlacedBend,
  made: ReadonlySet<number>,
): Clash[] {
  const { die } = itemAt(setups, bend.number - 1);
  const needs = {
    clampLength: die.clampLength.mm,
    trailing: die.trailing.mm,
    largestAngle: die.largestAngle?.deg ?? null,
  };
  return bendClashes(marked, bend, needs, made);
}

/**
 * The order that the fabricator gave; what it does not name follows, from the middle of the blank outward, all bends of one clamp side
 * before the other's, so that the tube is turned end for end once.
 */
function orderOf(bends: SheetBend[], blank: number, given: readonly string[]): SheetBend[] {
  const named = given.flatMap((feature) => bends.filter((bend) => bend.feature === feature));
  const fromMiddle = (bend: SheetBend) => decided(Math.abs((bend.tangentA + bend.tangentB) / 2 - blank / 2));
  const outward = bends
    .filter((bend) => !named.includes(bend))
    .sort((a, b) => fromMiddle(a) - fromMiddle(b) || a.number - b.number);
  const firstSide = (named.at(-1) ?? outward[0])?.clampSide;
  return [
    ...named,
    ...outward.filter((bend) => bend.clampSide === firstSide),
    ...outward.filter((bend) => bend.clampSide !== firstSide),
  ];
}

function stepsOf(order: SheetBend[], blank: number, od: number): BendStep[] {
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
