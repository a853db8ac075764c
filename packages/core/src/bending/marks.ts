import { fail, type Outcome, succeed } from '../fault/index.ts';
import { itemAt } from '../items/index.ts';
import { arcOf, type Corner, type Corners, cornersOf, layOut, type Lra } from '../centreline/index.ts';
import { radians } from '../measure/index.ts';
import { type Vec3 } from '../space/index.ts';
import { fromDatum, type Side } from './datum.ts';
import { type MarkInput, type SpringbackModel } from './input.ts';
import { type Pull, pullFor } from './pull.ts';
import { type TubeUsed, tubeUsedAt } from './tubeUsed.ts';

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

/** A blank and the marks on it, from the datum. mm */
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
}

/** The blank with everything on it, from end A. */
export interface MarkedBlank {
  blank: number;
  trim: [number, number];
  bends: PlacedBend[];
  /** The path with its finished radii. */
  corners: Corners;
  lra: Lra;
}

/** Marks for the command line: everything measured from one datum, never chained. */
export function marksOf(input: MarkInput): Outcome<Marks> {
  const pis = input.points.length - 2;
  const sides = perPi(input.clampSide, pis, '/clampSide', 'clamp sides');
  if (!sides.ok) return sides;
  if (input.clr === undefined && pis > 0)
    return fail('missing', '/clr', "missing: give the die's centreline radius in mm");
  const radii = perPi(input.clr ?? [], pis, '/clr', 'radii');
  if (!radii.ok) return radii;
  const { die, springback, growRadius } = input;
  const tooling = radii.value.map((clr, i) => ({
    clr,
    die,
    springback,
    growRadius,
    clampSide: itemAt(sides.value, i),
  }));
  const marked = markBlank(input.points, tooling, input.trim);
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

/** What one bend is made with. */
export interface BendTooling {
  clr: number;
  /** Where the shop has the tube measured that bends use, each bend has the radius that takes as much. */
  takes?: readonly TubeUsed[];
  die: MarkInput['die'];
  springback: SpringbackModel;
  growRadius: boolean;
  clampSide: Side;
}

/**
 * Places every bend on the blank. points: the ends and the PIs, n × [x, y, z], mm; tooling: one for each PI given;
 * trim: beyond each end, mm. PIs stay where they are; setback and arc follow the finished radius.
 */
export function markBlank(
  points: Vec3[],
  tooling: BendTooling[],
  trim: [number, number],
): Outcome<MarkedBlank> {
  const path = cornersOf({
    points: points.map((p): [number, number, number] => [...p]),
    clr: tooling.map((bend) => bend.clr),
  });
  if (!path.ok) return path;
  const pulls: Pull[] = [];
  const finished: Corner[] = [];
  for (const corner of path.value.corners) {
    const { springback, growRadius, takes = [] } = itemAt(tooling, corner.index - 1);
    const pull = pullFor(corner.angle, springback);
    if (!pull.ok) return pull;
    pulls.push(pull.value);
    const measured = takes.length > 0 ? tubeUsedAt(takes, corner.angle) / radians(corner.angle) : null;
    finished.push({ ...corner, clr: measured ?? corner.clr * (growRadius ? pull.value.growth : 1) });
  }
  const corners = { ends: path.value.ends, corners: finished };
  const lra = layOut(corners);
  if (!lra.ok) return lra;
  const bends = placeBends(lra.value, finished, pulls, tooling, trim[0]);
  const blank = lra.value.developed + trim[0] + trim[1];
  return succeed({ blank, trim, bends, corners, lra: lra.value });
}

function placeBends(
  lra: Lra,
  corners: Corner[],
  pulls: Pull[],
  tooling: BendTooling[],
  from: number,
): PlacedBend[] {
  let at = from;
  return lra.bends.map((bend, i) => {
    const { index } = itemAt(corners, i);
    const pull = itemAt(pulls, i);
    const { clampSide, die } = itemAt(tooling, index - 1);
    const arc = arcOf(bend.clr, bend.angle);
    const tangentA = at + bend.length;
    at = tangentA + arc;
    return {
      number: index,
      angle: bend.angle,
      rotation: bend.rotation,
      reading: pull.reading,
      pull,
      finishedClr: bend.clr,
      arc,
      tangentA,
      tangentB: at,
      mark: markPlace(tangentA, at, clampSide, die),
      clampSide,
    };
  });
}

/** The die's reference on this bend, moved by the offset toward the clamp's end (negative: away from it). From end A, mm. */
function markPlace(tangentA: number, tangentB: number, clampSide: Side, die: MarkInput['die']): number {
  const towardClamp = clampSide === 'a' ? -1 : 1;
  const start = clampSide === 'a' ? tangentA : tangentB;
  const end = clampSide === 'a' ? tangentB : tangentA;
  const place = { start, centre: (tangentA + tangentB) / 2, end }[die.reference];
  return place + towardClamp * die.offset;
}

/** One value for all PIs, or a list with one for each. */
function perPi<T>(given: T | T[], pis: number, path: string, what: string): Outcome<T[]> {
  if (!Array.isArray(given)) return succeed(Array.from({ length: pis }, () => given));
  if (given.length === pis) return succeed(given);
  return fail(
    'wrong-count',
    path,
    `the list of ${what} has ${given.length}, the path ${pis} PIs: give one for each PI`,
  );
}
