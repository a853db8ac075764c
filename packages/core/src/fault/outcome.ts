import { type FaultCode } from './codes.ts';
import { type Said, type Told } from './told.ts';

/** What is wrong, as data; the program's doors have codes of their own. `path` is a JSON pointer into the input (RFC 6901), "" for the whole of it. */
export interface Fault<Code extends string = FaultCode> {
  code: Code;
  /** Says what is wrong and what would be right, in one sentence. */
  message: string;
  path: string;
  /** The message in parts, where it has lengths: pages write them in the job's unit. */
  said?: Said;
}

/** A value, or the fault that stood in its way. */
export type Outcome<T> = { ok: true; value: T } | { ok: false; fault: Fault };

/** What was to be computed. */
export const succeed = <T>(value: T): Outcome<T> => ({ ok: true, value });

/** message: a sentence, or one that was `told` with its lengths as figures. */
export const fail = (code: FaultCode, path: string, message: string | Told): { ok: false; fault: Fault } => ({
  ok: false,
  fault: typeof message === 'string' ? { code, message, path } : { code, path, ...message },
});

/** A fault's sentence in parts. */
export const saidIn = ({ said, message }: Pick<Fault, 'said' | 'message'>): Said => said ?? [message];

/** Carries a fault up into an input that holds the faulty part at `prefix`. */
export const under = <T>(prefix: string, outcome: Outcome<T>): Outcome<T> =>
  outcome.ok ? outcome : { ok: false, fault: { ...outcome.fault, path: prefix + outcome.fault.path } };

/** Goes on with the value, or passes the fault along. */
export const andThen = <T, U>(outcome: Outcome<T>, next: (value: T) => Outcome<U>): Outcome<U> =>
  outcome.ok ? next(outcome.value) : outcome;

/** Turns a list of outcomes into the outcome of a list: the first fault wins. */
export function collect<T>(outcomes: Outcome<T>[]): Outcome<T[]> {
  const values: T[] = [];
  for (const outcome of outcomes) {
    if (!outcome.ok) return outcome;
    values.push(outcome.value);
  }
  return succeed(values);
}

/**
 * The value of an outcome that cannot fail here, for tests and for data that was checked before.
 * Throws the fault's message otherwise: a programmer's error.
 */
export function expectValue<T>(outcome: Outcome<T>): T {
  if (outcome.ok) return outcome.value;
  throw new Error(`${outcome.fault.code} at "${outcome.fault.path}": ${outcome.fault.message}`);
}
