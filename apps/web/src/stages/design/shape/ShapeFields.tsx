import { type BarShape, freshShape, type Vec3 } from '@gyrus/core';
import { Plus, Trash2 } from 'lucide-react';
import { RecordFields } from '../../../job/fields/RecordFields.tsx';
import { into, type PlanPath, setAt } from '../../../job/store/planPath.ts';
import { usePlanStore } from '../../../job/store/planStore.ts';
import { chosenIn } from '../../../shared/fields/chosenIn.ts';
import { SelectField } from '../../../shared/fields/SelectField.tsx';
import { Button } from '../../../shared/frame/Button.tsx';
import { type ShapeRows, stationRows, takeOffRows, throughRows } from './shapeRows.ts';
import { SHAPE_FIELDS, SHAPES } from './shapes.ts';
import { TakeOffImport } from './TakeOffImport.tsx';

interface ShapeFieldsProps {
  shape: BarShape;
  path: PlanPath<BarShape>;
  a: Vec3;
  b: Vec3;
}

/** How a bar runs between its ends: the kind of shape, its figures, and its list of points, offsets or bends. */
export function ShapeFields({ shape, path, a, b }: ShapeFieldsProps) {
  const change = usePlanStore((state) => state.change);
  const set = (key: string, next: BarShape) =>
    change(`${path.join('/')}/${key}`, (draft) => setAt(draft, path, next));
  return (
    <div className="border-rule space-y-2 border-t pt-3">
      <SelectField
        label="between its ends it runs"
        value={shape.kind}
        options={SHAPES}
        onChange={(event) => {
          const kind = chosenIn(SHAPES, event.target.value);
          if (kind) set('kind', freshShape(kind, a, b));
        }}
      />
      <RecordFields path={path} fields={SHAPE_FIELDS[shape.kind]} />
      {shape.kind === 'through' && <Rows rows={throughRows(shape, path, a, b)} set={set} />}
      {shape.kind === 'stations' && <Rows rows={stationRows(shape, path)} set={set} />}
      {shape.kind === 'take-off' && <Rows rows={takeOffRows(shape, path)} set={set} />}
      {(shape.kind === 'take-off' || shape.kind === 'through') && (
        <TakeOffImport shape={shape} onRead={(next) => set('import', next)} />
      )}
    </div>
  );
}

interface RowsProps<Row> {
  rows: ShapeRows<Row>;
  set: (key: string, next: BarShape) => void;
}

/** The list of a shape, row by row. */
function Rows<Row>({ rows: { path, fields, names, what, added, removed }, set }: RowsProps<Row>) {
  return (
    <div className="space-y-2">
      {names.map((name, i) => (
        <fieldset key={i} className="bg-sheet2 rounded-machined p-2">
          <legend className="sr-only">{name}</legend>
          <div className="mb-1 flex items-center justify-between">
            <span className="font-semibold">{name}</span>
            <Button kind="quiet" aria-label={`Take out ${name}`} onClick={() => set('less', removed(i))}>
              <Trash2 aria-hidden="true" className="size-5" />
            </Button>
          </div>
          <RecordFields path={into(path, i)} fields={fields} />
        </fieldset>
      ))}
      <Button onClick={() => set('more', added())}>
        <Plus aria-hidden="true" className="size-5" />
        {what}
      </Button>
    </div>
  );
}
