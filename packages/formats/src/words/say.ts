import { type FactsOf, type Finding, type FindingCode, type Quantity } from '@gyrus/core';

/** Names of a code's facts that are of one kind of quantity, or of any. */
type FactNames<Code extends FindingCode> = Code extends FindingCode ? keyof FactsOf<Code> & string : never;

/** What a sentence is made from, already in the reader's units. */
export interface Words<Code extends FindingCode = FindingCode> {
  measured: string;
  limit: string;
  fact: (name: FactNames<Code>) => string;
  count: (name: FactNames<Code>) => number;
  where: string;
  inError: string;
  /** Thickness of a wall or a diameter needs hundredths where a tape's fractions hide the difference. */
  fine: (quantity: Quantity | null) => string;
  finding: Finding;
}

/** A fact in words, by its name. */
export type Fact<Names extends string> = (name: Names) => string;

/** A finding as a sentence. */
export type Say<Code extends FindingCode = FindingCode> = (words: Words<Code>) => string;

/** A sentence for each of some codes, made from the facts that each code has. */
export type Sentences<Codes extends FindingCode> = { readonly [Code in Codes]: Say<Code> };
