import { z } from 'zod';
import { type Outcome, succeed } from '../fault/index.ts';
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

/** A plan that was read, with its JSON. */
export interface ReadPlan {
  plan: Plan;
  json: string;
}

/**
 * Reads plans as readPlan does, with the same outcomes, for somebody who reads many that differ little and writes each down, such as every
 * save of a plan: a record that was found sound once is not checked again, as what is sound follows from its text alone.
 * data: as it comes from JSON, every number finite: what JSON cannot write is not told apart from null here.
 * most: so many records are remembered; the oldest are forgotten.
 */
export function planReader(most = 5000): (data: unknown) => Outcome<ReadPlan> {
  const sound = new Set<string>();
  /** The text of a record, or null where it is not sound. */
  const soundText = (list: List, record: unknown): string | null => {
    const text = JSON.stringify(record);
    if (sound.has(list + text)) return text;
    if (!RECORDS[list].safeParse(record).success) return null;
    sound.add(list + text);
    for (const oldest of sound) {
      if (sound.size <= most) break;
      sound.delete(oldest);
    }
    return text;
  };
  return (data) => {
    // A plan of another version is migrated; one with a fault is told where: both take the long way.
    if ((data as { version?: unknown } | null | undefined)?.version !== PLAN_VERSION) return longWay(data);
    const framed = frame.safeParse(data);
    if (!framed.success) return longWay(data);
    const { members, plates, gussets, parts, occupants, dies, ...rest } = framed.data;
    const lists = { members, plates, gussets, parts, occupants, dies };
    const texts: string[] = [];
    for (const list of LISTS) {
      const records = lists[list].map((record) => soundText(list, record));
      if (records.includes(null)) return longWay(data);
      texts.push(`"${list}":[${records.join(',')}]`);
    }
    const read = checkReferences(framed.data as Plan);
    const head = JSON.stringify(rest).slice(0, -1);
    return read.ok ? succeed({ plan: read.value, json: `${head},${texts.join(',')}}` }) : read;
  };
}

function longWay(data: unknown): Outcome<ReadPlan> {
  const read = readPlan(data);
  return read.ok ? succeed({ plan: read.value, json: JSON.stringify(read.value) }) : read;
}
