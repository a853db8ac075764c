import { type RuleBook } from './ruleBook.ts';

/** A book as far as it is written: any part of it may be missing or of the wrong kind. */
export type Written = {
  [Key in keyof RuleBook]?: RuleBook[Key] extends (infer Item)[] ? Partial<Item>[] : unknown;
};

/** A list of a book that is being written; none where it is no list yet. */
export const listOf = <T>(value: T[] | undefined): T[] => (Array.isArray(value) ? value : []);
