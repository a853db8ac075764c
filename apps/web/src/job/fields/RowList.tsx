import { Plus, Trash2 } from 'lucide-react';
import { type RecordField } from './recordField.ts';
import { RecordFields } from './RecordFields.tsx';
import { into, type PlanPath } from '../store/planPath.ts';
import { Button } from '../../shared/frame/Button.tsx';

/** A list of the plan that is edited row by row: points, offsets, bends, widths. Whole: what holds it. */
export interface RowList<Row, Whole> {
  path: PlanPath<Row[]>;
  fields: (i: number) => readonly RecordField<Row>[];
  /** What each row is called. */
  names: readonly string[];
  /** So many there are at least, and at most, where that is limited. */
  least?: number;
  most?: number;
  /** What is added, by its name. */
  what: string;
  added: () => Whole;
  removed: (i: number) => Whole;
}

interface RowListFieldsProps<Row, Whole> {
  rows: RowList<Row, Whole>;
  set: (key: string, next: Whole) => void;
}

/** The rows of a list, each with its fields, to be taken out; and one more. */
export function RowListFields<Row, Whole>({
  rows: { path, fields, names, what, added, removed, least = 0, most = Infinity },
  set,
}: RowListFieldsProps<Row, Whole>) {
  return (
    <div className="space-y-2">
      {names.map((name, i) => (
        <fieldset key={i} className="bg-sheet2 rounded-machined p-2">
          <legend className="sr-only">{name}</legend>
          <div className="mb-1 flex items-center justify-between">
            <span className="font-semibold">{name}</span>
            {names.length > least && (
              <Button kind="quiet" aria-label={`Take out ${name}`} onClick={() => set('less', removed(i))}>
                <Trash2 aria-hidden="true" className="size-5" />
              </Button>
            )}
          </div>
          <RecordFields path={into(path, i)} fields={fields(i)} />
        </fieldset>
      ))}
      {names.length < most && (
        <Button onClick={() => set('more', added())}>
          <Plus aria-hidden="true" className="size-5" />
          {what}
        </Button>
      )}
    </div>
  );
}

/** A list without one of its rows. */
export const without = <T,>(rows: readonly T[], i: number): T[] => rows.filter((_, index) => index !== i);
