import { emptyPlan, type Length, newOccupant } from '@gyrus/core';
import { produce } from 'immer';
import { along, into, PLAN_PATH, setAt, valueAt, wayTo } from './planPath.ts';

const plan = {
  ...emptyPlan({ member: 'm', piece: 'p' }, 'mm'),
  occupants: [newOccupant('one'), newOccupant('two')],
};
const person = (i: number) => into(into(PLAN_PATH, 'occupants'), i);

test('a value is found by its keys, and where a part of the way is missing there is none', () => {
  expect(valueAt(plan, into(person(1), 'id'))).toBe('two');
  expect(valueAt(plan, PLAN_PATH)).toBe(plan);
  expect(valueAt(plan, into(person(2), 'id'))).toBeUndefined();
  expect(valueAt(plan, into(into(person(0), 'shoulder'), 1))).toBeUndefined();
});

test('a dotted way goes through records and lists', () => {
  const slot = along(person(1), wayTo<(typeof plan.occupants)[number], Length>()('slots.0'));
  expect([...slot]).toEqual(['occupants', 1, 'slots', 0]);
  expect(valueAt(plan, slot)).toEqual(plan.occupants[1]?.slots[0]);
});

test('a name that no record has is refused by the compiler', () => {
  // @ts-expect-error -- no occupant has an age
  expect(valueAt(plan, into(person(0), 'age'))).toBeUndefined();
  // @ts-expect-error -- a name is no length
  expect(wayTo<(typeof plan.occupants)[number], Length>()('name')).toBe('name');
  // @ts-expect-error -- nor is what is misspelt
  expect(wayTo<(typeof plan.occupants)[number], Length>()('body.seatwidth')).toBe('body.seatwidth');
});

test('a value is put at its keys, and all that is not on the way stays the same', () => {
  const next = produce(plan, (draft) => setAt(draft, into(person(1), 'name'), 'Ada'));
  expect(next.occupants.map(({ name }) => name)).toEqual(['', 'Ada']);
  expect(next.occupants[0]).toBe(plan.occupants[0]);
  expect(next.survey).toBe(plan.survey);
});

test('nothing happens where the way there is gone', () => {
  expect(produce(plan, (draft) => setAt(draft, into(person(5), 'name'), 'Ada'))).toBe(plan);
  expect(produce(plan, (draft) => setAt(draft, PLAN_PATH, plan))).toBe(plan);
});
