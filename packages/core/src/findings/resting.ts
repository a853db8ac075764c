import { type AssumedThing } from '../known/index.ts';
import { type Verdict } from './finding.ts';

/** A verdict that rests on what nobody measured or chose: neither clear nor out, it asks, and says what it would be. */
export function resting<V extends Verdict>(verdict: V, things: AssumedThing[]): V {
  if (things.length === 0 || verdict.status === 'ask') return verdict;
  const restsOn = [...new Set(things.map(({ name }) => name))];
  return { ...verdict, status: 'ask', would: verdict.status, restsOn };
}

/**
 * A verdict of a rule that may not hold, as what decides it is not known. Clear is clear either way; what is asked anyway says what
 * is to be known for it; a limit that is not kept asks.
 */
export function conditional<V extends Verdict>(verdict: V, undecided: AssumedThing[]): V {
  if (undecided.length === 0 || verdict.status === 'clear') return verdict;
  if (verdict.status !== 'ask') return resting(verdict, undecided);
  const names = [...verdict.restsOn, ...undecided.map(({ name }) => name)];
  return { ...verdict, restsOn: names };
}
