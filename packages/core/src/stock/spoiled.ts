import { type BendSheet, type SheetBend } from '../cage/index.ts';
import { arcOf } from '../centreline/index.ts';
import { halfTurned } from '../measure/index.ts';
import { type RackBends } from './rack.ts';

/**
 * A blank as it is after so many of its pulls, the last of them released at `last` degrees (null: as planned), for the rack. The tangent on the
 * clamp's side stays where the sheet has it; what is bent more or less is drawn from the other side. null where nothing is bent yet.
 */
export function spoiledPiece(sheet: BendSheet, pulls: number, last: number | null): RackBends | null {
  const made = sheet.steps.slice(0, pulls).map(({ bend }) => bend);
  const ends = sheet.bends
    .filter(({ number }) => made.includes(number))
    .map((bend) => ({
      ...bend,
      ...tangents(bend, bend.number === made.at(-1) ? (last ?? bend.angle) : bend.angle),
    }));
  const final = ends.at(-1);
  if (!final) return null;
  return {
    bends: ends.map(({ from, angle, clock, finishedClr }, i) => {
      const before = ends[i - 1];
      return {
        length: from - (before?.to ?? 0),
        rotation: before ? halfTurned(clock - before.clock) : 0,
        angle,
        clr: finishedClr,
      };
    }),
    tail: sheet.blank - final.to,
  };
}

/** Where a bend begins and ends on its blank when it came out at some angle. mm */
function tangents({ tangentA, tangentB, clampSide, finishedClr }: SheetBend, angle: number) {
  const arc = arcOf(finishedClr, angle);
  return clampSide === 'a'
    ? { angle, from: tangentA, to: tangentA + arc }
    : { angle, from: tangentB - arc, to: tangentB };
}
