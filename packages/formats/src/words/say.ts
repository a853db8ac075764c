import { type Finding, type Quantity } from '@gyrus/core';

/** What a sentence is made from, already in the reader's units. */
export interface Words {
  measured: string;
  limit: string;
  fact: (name: string) => string;
  count: (name: string) => number;
  where: string;
  inError: string;
  /** Thickness of a wall or a diameter needs hundredths where a tape's fractions hide the difference. */
  fine: (quantity: Quantity | null) => string;
  finding: Finding;
}

/** A finding as a sentence. */
export type Say = (words: Words) => string;
