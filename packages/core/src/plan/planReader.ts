import { recordOf } from '../items/index.ts';
import { type z } from 'zod';
import { type Outcome, succeed } from '../fault/index.ts';
import { member } from './members/member.ts';
import { occupant } from './occupant.ts';
import { part } from './members/part.ts';
import { checkReferences, type Plan, PLAN_VERSION, planSchema, readPlan } from './plan.ts';
import { gusset, plate } from './members/plate.ts';
import { die } from './members/tooling.ts';

const PARTS: Readonly<Record<string, z.ZodType>> = planSchema.shape;
const KEYS = Object.keys(PARTS);

/** The lists that most of a plan is in, by what each record of them is. */
const RECORDS: Readonly<Record<string, z.ZodType>> = {
  members: member,
  plates: plate,
  gussets: gusset,
  parts: part,
  occupants: occupant,
  dies: die,
};

/** A plan that was read, with its JSON. */
export interface ReadPlan {
  plan: Plan;
  json: string;
}

/** So many characters of what was found sound are kept in mind: some hundred plans. */
const MOST_KEPT = 8_000_000;

/**
 * Reads plans as readPlan does, with the same outcomes, for somebody who reads many that differ little and writes each down, such as every
 * save of a plan: a part or a record that was found sound once is not checked again, as what is sound follows from its text alone.
 * data: as it comes from JSON, every number finite: what JSON cannot write is not told apart from null here.
 * most: so many characters are kept in mind; the oldest are forgotten.
 */
export function planReader(most = MOST_KEPT): (data: unknown) => Outcome<ReadPlan> {
  const sound = new Set<string>();
  let kept = 0;
  const keep = (text: string): void => {
    sound.add(text);
    kept += text.length;
    for (const oldest of sound) {
      if (kept <= most) break;
      sound.delete(oldest);
      kept -= oldest.length;
    }
  };
  const isSound = (of: string, text: string, check: () => boolean): boolean => {
    if (sound.has(of + text)) return true;
    if (!check()) return false;
    keep(of + text);
    return true;
  };
  const isSoundPart = (key: string, value: unknown): boolean => {
    const record = RECORDS[key];
    if (!record || !Array.isArray(value)) return PARTS[key]?.safeParse(value).success ?? false;
    return value.every((one) => isSound(`${key}/`, JSON.stringify(one), () => record.safeParse(one).success));
  };
  return (data) => {
    // A plan of another version is migrated; one with a fault is told where: both take the long way.
    const plan = recordOf(data);
    if (plan.version !== PLAN_VERSION || !hasItsKeys(plan)) return longWay(data);
    const texts: string[] = [];
    for (const key of KEYS) {
      const text = JSON.stringify(plan[key]);
      if (!isSound(key, text, () => isSoundPart(key, plan[key]))) return longWay(data);
      texts.push(`"${key}":${text}`);
    }
    const read = checkReferences(data as Plan);
    return read.ok ? succeed({ plan: read.value, json: `{${texts.join(',')}}` }) : read;
  };
}

const hasItsKeys = (plan: object): boolean =>
  Object.keys(plan).length === KEYS.length && KEYS.every((key) => Object.hasOwn(plan, key));

function longWay(data: unknown): Outcome<ReadPlan> {
  const read = readPlan(data);
  return read.ok ? succeed({ plan: read.value, json: JSON.stringify(read.value) }) : read;
}
