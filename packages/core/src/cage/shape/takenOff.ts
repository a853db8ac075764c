import { arcOf } from '../../centreline/index.ts';
import { type TakeOffLine } from '../../bending/index.ts';
import { fail, type Outcome, succeed, told } from '../../fault/index.ts';
import { degrees, DECISION, radians } from '../../measure/index.ts';
import { type SampleBend, type TakeOff, type TakeOffRow, type BendTurn } from '../../plan/index.ts';
import { type BendRoom } from './chord.ts';

/** A list of bends without its marks. mm and degrees */
export interface TakenOff {
  /** Straights tangent to tangent. */
  bends: { length: number; rotation: number; angle: number; clr: number }[];
  tail: number;
  /** The radius of each bend by the tube that its sample took; null where none was measured, or a die makes it. */
  bySample: (number | null)[];
  /** What is added up on the tape, from the start to the end. */
  lines: TakeOffLine[];
}

/** How far two lines along a tube are turned from each other about it. mm, result in degrees */
const turnBetweenLines = (apart: number, od: number): number => degrees(apart / (od / 2));

/** A turn in degrees, right-handed about the tube. od: its outside diameter, mm. */
function turnDegrees(turn: BendTurn, od: number): number {
  if (turn.kind === 'degrees') return turn.angle.deg;
  return turnBetweenLines(turn.round.mm, od) * (turn.toward === 'right' ? 1 : -1);
}

/**
 * Straights and bends of a take-off: nobody works out a straight, as the distances between the marks of a sample bend have its own
 * measures taken off them. The first bend's turn counts for nothing. Fault where a mark lies within the bend before it.
 */
export function takenOff(
  { sample, rows, tail }: TakeOff,
  features: readonly string[],
  room: BendRoom,
): Outcome<TakenOff> {
  const known = rows.map((row, i) => bendOf(row, room.clrAt(features[i] ?? '', row.angle.deg), room.clr));
  const straights = [...rows.map(({ straight }) => straight.mm), tail.mm].map((measured, i) =>
    sample ? fromMarks(sample, measured, known[i - 1]?.takes ?? null, i === rows.length) : measured,
  );
  const short = straights.findIndex((one) => one < -DECISION);
  if (short >= 0) return inTheBend(short, -(straights[short] ?? 0), rows.length);
  const bends = rows.map((row, i) => ({
    length: Math.max(0, straights[i] ?? 0),
    rotation: i === 0 ? 0 : turnDegrees(row.turn, room.od),
    angle: row.angle.deg,
    clr: known[i]?.clr ?? room.clr,
  }));
  const end = Math.max(0, straights.at(-1) ?? 0);
  const straight = (length: number): TakeOffLine => ({ kind: 'straight', length });
  return succeed({
    bends,
    tail: end,
    bySample: known.map(({ bySample }) => bySample),
    lines: [
      ...bends.flatMap(({ length, angle }, i): TakeOffLine[] => [
        straight(length),
        { kind: 'bend', angle, takes: known[i]?.takes ?? 0 },
      ]),
      straight(end),
    ],
  });
}

function bendOf({ angle, takes }: TakeOffRow, ofDie: number | null, usual: number) {
  const bySample = ofDie === null && takes ? takes.mm / radians(angle.deg) : null;
  const clr = ofDie ?? bySample ?? usual;
  return { clr, bySample, takes: takes?.mm ?? arcOf(clr, angle.deg) };
}

/** The straight between two bends by the distance of their marks. takes: of the bend before; null before the first. */
function fromMarks(
  { before, after, takenFrom }: SampleBend,
  measured: number,
  takes: number | null,
  isTail: boolean,
): number {
  const toBend = isTail ? 0 : before.mm;
  if (takes === null) return measured + toBend;
  return measured + toBend + (takenFrom === 'far-mark' ? after.mm : -before.mm - takes);
}

const inTheBend = (bend: number, missing: number, last: number) =>
  fail(
    'mark-in-bend',
    '',
    told`${bend === last ? 'the end' : `the mark of bend ${bend + 1}`} comes out ${{ mm: missing }} within ${bend === 0 ? 'what lies before the first bend' : `bend ${bend}`}: check the distance, and which mark it is taken from`,
  );
