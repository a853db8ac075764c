import { type ReactElement } from 'react';
import { angleKind, lengthKind } from '../../shared/fields/quantityKinds.ts';
import { useJobStyle } from '../useJobStyle.ts';
import { along, type PlanPath, setAt, valueAt } from '../store/planPath.ts';
import { usePlan } from '../store/planStore.ts';
import { PlaceOf } from './PlaceOf.tsx';
import { PlanField } from './PlanField.tsx';
import { type FieldKind, type RecordField } from './recordField.ts';
import { TubeReference } from './TubeReference.tsx';
import { TextOf, CountField, ChoiceField, WholeRecordField } from './ChoiceFields.tsx';
import { type FieldProps, useValue } from './useValue.ts';

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

const limitsOf = ({ above, least, most }: { above?: number; least?: number; most?: number }) => ({
  ...(most === undefined ? {} : { most }),
  ...(above === undefined ? {} : { above }),
  ...(least === undefined ? {} : { least }),
});

function TubeField({ field, record }: FieldProps<'tube'>) {
  const [value, set] = useValue(along(record, field.at));
  return <TubeReference label={field.label} value={value ?? null} not={field.not} onChange={set} />;
}
