import { recordOf } from '@gyrus/core';
import { useState } from 'react';
import { type Control, Controller, type FieldPath, type FieldValues } from 'react-hook-form';
import { type Knowable, QuantityInput, type QuantityKind } from '../shared/fields/QuantityInput.tsx';

interface FormQuantityProps<Form extends FieldValues, Q extends Knowable> {
  control: Control<Form>;
  name: FieldPath<Form>;
  label: string;
  kind: QuantityKind<Q>;
  optional?: boolean;
}

/** A quantity in a form; the form's check speaks at the field. */
export function FormQuantity<Form extends FieldValues, Q extends Knowable>(
  props: FormQuantityProps<Form, Q>,
) {
  const { control, name, label, kind, optional = false } = props;
  const [pending, setPending] = useState<string>();
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <QuantityInput
          label={label}
          kind={kind}
          value={field.value ?? null}
          onChange={(value) => field.onChange(value)}
          pending={pending}
          onPending={(text) => {
            setPending(text);
            // Half a number is none: the form must not go out with the one before it.
            if (text !== undefined) field.onChange(undefined);
          }}
          fault={fieldState.error?.message ?? messageWithin(fieldState.error)}
          optional={optional}
        />
      )}
    />
  );
}

/** A nested class's fault stands one level deeper. */
function messageWithin(error: object | undefined): string | undefined {
  const nested = Object.values(error ?? {}).find(
    (value): value is { message: string } => typeof recordOf(value).message === 'string',
  );
  return nested?.message;
}
