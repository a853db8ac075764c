/** Places of a bend that a die can be marked for. */
export const MARK_REFERENCES = ['start', 'centre', 'end'] as const;
/** What of the bend the die's mark stands for: the tangent on the clamp's side, the arc's middle, the other tangent. */
export type MarkReference = (typeof MARK_REFERENCES)[number];

/** The end of the tube that the clamp is toward. */
export type Side = 'a' | 'b';

/** Places that a tape can be hooked at: either end of the blank, or its middle. */
export const DATUMS = ['a', 'b', 'centre'] as const;
/** Where the tape is hooked. */
export type Datum = (typeof DATUMS)[number];

/** Distances from end A, from end B, or signed from the middle of the blank, positive toward B. mm */
export const fromDatum =
  (blank: number, datum: Datum) =>
  (fromA: number): number => {
    if (datum === 'a') return fromA;
    return datum === 'b' ? blank - fromA : fromA - blank / 2;
  };
