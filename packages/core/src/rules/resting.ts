import { type AssumedThing } from '../known/index.ts';
import { type Verdict } from './finding.ts';

/** A verdict that rests on what nobody measured or chose: neither clear nor out, it asks, and says what it would be. */
export function resting<V extends Verdict>(verdict: V, things: AssumedThing[]): V {
  if (things.length === 0 || verdict.status === 'ask') return verdict;
  const restsOn = [...new Set(things.map(({ name }) => name))];
  return { ...verdict, status: 'ask', would: verdict.status, restsOn };
}
