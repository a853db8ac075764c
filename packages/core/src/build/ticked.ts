import { type StepKind } from './hours.ts';
import { type BuildStep } from './steps/step.ts';

/** What was done at the car and written down, once: a step done or taken back, or a note. */
export interface BuildEntry {
  id: string;
  kind: 'done' | 'undone' | 'note';
  /** What it is about, thing by thing. */
  ticks: string[];
  who: string;
  /** ISO 8601 */
  at: string;
  /** The step as it was named then. */
  title: string;
  /** Of a step done: what it was and how much of it, and how long it took where somebody said so. */
  took: { kind: StepKind; size: number; minutes: number | null } | null;
  note: string;
  photos: { file: string; name: string }[];
}

/** Who ticked a thing off, and when. */
export type Ticked = Pick<BuildEntry, 'who' | 'at'>;

/** What is ticked off after all that was written down, in the order in which it came. */
export function tickedIn(entries: readonly BuildEntry[]): Map<string, Ticked> {
  const ticked = new Map<string, Ticked>();
  for (const { kind, ticks, who, at } of entries)
    for (const tick of ticks) {
      if (kind === 'done') ticked.set(tick, { who, at });
      if (kind === 'undone') ticked.delete(tick);
    }
  return ticked;
}

/** Whether all of a step is ticked off. */
export const isDone = ({ ticks }: Pick<BuildStep, 'ticks'>, ticked: ReadonlyMap<string, Ticked>): boolean =>
  ticks.every((tick) => ticked.has(tick));
