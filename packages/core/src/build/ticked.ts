import { type Angle, type Length } from '../measure/index.ts';
import { type StepKind, type TimeTaken } from './hours.ts';
import { type BuildStep } from './steps/step.ts';

/** A figure that was taped, or an angle that was measured; by the turn of the work and what it is, `tacked:hoop:feet`. */
export interface CageReading {
  what: string;
  taped: Length | null;
  turned: Angle | null;
}

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
  /** What was taped in it, by what it is. */
  readings: CageReading[];
  note: string;
  photos: { file: string; name: string }[];
  /** Of a seam welded: the id of the procedure that it was welded by; null where nobody said. */
  procedure: string | null;
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

/** What was read last of each figure, and by whom. */
export function readIn(entries: readonly BuildEntry[]): Map<string, Ticked & CageReading> {
  const read = new Map<string, Ticked & CageReading>();
  for (const { readings, who, at } of entries)
    for (const reading of readings) read.set(reading.what, { who, at, ...reading });
  return read;
}

/** How long steps took, kind by kind, of what was done and not taken back. */
export function timesOf(builds: readonly (readonly BuildEntry[])[]): TimeTaken[] {
  const times = new Map<StepKind, TimeTaken>();
  for (const entries of builds) {
    const ticked = tickedIn(entries);
    for (const { kind, ticks, at, took } of entries) {
      if (kind !== 'done' || !took || took.minutes === null) continue;
      if (!ticks.every((tick) => ticked.get(tick)?.at === at)) continue;
      const sum = times.get(took.kind) ?? { kind: took.kind, minutes: 0, size: 0, steps: 0 };
      times.set(took.kind, {
        kind: took.kind,
        minutes: sum.minutes + took.minutes,
        size: sum.size + took.size,
        steps: sum.steps + 1,
      });
    }
  }
  return [...times.values()];
}
