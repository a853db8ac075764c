import equal from 'fast-deep-equal';
import { type Angle, type Length, type Vec3 } from '@gyrus/core';
import { NumberField } from '../../shared/fields/NumberField.tsx';
import { angleKind, lengthKind } from '../../shared/fields/quantityKinds.ts';
import { SelectField } from '../../shared/fields/SelectField.tsx';
import { TextField } from '../../shared/fields/TextField.tsx';
import { PlanField } from './PlanField.tsx';
import { PlaceOf } from './PlaceOf.tsx';
import { type PlanPath, setAt, valueAt } from '../store/planPath.ts';
import { usePlan, usePlanStore } from '../store/planStore.ts';
import { TubeReference } from './TubeReference.tsx';
import { useJobStyle } from '../useJobStyle.ts';

/** A field of a record of the plan: where it stands in the record, and what it is. */
export type RecordField =
  | {
      type: 'length' | 'angle';
      at: string;
      label: string;
      optional?: boolean;
      above?: number;
      least?: number;
    }
  | { type: 'text'; at: string; label: string }
  /** Members that are not offered: the record's own would hang on itself. */
  | { type: 'tube'; at: string; label: string; not?: ReadonlySet<string> }
  /** Where nothing is written down yet, it starts from `start`: mm, car's frame. */
  | { type: 'place'; at: string; label: string; start?: Vec3 }
  | { type: 'count'; at: string; label: string; least: number; most: number }
  | { type: 'choice'; at: string; label: string; options: readonly Choice[] }
  /** A whole record chosen at once; `by` tells the records apart, as they are written where it is left out. */
  | {
      type: 'record';
      at: string;
      label: string;
      options: readonly { value: unknown; text: string }[];
      by?: (value: unknown) => unknown;
    };

/** `null` is a choice of its own: not said yet, or none. */
interface Choice {
  value: string | boolean | null;
  text: string;
}

interface RecordFieldsProps {
  path: PlanPath;
  fields: readonly RecordField[];
}

/** The fields of one record of the plan, each an undo step of its own. */
export function RecordFields({ path, fields }: RecordFieldsProps) {
  return (
    <div className="grid grid-cols-2 gap-2">
      {fields.map((field) => (
        <div key={field.at} className={WIDE.has(field.type) ? 'col-span-2' : ''}>
          <OneField field={field} path={[...path, ...keysOf(field.at)]} />
        </div>
      ))}
    </div>
  );
}

const WIDE = new Set<RecordField['type']>(['place', 'tube']);

const keysOf = (at: string): (string | number)[] =>
  at.split('.').map((key) => (/^\d+$/.test(key) ? Number(key) : key));

function OneField({ field, path }: { field: RecordField; path: PlanPath }) {
  const style = useJobStyle();
  const plan = usePlan();
  const change = usePlanStore((state) => state.change);
  const value = valueAt(plan, path);
  const key = path.join('/');
  const set = (next: unknown) => change(key, (draft) => setAt(draft, path, next));
  switch (field.type) {
    case 'length':
      return (
        <PlanField
          label={field.label}
          field={key}
          kind={lengthKind(style, limitsOf(field))}
          value={(value ?? null) as Length | null}
          optional={field.optional ?? false}
          set={(draft, next) => (next || field.optional) && setAt(draft, path, next)}
        />
      );
    case 'angle':
      return (
        <PlanField
          label={field.label}
          field={key}
          kind={angleKind(limitsOf(field))}
          value={(value ?? null) as Angle | null}
          optional={field.optional ?? false}
          set={(draft, next) => (next || field.optional) && setAt(draft, path, next)}
        />
      );
    case 'text':
      return (
        <TextField
          label={field.label}
          value={typeof value === 'string' ? value : ''}
          onChange={(event) => {
            const next = field.at === 'stamp' ? stampFrom(event.target.value) : event.target.value;
            if (next !== '' || field.at !== 'stamp') set(next);
          }}
        />
      );
    case 'count':
      return (
        <NumberField
          label={field.label}
          low={field.least}
          high={field.most}
          value={typeof value === 'number' ? value : field.least}
          onChange={(next) => set(Math.round(next))}
        />
      );
    case 'choice':
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
    case 'record': {
      const part = field.by ?? ((one: unknown) => one);
      const chosen = field.options.findIndex((one) => equal(part(one.value), part(value)));
      return (
        <SelectField
          label={field.label}
          value={String(chosen)}
          options={[
            ...(chosen < 0 ? [{ value: '-1', text: 'as it is' }] : []),
            ...field.options.map((one, i) => ({ value: String(i), text: one.text })),
          ]}
          onChange={(event) => {
            const next = field.options[Number(event.target.value)];
            if (next) set(next.value);
          }}
        />
      );
    }
    case 'place':
      return <PlaceOf label={field.label} path={path} value={value} start={field.start} />;
    case 'tube':
      return <TubeReference label={field.label} value={value} not={field.not} onChange={set} />;
  }
}

/** A stamp has four capitals or digits at most: that is what the steel takes. */
const stampFrom = (text: string): string =>
  text
    .toUpperCase()
    .replace(/[^A-Z0-9]/g, '')
    .slice(0, 4);

const limitsOf = ({ above, least }: { above?: number; least?: number }) => ({
  ...(above === undefined ? {} : { above }),
  ...(least === undefined ? {} : { least }),
});
