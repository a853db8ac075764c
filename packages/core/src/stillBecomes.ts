import {
  barOf,
  type BentFit,
  byBends,
  fitsOf,
  nearBy,
  type TubeByBends,
  type Side,
  straightsBeside,
} from './bending/index.ts';
import { type OneOtherwise } from './asMade.ts';
import { type BendSheet, type SheetBend } from './cage/index.ts';
import { type Evaluation, tubesIn } from './evaluation.ts';
import { halfTurned } from './measure/index.ts';
import { isSameTube, type Plan } from './plan/index.ts';

/** A bend that is still to be made in a piece whose marks no longer hold. mm, degrees */
export interface BendToCome {
  /** Its number on the sheet of the tube that it becomes. */
  bend: number;
  /** From end A of the blank as it lies there, and the end that the clamp is toward. */
  mark: number;
  clamp: Side;
  reading: number;
  /** From the bend pulled before it, about the tube as seen from end A of the blank toward B. */
  turn: number;
}

/** A tube of the cage that a piece can still become, though a bend of it came out otherwise. mm from end A of the blank */
export interface StillBecomes {
  stamp: string;
  /** The very tube that it was to be. */
  own: boolean;
  /** End A of that tube is toward end B of the blank. */
  turned: boolean;
  /** How far all marks move toward end B; of the own tube that is not turned. */
  shift: number | null;
  /** What is left to cut off at the blank's ends A and B. */
  cut: [number, number];
  toCome: BendToCome[];
}

/** More than these nobody weighs against each other at the machine. */
const MOST_TOLD = 4;

/**
 * What a piece can still become after a bend that lies at another place, in another plane or has another angle than was wanted: its own tube
 * with all marks moved, the same turned end for end, its twin, or another tube of the cage of the same stuff. The bends pulled before it are
 * taken to be as planned. null where it still is what it was to be; empty where it can become nothing of this cage.
 */
export function stillBecomes(
  { members, measuringError }: Pick<Plan, 'members' | 'measuringError'>,
  evaluation: Pick<Evaluation, 'members'>,
  sheet: BendSheet,
  otherwise: OneOtherwise,
): StillBecomes[] | null {
  const near = nearBy(measuringError);
  const piece = pieceAsMade(sheet, otherwise);
  const others = sheetsLike(members, evaluation, sheet);
  const fits = [sheet, ...others].flatMap((other) =>
    fitsOf(piece, barOf(other.marked), near).map((fit) => ({ other, fit })),
  );
  const isAsPlanned = fits.some(
    ({ other, fit }) =>
      other === sheet && !fit.turned && Math.abs(fit.from - sheet.trim[0]) <= near.place && isInPlace(fit),
  );
  if (isAsPlanned) return null;
  return fits
    .flatMap(({ other, fit }) => becoming(sheet, other, fit, otherwise.bend) ?? [])
    .sort((a, b) => strangeness(a) - strangeness(b))
    .filter((one, _, [simplest]) => !(one.own && one.turned && simplest?.shift != null))
    .slice(0, MOST_TOLD);
}

/** Marks that move come before a tube that is turned, which nobody turns where that is enough; and its own tube before others. */
const strangeness = ({ shift, own, turned }: StillBecomes): number =>
  shift !== null ? 0 : (own ? 1 : 3) + (turned ? 1 : 0);

/** Whether the bends that are there are those that they were to be. */
const isInPlace = ({ there }: BentFit): boolean => there.every(({ piece, bar }) => piece === bar);

/** The blank with the bends that are in it: those before where they are planned, this one where it came to lie. What is short is pulled on. */
function pieceAsMade({ marked, blank, trim }: BendSheet, { bend, made, toCome }: OneOtherwise): TubeByBends {
  const numbers = marked.corners.corners.map(({ index }) => index);
  const { bends } = byBends(marked.lra, numbers, trim);
  const { mark = 0, turned = 0 } = made;
  const there = bends
    .filter(({ number }) => !toCome.includes(number))
    .map((one) =>
      one.number === bend
        ? {
            ...one,
            at: one.at + mark,
            angle: Math.max(made.angle ?? 0, one.angle),
            clock: one.clock + turned,
          }
        : one,
    );
  return { length: blank, bends: there.sort((a, b) => a.at - b.at) };
}

/** Sheets of other tubes of the same stuff that are bent; those that the car came with have none. */
function sheetsLike(members: Plan['members'], evaluation: Pick<Evaluation, 'members'>, sheet: BendSheet) {
  const tubeOf = (member: string) => members.find(({ id }) => id === member)?.tube;
  const own = tubeOf(sheet.member);
  const sheets = evaluation.members.flatMap(({ pieces }) => pieces.flatMap((one) => one.sheet ?? []));
  const stands = new Set(tubesIn(evaluation).map(({ piece }) => piece));
  return sheets.filter((other) => {
    const tube = tubeOf(other.member);
    return other.piece !== sheet.piece && stands.has(other.piece) && own && tube && isSameTube(tube, own);
  });
}

/** How a piece becomes a bar: the marks that are still to be made; null where the machine has no straight for one of them. */
function becoming(sheet: BendSheet, bar: BendSheet, fit: BentFit, pulled: number): StillBecomes | null {
  const { blank } = sheet;
  const { turned, from, cut, missing } = fit;
  // A place on the bar's own blank, as it lies in this one.
  const lies = (x: number) => {
    const along = x - bar.trim[0];
    return from + (turned ? bar.developed - along : along);
  };
  const laid = bar.bends.map((one) => {
    const [a, b] = [lies(one.tangentA), lies(one.tangentB)];
    return { ...one, tangentA: Math.min(a, b), tangentB: Math.max(a, b) };
  });
  const bends = turned ? [...laid].reverse() : laid;
  const made = new Set(fit.there.map((one) => one.bar));
  let last = bar.bends.find(({ number }) =>
    fit.there.some((one) => one.piece === pulled && one.bar === number),
  );
  const toCome: BendToCome[] = [];
  for (const { bend } of bar.steps) {
    const one = bends.find(({ number }) => number === bend);
    if (!one || !missing.includes(bend)) continue;
    const clamp = turned ? otherSide(one.clampSide) : one.clampSide;
    if (!isHeld({ blank, bends }, one, clamp, made)) return null;
    made.add(bend);
    const turn = halfTurned((turned ? -1 : 1) * (one.clock - (last?.clock ?? 0)));
    toCome.push({ bend, mark: lies(one.mark), clamp, reading: one.reading, turn });
    last = one;
  }
  return {
    stamp: bar.stamp,
    own: bar === sheet,
    turned,
    shift: bar === sheet && !turned && isInPlace(fit) ? from - sheet.trim[0] : null,
    cut,
    toCome,
  };
}

const otherSide = (side: Side): Side => (side === 'a' ? 'b' : 'a');

/** Whether the clamp and the pressure die have their straights. */
function isHeld(
  placed: Parameters<typeof straightsBeside>[0],
  { number, die }: SheetBend,
  clamp: Side,
  made: ReadonlySet<number>,
): boolean {
  const straights = straightsBeside(placed, number, made);
  return straights[clamp] >= die.clampLength.mm && straights[otherSide(clamp)] >= die.trailing.mm;
}
