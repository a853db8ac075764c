import equal from 'fast-deep-equal';
import { NumberField } from '../../shared/fields/NumberField.tsx';
import { SelectField } from '../../shared/fields/SelectField.tsx';
import { TextField } from '../../shared/fields/TextField.tsx';
import { along } from '../store/planPath.ts';
import { useValue, type FieldProps } from './useValue.ts';

/** A text; a stamp as the steel takes it. */
export function TextOf({ field, record }: FieldProps<'text'>) {
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

/** A whole number within limits. */
export function CountField({ field, record }: FieldProps<'count'>) {
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

/** One of a few words, or yes and no. */
export function ChoiceField({ field, record }: FieldProps<'choice'>) {
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

/** A whole record, chosen at once. */
export function WholeRecordField({ field, record }: FieldProps<'record'>) {
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
