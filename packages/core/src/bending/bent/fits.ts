import { arcOf } from '../../centreline/index.ts';
import { decided, halfTurned, PROTRACTOR_ERROR } from '../../measure/index.ts';
import { type BendAlong, type TubeByBends, fromEndB } from './byBends.ts';

/** How near a bend must be to the one that it is to be. Degrees for its angle and its turn, mm for its place and its radius. */
export interface BentTolerance {
  angle: number;
  turn: number;
  place: number;
  radius: number;
}

/** A finished radius that differs by less passes for the same. mm; common practice */
const SAME_RADIUS = 1;

/** As near as a tape and a protractor tell. mm, degrees */
export const nearBy = ({ mm, deg }: { mm: number; deg: number }): BentTolerance => ({
  angle: deg,
  turn: Math.max(deg, PROTRACTOR_ERROR),
  place: mm,
  radius: SAME_RADIUS,
});

/** One way in which a bar lies in a piece that has bends already. mm from end A of the piece */
export interface BentFit {
  /** The bar's end A is toward the piece's end B. */
  turned: boolean;
  /** Bends that are there, by their numbers. */
  there: { piece: number; bar: number }[];
  /** Bends of the bar that the piece has not: it can still be bent there. */
  missing: number[];
  /** Where the bar begins in the piece: its end A, or its end B where it is turned. */
  from: number;
  /** What is cut off the piece's ends A and B. */
  cut: [number, number];
}

/**
 * Every way in which a bar lies in a piece: at least one of its bends is there, none of the piece's bends lies where the bar has none, and
 * the piece is long enough at both ends. A bar is never taken as its mirror image: turned end for end it keeps its hand. Most bends there
 * first, then the least cut off.
 */
export function fitsOf(piece: TubeByBends, bar: TubeByBends, near: BentTolerance): BentFit[] {
  const fits = [false, true].flatMap((turned) => {
    const asLaid = turned ? fromEndB(bar) : bar;
    return startsOf(piece, asLaid, near).flatMap((from) => {
      const fit = laidAt(piece, asLaid, from, near);
      return fit ? [{ ...fit, turned }] : [];
    });
  });
  return fits.sort(
    (a, b) => a.missing.length - b.missing.length || a.cut[0] + a.cut[1] - b.cut[0] - b.cut[1],
  );
}

/** Where the bar can begin in the piece: wherever one of its bends falls on one of the piece's; each place once. */
function startsOf(piece: TubeByBends, bar: TubeByBends, near: BentTolerance): number[] {
  const starts: number[] = [];
  for (const have of piece.bends)
    for (const need of bar.bends) {
      const from = have.at - need.at;
      if (isLike(have, need, near) && !starts.some((one) => Math.abs(one - from) <= near.place))
        starts.push(from);
    }
  return starts;
}

const isLike = (have: BendAlong, need: BendAlong, near: BentTolerance): boolean =>
  decided(Math.abs(have.angle - need.angle) - near.angle) <= 0 &&
  decided(Math.abs(have.clr - need.clr) - near.radius) <= 0;

/** The bar laid into the piece from a place on; null where it does not lie in it. */
function laidAt(
  piece: TubeByBends,
  bar: TubeByBends,
  from: number,
  near: BentTolerance,
): Omit<BentFit, 'turned'> | null {
  const cut: [number, number] = [from, piece.length - from - bar.length];
  if (cut.some((one) => decided(one) < 0)) return null;
  const partner = (have: BendAlong) =>
    bar.bends.find(
      (need) => decided(Math.abs(have.at - from - need.at) - near.place) <= 0 && isLike(have, need, near),
    );
  const pairs: { have: BendAlong; need: BendAlong }[] = [];
  for (const have of piece.bends) {
    const need = partner(have);
    if (need) pairs.push({ have, need });
    else if (touches(have, from, bar.length)) return null;
  }
  const turnOf = ({ have, need }: (typeof pairs)[number]) => have.clock - need.clock;
  const first = pairs[0];
  if (!first) return null;
  const isTurned = pairs.some(
    (pair) => decided(Math.abs(halfTurned(turnOf(pair) - turnOf(first))) - near.turn) > 0,
  );
  if (isTurned) return null;
  const there = pairs.map(({ have, need }) => ({ piece: have.number, bar: need.number }));
  const missing = bar.bends.map(({ number }) => number);
  return {
    there,
    missing: missing.filter((number) => !there.some((pair) => pair.bar === number)),
    from,
    cut,
  };
}

/** Whether any of a bend lies in so much of the piece. */
function touches({ at, angle, clr }: BendAlong, from: number, length: number): boolean {
  const half = arcOf(clr, angle) / 2;
  return at + half > from && at - half < from + length;
}
