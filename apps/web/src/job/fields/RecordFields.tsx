import equal from 'fast-deep-equal';
import { type ReactElement } from 'react';
import { NumberField } from '../../shared/fields/NumberField.tsx';
import { angleKind, lengthKind } from '../../shared/fields/quantityKinds.ts';
import { SelectField } from '../../shared/fields/SelectField.tsx';
import { TextField } from '../../shared/fields/TextField.tsx';
import { useJobStyle } from '../useJobStyle.ts';
import { along, type PlanPath, setAt, valueAt } from '../store/planPath.ts';
import { usePlan, usePlanStore } from '../store/planStore.ts';
import { PlaceOf } from './PlaceOf.tsx';
import { PlanField } from './PlanField.tsx';
import { type FieldKind, type RecordField } from './recordField.ts';
import { TubeReference } from './TubeReference.tsx';

interface RecordFieldsProps<R> {
  path: PlanPath<R>;
  fields: readonly RecordField<R>[];
}

/** The fields of one record of the plan, each an undo step of its own. */
export function RecordFields<R>({ path, fields }: RecordFieldsProps<R>) {
  return (
    <div className="grid grid-cols-2 gap-2">
      {fields.map((field) => (
        <div key={field.at} className={WIDE.has(field.type) ? 'col-span-2' : ''}>
          <OneField field={field} record={path} />
        </div>
      ))}
    </div>
  );
}

const WIDE = new Set<FieldKind['type']>(['place', 'tube']);

type OfType<T extends FieldKind['type']> = Extract<FieldKind, { type: T }>;

interface FieldProps<T extends FieldKind['type']> {
  field: OfType<T>;
  record: PlanPath;
}

function OneField({ field, record }: { field: FieldKind; record: PlanPath }): ReactElement {
  switch (field.type) {
    case 'length':
      return <LengthField field={field} record={record} />;
    case 'angle':
      return <AngleField field={field} record={record} />;
    case 'text':
      return <TextOf field={field} record={record} />;
    case 'count':
      return <CountField field={field} record={record} />;
    case 'choice':
      return <ChoiceField field={field} record={record} />;
    case 'record':
      return <WholeRecordField field={field} record={record} />;
    case 'place':
      return <PlaceOf label={field.label} path={along(record, field.at)} start={field.start} />;
    case 'tube':
      return <TubeField field={field} record={record} />;
  }
}

/** What stands in the plan at a path, and how it is put there: an undo step of its own. */
function useValue<V>(path: PlanPath<V>): [value: V | undefined, set: (next: V) => void] {
  const plan = usePlan();
  const change = usePlanStore((state) => state.change);
  return [valueAt(plan, path), (next) => change(path.join('/'), (draft) => setAt(draft, path, next))];
}

function LengthField({ field, record }: FieldProps<'length'>) {
  const style = useJobStyle();
  const path = along(record, field.at);
  return (
    <PlanField
      label={field.label}
      field={path.join('/')}
      kind={lengthKind(style, limitsOf(field))}
      value={valueAt(usePlan(), path) ?? null}
      optional={field.optional ?? false}
      set={(draft, next) => (next || field.optional) && setAt(draft, path, next)}
    />
  );
}

function AngleField({ field, record }: FieldProps<'angle'>) {
  const path = along(record, field.at);
  return (
    <PlanField
      label={field.label}
      field={path.join('/')}
      kind={angleKind(limitsOf(field))}
      value={valueAt(usePlan(), path) ?? null}
      optional={field.optional ?? false}
      set={(draft, next) => (next || field.optional) && setAt(draft, path, next)}
    />
  );
}

const limitsOf = ({ above, least }: { above?: number; least?: number }) => ({
  ...(above === undefined ? {} : { above }),
  ...(least === undefined ? {} : { least }),
});

function TextOf({ field, record }: FieldProps<'text'>) {
  const path = along(record, field.at);
  const [value, set] = useValue(path);
  const isStamp = path.at(-1) === 'stamp';
  return (
    <TextField
      label={field.label}
      value={value ?? ''}
      onChange={(event) => {
        const next = isStamp ? stampFrom(event.target.value) : event.target.value;
        if (next !== '' || !isStamp) set(next);
      }}
    />
  );
}

/** A stamp has four capitals or digits at most: that is what the steel takes. */
const stampFrom = (text: string): string =>
  text
    .toUpperCase()
    .replace(/[^A-Z0-9]/g, '')
    .slice(0, 4);

function CountField({ field, record }: FieldProps<'count'>) {
  const [value, set] = useValue(along(record, field.at));
  return (
    <NumberField
      label={field.label}
      low={field.least}
      high={field.most}
      value={value ?? field.least}
      onChange={(next) => set(Math.round(next))}
    />
  );
}

function ChoiceField({ field, record }: FieldProps<'choice'>) {
  const [value, set] = useValue(along(record, field.at));
  return (
    <SelectField
      label={field.label}
      value={String(value)}
      options={field.options.map((one) => ({ value: String(one.value), text: one.text }))}
      onChange={(event) =>
        set(field.options.find((one) => String(one.value) === event.target.value)?.value ?? null)
      }
    />
  );
}

function WholeRecordField({ field, record }: FieldProps<'record'>) {
  const [value, set] = useValue(along(record, field.at));
  const { options, keyOf } = field;
  const chosen = options.findIndex((one) => equal(keyOf(one.value), keyOf(value)));
  return (
    <SelectField
      label={field.label}
      value={String(chosen)}
      options={[
        ...(chosen < 0 ? [{ value: '-1', text: 'as it is' }] : []),
        ...options.map((one, i) => ({ value: String(i), text: one.text })),
      ]}
      onChange={(event) => {
        const next = options[Number(event.target.value)];
        if (next) set(next.value);
      }}
    />
  );
}

function TubeField({ field, record }: FieldProps<'tube'>) {
  const [value, set] = useValue(along(record, field.at));
  return <TubeReference label={field.label} value={value ?? null} not={field.not} onChange={set} />;
}
