import { type Mass } from '../plan/index.ts';

/** Where a book's figures come from, said wherever they are used. */
export const PROVENANCES = ['published', 'from-memory', 'invented'] as const;
/** Where the figures of a rule book come from. */
export type Provenance = (typeof PROVENANCES)[number];

/** When a rule holds, besides its roles and classes; what is null holds for all. */
export interface When {
  roof: 'open' | 'closed' | null;
  over: Mass | null;
  upTo: Mass | null;
  builtFrom: number | null;
  builtTo: number | null;
}

/** When a rule holds that says nothing of it. */
export const ALWAYS: When = { roof: null, over: null, upTo: null, builtFrom: null, builtTo: null };

/** The rule a finding came from, with where its figure comes from. */
export interface RuleSource {
  book: string;
  bookTitle: string;
  edition: string;
  provenance: Provenance;
  clause: string;
  text: string;
  /** When the rule holds; null where always. */
  holds: Holds | null;
}

/** What limits a rule to some cars: classes by their titles, and the rest of its conditions. */
export interface Holds extends When {
  classes: string[];
}
