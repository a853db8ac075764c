import { type MadeBend, type Scrap } from '@gyrus/contract';
import { format } from 'date-fns';

/** A month of the log: bends made, pieces thrown away. */
export interface Month {
  month: string;
  bends: number;
  scrap: number;
}

/** Every month from the first entry to the last, those without any among them. */
export function byMonth(bends: Pick<MadeBend, 'at'>[], scrap: Pick<Scrap, 'at'>[]): Month[] {
  const counts = (entries: { at: string }[]) => countBy(entries, ({ at }) => format(at, 'yyyy-MM'));
  const [made, lost] = [counts(bends), counts(scrap)];
  return monthsBetween([...made.keys(), ...lost.keys()]).map((month) => ({
    month,
    bends: made.get(month) ?? 0,
    scrap: lost.get(month) ?? 0,
  }));
}

/** What was lost for one reason. Length in mm; cost in whatever money the shop counts in */
export interface Reason {
  reason: string;
  pieces: number;
  length: number;
  cost: number;
}

/** Why pieces were thrown away, the most frequent reason first. */
export function byReason(scrap: Pick<Scrap, 'reason' | 'length' | 'cost'>[]): Reason[] {
  const reasons = new Map<string, Reason>();
  for (const { reason, length, cost } of scrap) {
    const sum = reasons.get(reason) ?? { reason, pieces: 0, length: 0, cost: 0 };
    reasons.set(reason, {
      reason,
      pieces: sum.pieces + 1,
      length: sum.length + (length?.mm ?? 0),
      cost: sum.cost + (cost ?? 0),
    });
  }
  return [...reasons.values()].sort((a, b) => b.pieces - a.pieces || a.reason.localeCompare(b.reason));
}

function countBy<T>(entries: T[], key: (entry: T) => string): Map<string, number> {
  const counts = new Map<string, number>();
  for (const entry of entries) counts.set(key(entry), (counts.get(key(entry)) ?? 0) + 1);
  return counts;
}

/** Longer than this nobody reads a row of months. */
const MOST_MONTHS = 36;

/** All months between the first and the last of those named, the last three years of them. */
function monthsBetween(named: string[]): string[] {
  const [first, last] = [named.toSorted()[0], named.toSorted().at(-1)];
  if (first === undefined || last === undefined) return [];
  const number = (month: string): number => Number(month.slice(0, 4)) * 12 + Number(month.slice(5)) - 1;
  const name = (at: number): string => `${Math.floor(at / 12)}-${String((at % 12) + 1).padStart(2, '0')}`;
  const from = Math.max(number(first), number(last) - MOST_MONTHS + 1);
  return Array.from({ length: number(last) - from + 1 }, (_, i) => name(from + i));
}
