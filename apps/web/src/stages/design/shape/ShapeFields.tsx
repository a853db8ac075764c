import { type BarShape, type ChordShape, freshShape, type ShapeOf, type Vec3 } from '@gyrus/core';
import { RecordFields } from '../../../job/fields/RecordFields.tsx';
import { into, narrowed, type PlanPath, setAt } from '../../../job/store/planPath.ts';
import { usePlanStore } from '../../../job/store/planStore.ts';
import { chosenIn } from '../../../shared/fields/chosenIn.ts';
import { SelectField } from '../../../shared/fields/SelectField.tsx';
import { RowListFields } from '../../../job/fields/RowList.tsx';
import { stationRows, throughRows } from './shapeRows.ts';
import { SHAPE_FIELDS, SHAPES } from './shapes.ts';
import { TraceButton } from '../trace/TraceButton.tsx';
import { TakeOffImport } from './TakeOffImport.tsx';
import { sampleFields, takeOffRows } from './takeOffRows.ts';

interface ShapeFieldsProps {
  shape: ChordShape;
  path: PlanPath<BarShape>;
  a: Vec3;
  b: Vec3;
  /** Outside diameter of its tube. mm */
  od: number;
}

/** How a bar runs between its ends: the kind of shape, its figures, and its list of points, offsets or bends. */
export function ShapeFields({ shape, path, a, b, od }: ShapeFieldsProps) {
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
      {shape.kind === 'through' && <RowListFields rows={throughRows(shape, path, a, b)} set={set} />}
      {shape.kind === 'stations' && <RowListFields rows={stationRows(shape, path)} set={set} />}
      {shape.kind === 'take-off' && <TakeOffFields shape={shape} path={narrowed(path)} set={set} />}
      {(shape.kind === 'take-off' || shape.kind === 'through') && (
        <div className="flex flex-wrap gap-2">
          <TakeOffImport shape={shape} onRead={(next) => set('import', next)} />
          <TraceButton a={a} b={b} od={od} onTaken={(next) => set('trace', next)} />
        </div>
      )}
    </div>
  );
}

interface TakeOffFieldsProps {
  shape: ShapeOf<'take-off'>;
  path: PlanPath<ShapeOf<'take-off'>>;
  set: (key: string, next: BarShape) => void;
}

/** Straights or marks of a sample bend, and the bends between them. */
function TakeOffFields({ shape, path, set }: TakeOffFieldsProps) {
  return (
    <>
      <RecordFields path={path} fields={sampleFields(shape.sample)} />
      <RowListFields
        rows={takeOffRows(shape.rows, shape.sample, into(path, 'rows'), (rows) => ({ ...shape, rows }))}
        set={set}
      />
    </>
  );
}
