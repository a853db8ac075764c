/** Two lengths or angles nearer than this are the same; every decision is taken on values rounded to it. mm or degrees. */
export const DECISION = 1e-6;

/** What the last digits of a computation may be off by, in whatever unit: less than this is nothing. */
export const NOISE = 1e-9;

/** A point where the path turns by less than this is in line with its neighbours and is no bend. Degrees. */
export const IN_LINE = 0.01;

/** A path that turns by more than 180 minus this folds back on itself. Degrees. */
export const FOLD = 0.01;

/** Points nearer than this are one point. mm. */
export const COINCIDENT = 1e-6;

/** Catalogue sizes (OD, wall, plate thickness) compare within this. mm. Handbook §9. */
export const CATALOGUE = 0.01;

/** A header that bows by no more than this under a branch is straight enough for a notcher. mm: 0.01 in, common practice. */
export const STRAIGHT_ENOUGH = 0.254;

/** What a tape and a protractor are trusted to, unless the job says otherwise. Handbook §9, common practice. */
export const TAPE_ERROR = 3;
/** What a protractor is trusted to. Degrees. Handbook §9, common practice. */
export const PROTRACTOR_ERROR = 0.5;

/** Nothing in a car, or of a cage for one, is larger or farther from its origin. mm. A racing lorry is about 6 m long. */
export const LARGEST_IN_CAR = 15_000;

/** A value as decisions see it: rounded to 1e-6, so that every engine decides alike. Never −0. */
export const decided = (value: number): number => Math.round(value / DECISION) / (1 / DECISION) + 0;

/** a ≥ b as decisions see it. */
export const atLeast = (a: number, b: number): boolean => decided(a - b) >= 0;
