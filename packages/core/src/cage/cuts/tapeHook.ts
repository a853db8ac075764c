import { fromDatum } from '../../bending/index.ts';
import { type SheetDatum } from '../../plan/index.ts';
import { type BendSheet } from '../sheet/bendSheet.ts';
import { type Copes } from './copes.ts';

/** Where the tape is hooked on a blank, and how it reads from there. mm */
export interface TapeHook {
  datum: SheetDatum;
  /** From end A of the blank. */
  at: number;
  /** What the tape reads at a place so far from end A; from the centre it is signed, positive toward B. */
  reads: (fromA: number) => number;
  /** `from end A`, `from the coped end A`. */
  words: string;
}

/** Setbacks of the long points of both cut ends, mm. */
export type Ears = Record<'a' | 'b', number>;

/** The ears of a piece among the copes; null where it has none. */
export function earsOf({ ends }: Copes, piece: string): Ears | null {
  const ear = (end: 'a' | 'b') => ends.find((cut) => cut.piece === piece && cut.end === end)?.ear;
  const [a, b] = [ear('a'), ear('b')];
  return a === undefined || b === undefined ? null : { a, b };
}

/**
 * The tape on a blank. For the school that copes first and bends after it is hooked on the ear of the end that is cut already;
 * where the copes are not known it is hooked on the bare end, and its words say so.
 */
export function tapeHook({ blank, trim }: BendSheet, datum: SheetDatum, ears: Ears | null): TapeHook {
  if (datum === 'a' || datum === 'b' || datum === 'centre' || !ears) {
    const bare = datum === 'ear-a' ? 'a' : datum === 'ear-b' ? 'b' : datum;
    return {
      datum: bare,
      at: { a: 0, b: blank, centre: blank / 2 }[bare],
      reads: fromDatum(blank, bare),
      words: WORDS[bare],
    };
  }
  const at = datum === 'ear-a' ? trim[0] + ears.a : blank - trim[1] - ears.b;
  return {
    datum,
    at,
    reads: (fromA) => (datum === 'ear-a' ? fromA - at : at - fromA),
    words: WORDS[datum],
  };
}

const WORDS: Record<SheetDatum, string> = {
  a: 'from end A',
  b: 'from end B',
  centre: 'from the centre',
  'ear-a': 'from the ear of the coped end A',
  'ear-b': 'from the ear of the coped end B',
};
