import { newOccupant, type Occupant } from './occupant.ts';
import { type Plan } from './plan.ts';

/** Nothing of somebody was measured, nor said beside the name. */
const isBare = (person: Occupant): boolean => {
  const { id, name, seat } = person;
  return JSON.stringify({ ...newOccupant(id), name, seat }) === JSON.stringify(person);
};

/**
 * The people of a plan whose brief names these drivers: everybody named is among them, empty until measured; who is named no more goes
 * out, unless something of that person was measured. freshId: of somebody new.
 */
export function seatedDrivers(
  { brief, occupants }: Pick<Plan, 'brief' | 'occupants'>,
  drivers: readonly string[],
  freshId: () => string,
): Occupant[] {
  const gone = new Set(brief.drivers.filter((name) => !drivers.includes(name)));
  const stay = occupants.filter((person) => !gone.has(person.name) || !isBare(person));
  const seated = new Set(stay.map(({ name }) => name));
  const fresh = [...new Set(drivers)].filter((name) => !seated.has(name));
  return [...stay, ...fresh.map((name) => ({ ...newOccupant(freshId()), name }))];
}
