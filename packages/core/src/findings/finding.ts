import { type FactsOf, type FindingCode } from './codes.ts';
import { type ThingName } from '../known/index.ts';
import { type Quantity, numberOf } from '../survey/index.ts';
import { type Remedy } from './remedy/remedy.ts';
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

/** What every finding has, whatever its code. */
interface Found extends Verdict {
  /** Stable: the same thing found again has the same key. */
  key: string;
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
}

/** A finding of one code, with the facts that its words need. */
export type FindingOf<Code extends FindingCode> = Code extends FindingCode
  ? Found & { code: Code; facts: FactsOf<Code> }
  : never;

/** An answer as data; the words for it are made elsewhere, by its code. */
export type Finding = FindingOf<FindingCode>;

/** What has to be said of a finding; its facts only where its words need any. */
type Given<Code extends FindingCode> = Partial<Found> &
  Pick<Found, 'key' | 'status'> & { code: Code } & (None extends FactsOf<Code>
    ? { facts?: FactsOf<Code> }
    : { facts: FactsOf<Code> });
type None = Record<never, never>;

/** A finding with what is not said left empty. */
export function finding<Code extends FindingCode>(given: Given<Code>): FindingOf<Code> {
  const whole: Found & { code: Code; facts: object } = {
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
  };
  // What is clear needs no mending. That the facts are those of the code was asked of what was given.
  const remedy = given.status === 'clear' ? null : whole.remedy;
  return { ...whole, remedy } as FindingOf<Code>;
}

/** A fact by its name, of whichever code; undefined where it has none of that name. */
export const factOf = ({ facts }: Pick<Finding, 'facts'>, name: string): Quantity | undefined =>
  (facts as Record<string, Quantity | undefined>)[name];

/** A fact that is a text; empty where there is none. */
export function textFact(found: Pick<Finding, 'facts'>, name: string): string {
  const fact = factOf(found, name);
  return fact && 'text' in fact ? fact.text : '';
}

/** A margin as a number, of whichever kind; null where it is none. */
export function marginOf({ margin }: Pick<Finding, 'margin'>): number | null {
  return margin === null ? null : numberOf(margin);
}
