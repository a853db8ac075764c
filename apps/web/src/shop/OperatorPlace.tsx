import { type MachineDto } from '@gyrus/contract';
import { type LengthStyle } from '@gyrus/core';
import { type Control, useController } from 'react-hook-form';
import { Button } from '../shared/frame/Button.tsx';
import { lengthKind } from '../shared/fields/quantityKinds.ts';
import { FormQuantity } from './FormQuantity.tsx';

const NOUGHT = { mm: 0, typed: '0' };

/** Where the operator stands, once that is said: a tube that swings there is told. */
export function OperatorPlace({ control, style }: { control: Control<MachineDto>; style: LengthStyle }) {
  const { field } = useController({ control, name: 'setting.operator' });
  if (!field.value)
    return (
      <Button onClick={() => field.onChange({ forward: NOUGHT, left: NOUGHT })}>
        Say where the operator stands
      </Button>
    );
  const kind = lengthKind(style);
  return (
    <div className="grid items-end gap-x-4 gap-y-3 sm:grid-cols-[1fr_1fr_auto]">
      <FormQuantity
        control={control}
        name="setting.operator.forward"
        label="operator stands, forward of the die"
        kind={kind}
      />
      <FormQuantity control={control} name="setting.operator.left" label="to the left of it" kind={kind} />
      <Button kind="quiet" onClick={() => field.onChange(null)}>
        Leave it out
      </Button>
    </div>
  );
}
