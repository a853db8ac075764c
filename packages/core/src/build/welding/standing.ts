import { type SeamPositions, WELD_POSITIONS, type WeldPosition } from './positions.ts';
import { type WeldProcedure, type WeldSample } from './procedure.ts';

/** Walls that differ by no more than a mill lets its own vary are one wall. Share of the wall; ±10 % is usual in tube standards (from memory) */
const SAME_WALL = 0.1;
/** A seam with less than this in a position is not asked about it. mm */
const LEAST = 5;

/** The procedures that a wall is welded by; those set aside are left out. wall in mm */
export const proceduresFor = (procedures: readonly WeldProcedure[], wall: number): WeldProcedure[] =>
  procedures.filter((one) => !one.setAside && Math.abs(one.wall.mm - wall) <= SAME_WALL * wall);

/** How a procedure stands in one position that a seam has. */
export interface WeldStanding {
  position: WeldPosition;
  /** Its last sample was sound; was not; none was cut open; the procedure is not for this position. */
  kind: 'sound' | 'not-sound' | 'no-sample' | 'not-for-it';
  sample: WeldSample | null;
}

/** How a procedure stands in every position that a seam has, the position of most of it first. */
export function standingOf(procedure: WeldProcedure, positions: SeamPositions): WeldStanding[] {
  return WELD_POSITIONS.filter((position) => positions[position] >= LEAST)
    .sort((a, b) => positions[b] - positions[a])
    .map((position) => ({ position, ...standingIn(procedure, position) }));
}

/** The sample of a position that was cut open last: it tells; null where none was. */
export const lastSample = (
  { samples }: Pick<WeldProcedure, 'samples'>,
  position: WeldPosition,
): WeldSample | null => samples.findLast((one) => one.position === position) ?? null;

function standingIn(procedure: WeldProcedure, position: WeldPosition): Pick<WeldStanding, 'kind' | 'sample'> {
  const { positions } = procedure;
  const sample = lastSample(procedure, position);
  if (!positions.includes(position)) return { kind: 'not-for-it', sample };
  if (!sample) return { kind: 'no-sample', sample };
  return { kind: sample.sound ? 'sound' : 'not-sound', sample };
}
