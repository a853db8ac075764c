import { z } from 'zod';
import { coordinate, extent, fail, oneOf, type Outcome, say, succeed } from '../fault/index.ts';
import { arcOf, clrInput, type Corner, cornersOf, layOut, pointsInput } from '../centreline/index.ts';
import { type Pull, pullFor, schoolInput } from './school.ts';

export const MARK_REFERENCES = ['start', 'centre', 'end'] as const;
/** What of the bend the die's mark stands for: the tangent on the clamp's side, the arc's middle, the other tangent. */
export type MarkReference = (typeof MARK_REFERENCES)[number];

/** The end of the tube that the clamp is toward. */
export type Side = 'a' | 'b';

export const DATUMS = ['a', 'b', 'centre'] as const;
export type Datum = (typeof DATUMS)[number];

const side = oneOf(['a', 'b'], "the clamp's end");

export const markInput = z.strictObject({
  points: pointsInput,
  clr: clrInput.optional(),
  springback: schoolInput,
  growRadius: z.boolean(say('true or false')),
  die: z.strictObject(
    {
      reference: oneOf(MARK_REFERENCES, "the die's mark reference"),
      offset: coordinate('the offset of the mark toward the clamp'),
    },
    say('the die as {reference, offset}'),
  ),
  clampSide: z.union(
    [side, z.array(side)],
    say('the end that the clamp is toward, "a" or "b", or a list with one for each PI'),
  ),
  trim: z.tuple([extent('the trim at end A'), extent('the trim at end B')], say('the trim of both ends [a, b]')),
  datum: oneOf(DATUMS, 'where the tape is hooked'),
});
export type MarkInput = z.infer<typeof markInput>;

/** A bend as it is marked on the blank. mm from the datum, degrees. */
export interface MarkedBend {
  angle: number;
  reading: number;
  rotation: number;
  finishedClr: number;
  arc: number;
  /** The tangent nearer end A. */
  tangentA: number;
  tangentB: number;
  mark: number;
}

export interface Marks {
  blank: number;
  bends: MarkedBend[];
}

/** A bend placed on the blank, all distances from end A in mm; the strip and the sheet are made from it. */
export interface PlacedBend extends MarkedBend {
  /** Its number among the PIs given, from 1. */
  number: number;
  clampSide: Side;
  pull: Pull;
  /** The straight before it, and the one after it, finished. mm */
  straightA: number;
  straightB: number;
}

/** The blank with everything on it, from end A. */
export interface MarkedBlank {
  blank: number;
  trim: [number, number];
  bends: PlacedBend[];
}

/** Marks for the command line: everything measured from one datum, never chained. */
export function marksOf(input: MarkInput): Outcome<Marks> {
  const marked = markBlank(input);
  if (!marked.ok) return marked;
  const { blank, bends } = marked.value;
  const from = fromDatum(blank, input.datum);
  return succeed({
    blank,
    bends: bends.map(({ angle, reading, rotation, finishedClr, arc, tangentA, tangentB, mark }) => ({
      angle,
      reading,
      rotation,
      finishedClr,
      arc,
      tangentA: from(tangentA),
      tangentB: from(tangentB),
      mark: from(mark),
    })),
  });
}

/** Distances from end A, from end B, or signed from the middle of the blank, positive toward B. */
export const fromDatum =
  (blank: number, datum: Datum) =>
  (fromA: number): number => {
    if (datum === 'a') return fromA;
    return datum === 'b' ? blank - fromA : fromA - blank / 2;
  };

/** Places every bend on the blank. PIs stay where they are; setback and arc follow the finished radius. */
export function markBlank(input: Omit<MarkInput, 'datum'>): Outcome<MarkedBlank> {
  const sides = clampSides(input.clampSide, input.points.length - 2);
  if (!sides.ok) return sides;
  const path = cornersOf(input);
  if (!path.ok) return path;
  const pulls: Pull[] = [];
  const finished: Corner[] = [];
  for (const corner of path.value.corners) {
    const pull = pullFor(corner.angle, input.springback);
    if (!pull.ok) return pull;
    pulls.push(pull.value);
    finished.push({ ...corner, clr: corner.clr * (input.growRadius ? pull.value.growth : 1) });
  }
  const lra = layOut({ ends: path.value.ends, corners: finished });
  if (!lra.ok) return lra;
  let at = input.trim[0];
  const bends: PlacedBend[] = [];
  for (const [i, bend] of lra.value.bends.entries()) {
    const { index } = finished[i] as Corner;
    const pull = pulls[i] as Pull;
    const clampSide = sides.value[index - 1] as Side;
    const arc = arcOf(bend.clr, bend.angle);
    const tangentA = at + bend.length;
    const tangentB = tangentA + arc;
    bends.push({
      number: index,
      angle: bend.angle,
      rotation: bend.rotation,
      reading: pull.reading,
      pull,
      finishedClr: bend.clr,
      arc,
      tangentA,
      tangentB,
      mark: markPlace(tangentA, tangentB, clampSide, input.die),
      clampSide,
      straightA: bend.length,
      straightB: lra.value.bends[i + 1]?.length ?? lra.value.tail,
    });
    at = tangentB;
  }
  return succeed({ blank: lra.value.developed + input.trim[0] + input.trim[1], trim: input.trim, bends });
}

/** The die's reference on this bend, moved by the offset toward the clamp's end (negative: away from it). From end A, mm. */
function markPlace(tangentA: number, tangentB: number, clampSide: Side, die: MarkInput['die']): number {
  const towardClamp = clampSide === 'a' ? -1 : 1;
  const start = clampSide === 'a' ? tangentA : tangentB;
  const end = clampSide === 'a' ? tangentB : tangentA;
  const place = { start, centre: (tangentA + tangentB) / 2, end }[die.reference];
  return place + towardClamp * die.offset;
}

function clampSides(given: Side | Side[], pis: number): Outcome<Side[]> {
  if (!Array.isArray(given)) return succeed(Array.from({ length: pis }, () => given));
  if (given.length === pis) return succeed(given);
  return fail(
    'wrong-count',
    '/clampSide',
    `the list of clamp sides has ${given.length}, the path ${pis} PIs: give one for each PI`,
  );
}
