import { assumed, type BarShape, freshShape, type Length, type Vec3, wholeMillimetres } from '@gyrus/core';
import { Plus, Trash2 } from 'lucide-react';
import { type PlanPath, setAt } from '../../../job/store/planPath.ts';
import { usePlanStore } from '../../../job/store/planStore.ts';
import { type RecordField, RecordFields } from '../../../job/fields/RecordFields.tsx';
import { Button } from '../../../shared/frame/Button.tsx';
import { SelectField } from '../../../shared/fields/SelectField.tsx';
import { SHAPE_FIELDS, SHAPES } from './shapes.ts';
import { TakeOffImport } from './TakeOffImport.tsx';

interface ShapeFieldsProps {
  shape: BarShape;
  path: PlanPath;
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
        onChange={(event) => set('kind', freshShape(event.target.value as BarShape['kind'], a, b))}
      />
      <RecordFields path={path} fields={SHAPE_FIELDS[shape.kind]} />
      <Rows shape={shape} path={path} a={a} b={b} set={set} />
      {(shape.kind === 'take-off' || shape.kind === 'through') && (
        <TakeOffImport shape={shape} onRead={(next) => set('import', next)} />
      )}
    </div>
  );
}

interface RowsProps extends ShapeFieldsProps {
  set: (key: string, next: BarShape) => void;
}

/** The list of a shape that has one, row by row. */
function Rows({ shape, path, a, b, set }: RowsProps) {
  const listed = listOf(shape, a, b);
  if (!listed) return null;
  const { key, rows, fields, name, added, removed, what } = listed;
  return (
    <div className="space-y-2">
      {rows.map((row, i) => (
        <fieldset key={i} className="bg-sheet2 rounded-machined p-2">
          <legend className="sr-only">{name(row, i)}</legend>
          <div className="mb-1 flex items-center justify-between">
            <span className="font-semibold">{name(row, i)}</span>
            <Button
              kind="quiet"
              aria-label={`Take out ${name(row, i)}`}
              onClick={() => set('less', removed(i))}
            >
              <Trash2 aria-hidden="true" className="size-5" />
            </Button>
          </div>
          <RecordFields path={[...path, key, i]} fields={fields} />
        </fieldset>
      ))}
      <Button onClick={() => set('more', added())}>
        <Plus aria-hidden="true" className="size-5" />
        {what}
      </Button>
    </div>
  );
}

interface Listed {
  key: string;
  rows: readonly object[];
  fields: readonly RecordField[];
  name: (row: object, i: number) => string;
  what: string;
  added: () => BarShape;
  removed: (i: number) => BarShape;
}

function listOf(shape: BarShape, a: Vec3, b: Vec3): Listed | null {
  const without = <T,>(rows: readonly T[], i: number) => rows.filter((_, at) => at !== i);
  switch (shape.kind) {
    case 'through':
      return {
        key: 'via',
        rows: shape.via,
        fields: [{ type: 'place', at: 'at', label: 'corner of the axes' }],
        name: (_, i) => `bends at ${shape.via[i]?.feature.replaceAll('-', ' ') ?? ''}`,
        what: 'bend at a point',
        added: () => ({ ...shape, via: [...shape.via, newVia(shape, a, b)] }),
        removed: (i) => ({ ...shape, via: without(shape.via, i) }),
      };
    case 'stations':
      return {
        key: 'stations',
        rows: shape.stations,
        fields: [
          { type: 'length', at: 'along', label: 'along the straight edge', least: 0 },
          { type: 'length', at: 'offset', label: 'offset' },
        ],
        name: (_, i) => `offset ${i + 1}`,
        what: 'offset',
        added: () => ({
          ...shape,
          stations: [
            ...shape.stations,
            assumed({
              along: wholeMillimetres((shape.stations.at(-1)?.along.mm ?? 0) + 50),
              offset: wholeMillimetres(0),
            }),
          ],
        }),
        removed: (i) => ({ ...shape, stations: without(shape.stations, i) }),
      };
    case 'take-off':
      return {
        key: 'rows',
        rows: shape.rows,
        fields: [
          { type: 'length', at: 'straight', label: 'straight before', least: 0 },
          { type: 'angle', at: 'angle', label: 'bend', above: 0 },
          { type: 'angle', at: 'rotation', label: 'turned from the last' },
        ],
        name: (_, i) => `bend ${i + 1}`,
        what: 'bend',
        added: () => ({
          ...shape,
          rows: [
            ...shape.rows,
            assumed({
              straight: wholeMillimetres(200),
              rotation: { deg: 0, typed: '0' },
              angle: { deg: 30, typed: '30' },
            }),
          ],
        }),
        removed: (i) => ({ ...shape, rows: without(shape.rows, i) }),
      };
    default:
      return null;
  }
}

const LETTERS = 'abcdefghijklmnopqrstuvwxyz';

/** Halfway between the last corner and end B, under a name that is free. */
function newVia(shape: Extract<BarShape, { kind: 'through' }>, a: Vec3, b: Vec3) {
  const last = shape.via.at(-1)?.at.map((one) => one.mm) ?? a;
  const [x, y, z] = [0, 1, 2].map((axis) => wholeMillimetres(((last[axis] ?? 0) + (b[axis] ?? 0)) / 2)) as [
    Length,
    Length,
    Length,
  ];
  const taken = new Set(shape.via.map(({ feature }) => feature));
  const letter = [...LETTERS].find((one) => !taken.has(`bend-${one}`)) ?? 'z';
  return { feature: `bend-${letter}`, at: assumed<[Length, Length, Length]>([x, y, z]) };
}
