import { type PlanPath, setAt, valueAt } from '../store/planPath.ts';
import { usePlan, usePlanStore } from '../store/planStore.ts';
import { type FieldKind } from './recordField.ts';

type OfType<T extends FieldKind['type']> = Extract<FieldKind, { type: T }>;

/** A field of one kind, and the record that it is of. */
export interface FieldProps<T extends FieldKind['type']> {
  field: OfType<T>;
  record: PlanPath;
}

/** What stands in the plan at a path, and how it is put there: an undo step of its own. */
export function useValue<V>(path: PlanPath<V>): [value: V | undefined, set: (next: V) => void] {
  const plan = usePlan();
  const change = usePlanStore((state) => state.change);
  return [valueAt(plan, path), (next) => change(path.join('/'), (draft) => setAt(draft, path, next))];
}
