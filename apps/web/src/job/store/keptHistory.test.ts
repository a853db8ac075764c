import { demoPlan } from '@gyrus/demo';
import { produce } from 'immer';
import { begin, edit, redo, undo } from './history.ts';
import { asKept, fromKept } from './keptHistory.ts';

const steps = [
  (plan: typeof demoPlan) => produce(plan, (draft) => void (draft.brief.car = 'one')),
  (plan: typeof demoPlan) => produce(plan, (draft) => void draft.members.pop()),
  (plan: typeof demoPlan) => produce(plan, (draft) => void draft.survey.points.splice(1, 1)),
  (plan: typeof demoPlan) => produce(plan, (draft) => void delete draft.survey.measures.pillarTilt),
];
const worked = steps.reduce(
  (history, step, i) => edit(history, `step ${i}`, step(history.present)),
  begin(demoPlan),
);
const asRead = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

test('a history kept as differences leads back to every plan, and on to those that were undone', () => {
  const halfWay = undo(undo(worked));
  const found = fromKept(asRead(asKept(halfWay)), asRead(halfWay.present));
  if (!found) throw new Error('it leads from this plan');
  expect(found.past).toEqual(halfWay.past);
  expect(found.future).toEqual(halfWay.future);
  expect(redo(redo(found)).present).toEqual(worked.present);
  expect(undo(undo(found)).present).toEqual(demoPlan);
});

test('what is kept is the differences, a fraction of the plans', () => {
  const kept = JSON.stringify(asKept(worked).past).length;
  expect(kept).toBeLessThan(JSON.stringify(demoPlan).length / 4);
});

test('a history of another plan is not taken for this one’s', () => {
  expect(fromKept(asKept(worked), demoPlan)).toBeNull();
});
