import {
  type Angle,
  type BendOff,
  type BendSheet,
  bendsOff,
  hiddenBender,
  type Length,
  normalFrom,
  type Outcome,
  partMade,
  type PartMade,
  recordOf,
  releasedBy,
} from '@gyrus/core';
import { angleIn, lengthIn } from '../../shared/fields/keptQuantities.ts';

/** A bend as it is being made at the practice bench. */
export interface PractisedBend {
  bend: number;
  /** From end A. */
  mark: Length | null;
  clamp: 'a' | 'b';
  turn: Angle | null;
  zeroed: boolean;
  /** What was read and what came of it, pull by pull. Degrees */
  pulls: { reading: number; released: number }[];
  /** The next bend was gone on to. */
  closed: boolean;
}

/** Practice on one tube: the bender by its seed, the bends of the piece in hand, and what was wasted before it. */
export interface Practice {
  seed: number;
  /** Pieces bent before this one, and the tube of those that were scrap. mm */
  pieces: number;
  wasted: number;
  bends: PractisedBend[];
}

/** Practice out of whatever was kept. */
export function practiceIn(kept: unknown): Practice {
  const { seed, pieces, wasted, bends } = recordOf(kept);
  return {
    seed: typeof seed === 'number' ? seed : freshSeed(),
    pieces: typeof pieces === 'number' ? pieces : 0,
    wasted: typeof wasted === 'number' ? wasted : 0,
    bends: Array.isArray(bends) ? bends.map(bendIn) : [],
  };
}

function bendIn(kept: unknown): PractisedBend {
  const { bend, mark, clamp, turn, zeroed, pulls, closed } = recordOf(kept);
  const list = Array.isArray(pulls) ? pulls.map(recordOf) : [];
  return {
    bend: Number(bend),
    mark: lengthIn(mark),
    clamp: clamp === 'b' ? 'b' : 'a',
    turn: angleIn(turn),
    zeroed: zeroed === true,
    pulls: list.map(({ reading, released }) => ({ reading: Number(reading), released: Number(released) })),
    closed: closed === true,
  };
}

/** Another bender than the last. */
export const freshSeed = (): number => Math.floor(Math.random() * 2 ** 31);

/** A bend that nobody has set anything of. */
export const freshBend = (bend: number): PractisedBend => ({
  bend,
  mark: null,
  clamp: 'a',
  turn: null,
  zeroed: false,
  pulls: [],
  closed: false,
});

/** Pulls on to a reading: what the tube has when it is let go. A pull never takes back what the last one gave. */
export function pulledTo({ seed, pieces }: Practice, made: PractisedBend, reading: number): PractisedBend {
  const before = made.pulls.at(-1)?.released ?? 0;
  // Chance of its own for every pull, the same after a reload.
  const chance = normalFrom(
    (seed ^ (pieces * 7919 + made.bend * 104_729 + made.pulls.length * 1_299_709)) | 0,
  );
  const released = Math.max(before, releasedBy(hiddenBender(seed), { reading, zeroed: made.zeroed }, chance));
  const tenths = Math.round(released * 10) / 10;
  return { ...made, pulls: [...made.pulls, { reading, released: tenths }] };
}

/** The part that the bends made so far give, by the computation that judges real ones; and how each of them is off. */
export function practisedPart(
  sheet: BendSheet,
  bends: PractisedBend[],
): { part: Outcome<PartMade>; offs: BendOff[] } {
  const made = bends.flatMap(({ bend, mark, clamp, turn, pulls }) => {
    const released = pulls.at(-1)?.released;
    return mark && released !== undefined
      ? [{ bend, mark: mark.mm, clamp, turn: turn?.deg ?? 0, released }]
      : [];
  });
  const clocks = new Map(sheet.bends.map(({ number, clock }) => [number, clock]));
  return {
    part: partMade(sheet.marked, clocks, made),
    offs: bendsOff(sheet.marked.bends, clocks, made),
  };
}
