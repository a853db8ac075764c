import { type BentFit, byBends, type BentTolerance, fitsOf } from '../bending/index.ts';
import { type BendSheet } from '../cage/index.ts';
import { type TubeChoice } from '../plan/index.ts';
import { isSameTube } from './cutPlan.ts';
import { type RackTube } from './rack.ts';

/** A bent piece of the rack that a tube can be cut from, bends that are still missing bent into it. mm from the piece's end A */
export interface BentOffcut {
  rack: string;
  fit: BentFit;
}

/** How near a bend of the rack must be to what is needed, beside what tape and protractor are trusted to. mm; common practice */
const SAME_RADIUS = 1;

/**
 * Every bent piece on the rack that holds a tube: same OD, wall, kind and finished radius, its bends in the same places either way round, never
 * mirrored, and long enough at both ends. Those that want no more bending first. errors: what tape and protractor are trusted to, mm and degrees
 */
export function bentOffcutsFor(
  sheet: BendSheet,
  tube: Pick<TubeChoice, 'od' | 'wall' | 'kind'>,
  rack: readonly RackTube[],
  errors: { mm: number; deg: number },
): BentOffcut[] {
  const near: BentTolerance = {
    angle: errors.deg,
    turn: Math.max(1, errors.deg),
    place: errors.mm,
    radius: SAME_RADIUS,
  };
  const need = byBends(
    sheet.marked.lra,
    sheet.marked.corners.corners.map(({ index }) => index),
  );
  const found = rack.flatMap((piece) => {
    if (!piece.bends || !isSameTube(piece, tube)) return [];
    const has = byBends(
      piece.bends,
      piece.bends.bends.map((_, i) => i + 1),
    );
    return fitsOf(has, need, near)
      .slice(0, 1)
      .map((fit): BentOffcut => ({ rack: piece.id, fit }));
  });
  return found.sort((a, b) => a.fit.missing.length - b.fit.missing.length || wasteOf(a.fit) - wasteOf(b.fit));
}

const wasteOf = ({ cut }: BentFit): number => cut[0] + cut[1];
