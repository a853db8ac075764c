/** Where a cage is while it is worked at: outside the car, in its place, or let down (and slid) to be welded. */
export const PLACES = ['bench', 'car', 'dropped'] as const;
/** Where a cage is while it is worked at. */
export type WorkPlace = (typeof PLACES)[number];

/** A place of a seam: which leans of the torch are closed, a bit for each; by the roof, and by the tubes that stand. */
export interface SeamPlace {
  roof: Record<WorkPlace, number>;
  tubes: { tube: number; closed: number }[];
}

/** Places of a seam that are welded in one go: what one tube will cover, or all the rest. */
export interface SeamPart {
  /** Which seam it is of. */
  seam: number;
  /** The tube whose end it is. */
  tube: number;
  places: SeamPlace[];
}

/** What an order of building has to obey, and what it is judged by. Tubes, by their numbers, are those that are made. */
export interface BuildProblem {
  count: number;
  /** Can be put together outside the car. */
  bench: boolean[];
  /** The tubes that each is coped to: they stand first. */
  after: number[][];
  /** The ways by which each gets to its place with all its headers fast: the tubes that must not stand in each. */
  ways: number[][][];
  /** The ways that it has besides where a header gives; with none of either nothing is known of how it gets in. */
  sprung: number[][][];
  /** The header of each that gives then, and so is welded after it is in; null where they are sprung. */
  loose: (number | null)[];
  parts: SeamPart[];
  /** Whether the plan says how far the cage is let down. */
  drops: boolean;
}

/** Every lean closed. */
export const CLOSED = (1 << 9) - 1;
