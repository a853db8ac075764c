import { emptyPlan, newOccupant } from '@gyrus/core';
import { produce } from 'immer';
import { setAt, valueAt } from './planPath.ts';

const plan = {
  ...emptyPlan({ member: 'm', piece: 'p' }, 'mm'),
  occupants: [newOccupant('one'), newOccupant('two')],
};

test('a value is found by its keys, and where a part of the way is missing there is none', () => {
  expect(valueAt(plan, ['occupants', 1, 'id'])).toBe('two');
  expect(valueAt(plan, [])).toBe(plan);
  expect(valueAt(plan, ['occupants', 2, 'id'])).toBeUndefined();
  expect(valueAt(plan, ['occupants', 0, 'shoulder', 'x', 'y'])).toBeUndefined();
});

test('a value is put at its keys, and all that is not on the way stays the same', () => {
  const next = produce(plan, (draft) => setAt(draft, ['occupants', 1, 'name'], 'Ada'));
  expect(next.occupants.map(({ name }) => name)).toEqual(['', 'Ada']);
  expect(next.occupants[0]).toBe(plan.occupants[0]);
  expect(next.survey).toBe(plan.survey);
});

test('nothing happens where the way there is gone', () => {
  expect(produce(plan, (draft) => setAt(draft, ['occupants', 5, 'name'], 'Ada'))).toBe(plan);
  expect(produce(plan, (draft) => setAt(draft, [], 'Ada'))).toBe(plan);
});
