import { barOf, type BentFit, byBends, fitsOf, nearBy } from '../bending/index.ts';
import { type BendSheet } from '../cage/index.ts';
import { isSameTube, type TubeChoice } from '../plan/index.ts';
import { type RackTube } from './rack.ts';

/** A bent piece of the rack that a tube can be cut from, bends that are still missing bent into it. mm from the piece's end A */
export interface BentOffcut {
  rack: string;
  fit: BentFit;
}

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
  const need = barOf(sheet.marked);
  const found = rack.flatMap((piece) => {
    if (!piece.bends || !isSameTube(piece, tube)) return [];
    const has = byBends(
      piece.bends,
      piece.bends.bends.map((_, i) => i + 1),
    );
    return fitsOf(has, need, nearBy(errors))
      .slice(0, 1)
      .map((fit): BentOffcut => ({ rack: piece.id, fit }));
  });
  return found.sort((a, b) => a.fit.missing.length - b.fit.missing.length || wasteOf(a.fit) - wasteOf(b.fit));
}

const wasteOf = ({ cut }: BentFit): number => cut[0] + cut[1];
