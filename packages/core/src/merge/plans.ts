import { recordOf } from '../items/index.ts';
import { type Plan, readPlan } from '../plan/index.ts';
import { entriesOf, type FieldPath, fieldKey, type Json } from './json.ts';
import { idsIn, namedIn } from './references.ts';
import { type FieldClash, type MergeSide, threeWay } from './threeWay.ts';

/** A field, or a thing with what stands on it, that two people changed each in their own way. */
export interface PlanClash extends FieldClash {
  /** Other records that go with it: they name the thing that one side took out. */
  with: FieldPath[];
}

/** Two people's plans put together, with what they disagree about. */
export interface PlanMerge {
  plan: Plan;
  /** Told in this order; each has gone to the side chosen, or to mine. */
  clashes: PlanClash[];
}

/** Which side each clash goes to, by the key of its path. */
export type Choices = Readonly<Record<string, MergeSide>>;

/** The whole plan as one field: no part of it could be told apart. */
const ALL: FieldPath = [];

interface State {
  whole: Set<string>;
  taken: Map<string, MergeSide>;
  /** Clashes over a thing that is gone on one side and named on the other, by the keys of their paths. */
  gone: Map<string, PlanClash>;
}

/**
 * Puts together what two people made of one plan. base: the revision that both started from. What one of them took out and the other
 * changed, or hung something on, is one field. The plan that comes of it is always one that can be read.
 */
export function mergePlans(base: Plan, mine: Plan, theirs: Plan, choices: Choices = {}): PlanMerge {
  const state: State = { whole: new Set(), taken: new Map(), gone: new Map() };
  for (;;) {
    const { merged, clashes } = threeWay(base, mine, theirs, { choices, ...state });
    const known = state.taken.size;
    for (const clash of goneYetNamed(base, mine, theirs, merged)) take(state, clash, choices);
    if (state.taken.size > known) continue;
    const read = readPlan(merged);
    const own = clashes.filter(({ path }) => !state.gone.has(fieldKey(path)));
    if (read.ok)
      return {
        plan: read.value,
        clashes: [...own.map((clash) => ({ ...clash, with: [] })), ...state.gone.values()],
      };
    if (state.whole.has(fieldKey(ALL))) return askAll(mine, theirs, choices);
    const record = recordAt(merged, read.fault.path);
    // A record that is one field already cannot be the one that does not go together.
    state.whole.add(record === null || state.whole.has(record) ? fieldKey(ALL) : record);
  }
}

/** The whole plan is asked about: put together, it would stand worse than either side did. */
export const askAll = (mine: Plan, theirs: Plan, choices: Choices): PlanMerge => ({
  plan: choices[fieldKey(ALL)] === 'theirs' ? theirs : mine,
  clashes: [{ path: ALL, mine, theirs, with: [] }],
});

function take({ taken, gone }: State, clash: PlanClash, choices: Choices): void {
  const key = fieldKey(clash.path);
  const side = choices[key] ?? 'mine';
  gone.set(key, clash);
  for (const path of [clash.path, ...clash.with]) taken.set(fieldKey(path), side);
}

/** Things that one side took out, with the records that name them all the same in the merged plan: not where that side left them so itself. */
function goneYetNamed(base: Plan, mine: Plan, theirs: Plan, merged: Json): PlanClash[] {
  const there = idsIn(merged);
  const before = idsIn(base);
  const gone = new Set([...before.keys()].filter((id) => !there.has(id)));
  const leftSo = [mine, theirs].map((side) => {
    const ids = idsIn(side);
    const named = namedIn(side, gone);
    return (id: string, record: FieldPath) =>
      !ids.has(id) && (named.get(id) ?? []).some((one) => fieldKey(one) === fieldKey(record));
  });
  const clashes = new Map<string, PlanClash>();
  for (const [id, records] of namedIn(merged, gone)) {
    const path = before.get(id);
    const hung = records.filter((record) => !leftSo.some((left) => left(id, record)));
    if (!path || hung.length === 0) continue;
    const others = [...(clashes.get(fieldKey(path))?.with ?? []), ...hung];
    clashes.set(fieldKey(path), {
      path,
      mine: valueAtPath(mine, path),
      theirs: valueAtPath(theirs, path),
      with: others,
    });
  }
  return [...clashes.values()];
}

/** What stands at a path of ids; undefined where there is nothing. */
export function valueAtPath(document: Json, path: FieldPath): Json {
  return path.reduce<Json>((at, key, i) => {
    const entry = Array.isArray(at) ? entriesOf(path.slice(0, i), at)?.get(key) : undefined;
    return entry ?? recordOf(at)[key];
  }, document);
}

/** The key of the record that a JSON pointer leads into; null where it leads into none. */
function recordAt(document: Json, pointer: string): string | null {
  const [list = '', place = ''] = pointer.split('/').slice(1);
  const { id } = recordOf(recordOf(recordOf(document)[list])[place]);
  return typeof id === 'string' ? fieldKey([list, id]) : null;
}
