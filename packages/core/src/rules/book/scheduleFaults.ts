import { type Fault } from '../../fault/index.ts';
import { type Mass } from '../../plan/index.ts';
import { type ScheduleRow } from './ruleBook.ts';
import { listOf } from './written.ts';

interface Weights {
  over?: Mass | null;
  upTo?: Mass | null;
}

/** A lower weight above the upper one. */
export const weightFaults = ({ over, upTo }: Weights, at: string): Fault[] =>
  over && upTo && over.kg >= upTo.kg
    ? [
        {
          code: 'contradiction',
          path: `${at}/upTo`,
          message: `no car weighs over ${over.typed} and up to ${upTo.typed}: turn the weights round`,
        },
      ]
    : [];

/** Weights of rows that follow each other are stated in kg or lb: what rounding between them makes is no hole. kg */
const SAME_WEIGHT = 0.5;

/** A limit of weight in kg; what is open is without end, and what is not read yet is no number. */
const weightOf = (mass: Mass | null | undefined, open: number): number =>
  mass == null ? open : (mass.kg ?? NaN);

/** Of each role, rows by weight: none over another, none missing between two. */
export function scheduleFaults(rows: Partial<ScheduleRow>[]): Fault[] {
  const found: Fault[] = rows.flatMap((row, i) => weightFaults(row, `/tubeSchedule/${i}`));
  const told = new Set<string>();
  const roles = new Set(rows.flatMap(({ roles: own }) => listOf(own)));
  for (const role of roles) {
    const own = rows
      .map((row, i) => ({ i, over: weightOf(row.over, -Infinity), upTo: weightOf(row.upTo, Infinity), row }))
      .filter(({ row, over, upTo }) => listOf(row.roles).includes(role) && over < upTo)
      .sort((a, b) => a.over - b.over);
    for (const [k, { i, over, row }] of own.entries()) {
      // Of the lighter rows the one that reaches farthest: what it covers is no hole.
      const before = own.slice(0, k).sort((a, b) => b.upTo - a.upTo)[0];
      if (!before || told.has(`${before.i}/${i}`)) continue;
      const [first, second] = [before.i + 1, i + 1];
      const whom = role.replaceAll('-', ' ');
      if (before.upTo - over > SAME_WEIGHT)
        found.push({
          code: 'overlap',
          path: `/tubeSchedule/${i}/over`,
          message: `rows ${first} and ${second} both hold for a ${whom}${over > -Infinity && row.over ? ` of a car over ${row.over.typed}` : ''}: limit one by weight, or make them sizes of one row`,
        });
      else if (over - before.upTo > SAME_WEIGHT)
        found.push({
          code: 'hole',
          path: `/tubeSchedule/${i}/over`,
          message: `no row holds for a ${whom} of a car over ${before.row.upTo?.typed} and up to ${row.over?.typed}: rows ${first} and ${second} leave a hole`,
        });
      else continue;
      told.add(`${before.i}/${i}`);
    }
  }
  return found;
}
