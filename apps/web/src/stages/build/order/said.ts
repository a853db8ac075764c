import { type PhotoKept } from '@gyrus/contract';
import { type Length, recordOf } from '@gyrus/core';
import { lengthIn } from '../../../shared/fields/keptQuantities.ts';

/** What is typed at a step and not written down yet. */
export interface Said {
  minutes: string;
  note: string;
  photos: PhotoKept[];
  /** By what was taped. */
  taped: Record<string, Length>;
  /** The procedure that a seam is welded by, by its id. */
  procedure: string | null;
}

/** Nothing is typed yet. */
export const EMPTY_SAID: Said = { minutes: '', note: '', photos: [], taped: {}, procedure: null };

/** The same as the browser kept it. */
export function saidIn(kept: unknown): Said {
  const { minutes, note, photos, taped, procedure } = recordOf(kept);
  return {
    minutes: typeof minutes === 'string' ? minutes : '',
    note: typeof note === 'string' ? note : '',
    photos: Array.isArray(photos) ? photos.flatMap(photoIn) : [],
    taped: Object.fromEntries(
      Object.entries(recordOf(taped)).flatMap(([what, one]) => {
        const length = lengthIn(one);
        return length ? [[what, length]] : [];
      }),
    ),
    procedure: typeof procedure === 'string' ? procedure : null,
  };
}

function photoIn(kept: unknown): PhotoKept[] {
  const { file, name } = recordOf(kept);
  return typeof file === 'string' && typeof name === 'string' ? [{ file, name }] : [];
}
