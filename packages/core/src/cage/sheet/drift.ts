import { type Die, type Plan, type Shop } from '../../plan/index.ts';

/** A pinned die that the shop has changed since: what differs, and the die as the shop has it now. */
export interface Drift {
  pinned: Die;
  current: Die;
  newTests: number;
  goneTests: number;
  /** Fields of the die that differ, by name. */
  changed: string[];
}

/** Pinned dies that the shop has other data or test bends for. A plan never moves by it: taking it over is an edit. */
export function driftOf(plan: Pick<Plan, 'dies'>, shop: Shop): Drift[] {
  const inShop = new Map(shop.machines.flatMap((machine) => machine.dies).map((die) => [die.id, die]));
  return plan.dies.flatMap((pinned) => {
    const current = inShop.get(pinned.id);
    return current ? (compared(pinned, current) ?? []) : [];
  });
}

function compared(pinned: Die, current: Die): Drift | null {
  const had = new Set(pinned.tests.map(fingerprint));
  const has = new Set(current.tests.map(fingerprint));
  const newTests = [...has].filter((test) => !had.has(test)).length;
  const goneTests = [...had].filter((test) => !has.has(test)).length;
  const fields = Object.keys(current).filter((key): key is keyof Die => key !== 'tests');
  const changed = fields.filter((key) => magnitude(pinned[key]) !== magnitude(current[key]));
  return newTests + goneTests + changed.length > 0 ? { pinned, current, newTests, goneTests, changed } : null;
}

const fingerprint = (test: Die['tests'][number]): string =>
  JSON.stringify([
    test.id,
    test.od.mm,
    test.wall.mm,
    test.kind,
    test.batch,
    test.reading.deg,
    test.released.deg,
    test.sound,
  ]);

/** What counts of a field: a length's millimetres and not how they were typed. */
function magnitude(value: Die[keyof Die]): string {
  if (value !== null && typeof value === 'object' && 'mm' in value) return String(value.mm);
  if (value !== null && typeof value === 'object' && 'deg' in value) return String(value.deg);
  return JSON.stringify(value);
}
