import { type Length } from '@gyrus/core';
import { csvOf } from './plainCsv.ts';

/** A piece thrown away, as much of it as a row has. */
interface ScrappedPiece {
  at: string;
  who: string;
  stamp: string;
  tube: { od: Length; wall: Length; kind: string; batch: string };
  reason: string;
  length: Length | null;
  cost: number | null;
  note: string;
}

/** A row for every piece that was thrown away: mm, and whatever money the shop counts in. */
export const scrapCsv = (pieces: ScrappedPiece[]): string =>
  csvOf(
    ['at', 'who', 'stamp', 'od', 'wall', 'kind', 'batch', 'reason', 'lost', 'cost', 'note'],
    pieces.map(({ at, who, stamp, tube, reason, length, cost, note }) => [
      at,
      who,
      stamp,
      tube.od.mm,
      tube.wall.mm,
      tube.kind,
      tube.batch,
      reason,
      length?.mm ?? '',
      cost ?? '',
      note,
    ]),
  );
