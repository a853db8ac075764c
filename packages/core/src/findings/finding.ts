import { type ThingName } from '../known/index.ts';
import { type Quantity } from '../survey/index.ts';
import { type Remedy } from './remedy.ts';
import { type RuleSource } from './source.ts';

/**
 * clear: holds with room to spare. look: a person must, or it is within the instruments' error. out: does not hold.
 * ask: no program can tell; a person answers.
 */
export type Status = 'clear' | 'look' | 'out' | 'ask';

/** A verdict, and what it rests on where nobody measured or chose that. */
export interface Verdict {
  status: Status;
  /** What it asks for rests on something assumed: the verdict that it would have. */
  would: Exclude<Status, 'ask'> | null;
  restsOn: ThingName[];
}

/** An answer as data; the words for it are made elsewhere, by its code. */
export interface Finding extends Verdict {
  /** Stable: the same thing found again has the same key. */
  key: string;
  code: string;
  member: string | null;
  /** The bend it belongs to, by the name of its place. */
  feature: string | null;
  measured: Quantity | null;
  limit: Quantity | null;
  /** How far inside the limit (negative: beyond it), of the same kind. */
  margin: Quantity | null;
  rule: RuleSource | null;
  /** The least change that would mend it, where it can be computed and it is not clear. */
  remedy: Remedy | null;
  /** More that the words need. */
  facts: Record<string, Quantity>;
}

/** A finding with what is not said left empty. */
export const finding = (
  given: Pick<Finding, 'key' | 'code' | 'status'> & Partial<Omit<Finding, 'key' | 'code' | 'status'>>,
): Finding => ({
  member: null,
  feature: null,
  measured: null,
  limit: null,
  margin: null,
  rule: null,
  would: null,
  restsOn: [],
  remedy: null,
  facts: {},
  ...given,
  // What is clear needs no mending.
  ...(given.status === 'clear' ? { remedy: null } : {}),
});
