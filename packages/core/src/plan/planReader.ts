import { z } from 'zod';
import { type Outcome } from '../fault/index.ts';
import { member } from './member.ts';
import { occupant } from './occupant.ts';
import { part } from './part.ts';
import { checkReferences, type Plan, PLAN_VERSION, planSchema, readPlan } from './plan.ts';
import { gusset, plate } from './plate.ts';
import { die } from './tooling.ts';

/** The lists that most of a plan is in, by what each record of them is. */
const RECORDS = {
  members: member,
  plates: plate,
  gussets: gusset,
  parts: part,
  occupants: occupant,
  dies: die,
};
type List = keyof typeof RECORDS;
const LISTS = Object.keys(RECORDS) as List[];

const anything = z.array(z.unknown());
const frame = planSchema.extend({
  members: anything,
  plates: anything,
  gussets: anything,
  parts: anything,
  occupants: anything,
  dies: anything,
});

/**
 * Reads plans as readPlan does, with the same outcomes, for somebody who reads many that differ little, such as each save of a plan: a
 * record that was found sound once is not checked again, as what is sound follows from its text alone.
 * data: as it comes from JSON, every number finite: what JSON cannot write is not told apart from null here.
 * most: so many records are remembered; the oldest are forgotten.
 */
export function planReader(most = 5000): (data: unknown) => Outcome<Plan> {
  const sound = new Set<string>();
  const isSound = (list: List, record: unknown): boolean => {
    const text = list + JSON.stringify(record);
    if (sound.has(text)) return true;
    if (!RECORDS[list].safeParse(record).success) return false;
    sound.add(text);
    for (const oldest of sound) {
      if (sound.size <= most) break;
      sound.delete(oldest);
    }
    return true;
  };
  return (data) => {
    // A plan of another version is migrated; one with a fault is told where: both take the long way.
    if ((data as { version?: unknown } | null | undefined)?.version !== PLAN_VERSION) return readPlan(data);
    const framed = frame.safeParse(data);
    if (!framed.success) return readPlan(data);
    const isAllSound = LISTS.every((list) => framed.data[list].every((record) => isSound(list, record)));
    return isAllSound ? checkReferences(framed.data as Plan) : readPlan(data);
  };
}
