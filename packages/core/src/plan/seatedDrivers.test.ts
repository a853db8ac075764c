import { placeAt } from '../testing/index.ts';
import { emptyPlan, newOccupant, seatedDrivers } from './index.ts';

const plan = emptyPlan({ member: 'm', piece: 'p' }, 'in');
const fresh = () => {
  let count = 0;
  return () => `new-${(count += 1)}`;
};
const named = (drivers: string[], occupants: ReturnType<typeof newOccupant>[]) => ({
  occupants,
  brief: { ...plan.brief, drivers },
});

test('who is named at the brief sits in the car, once, with nothing measured', () => {
  const seated = seatedDrivers(named([], []), ['E. Lindqvist', 'T. Moreau', 'T. Moreau'], fresh());
  expect(seated).toEqual([
    { ...newOccupant('new-1'), name: 'E. Lindqvist' },
    { ...newOccupant('new-2'), name: 'T. Moreau' },
  ]);
});

test('who is named no more goes out; whom somebody measured stays, as does everybody who was never named', () => {
  const person = (name: string, changes = {}) => ({ ...newOccupant(name), name, ...changes });
  const measured = person('M', { shoulder: placeAt(1, 2, 3) });
  const before = named(['A', 'M'], [person('A'), measured, person('Z')]);
  expect(seatedDrivers(before, ['B'], fresh()).map(({ name }) => name)).toEqual(['M', 'Z', 'B']);
  expect(seatedDrivers(before, ['A', 'M'], fresh())).toEqual(before.occupants);
});
