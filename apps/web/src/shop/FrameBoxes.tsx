import { type MachineDto } from '@gyrus/contract';
import { type LengthStyle } from '@gyrus/core';
import { Plus, Trash2 } from 'lucide-react';
import { type Control, Controller, useFieldArray } from 'react-hook-form';
import { Button } from '../shared/frame/Button.tsx';
import { lengthKind } from '../shared/fields/quantityKinds.ts';
import { TextField } from '../shared/fields/TextField.tsx';
import { FormQuantity } from './FormQuantity.tsx';

const NOUGHT = { mm: 0, typed: '0' };
const CORNERS = [
  { name: 'from', words: 'one corner' },
  { name: 'to', words: 'the corner across' },
] as const;
const AXES = ['forward', 'left', 'up'] as const;

/** The machine's frame and what stands beside it, each as a box by two corners. */
export function FrameBoxes({ control, style }: { control: Control<MachineDto>; style: LengthStyle }) {
  const { fields, append, remove } = useFieldArray({ control, name: 'setting.frame', keyName: 'row' });
  const kind = lengthKind(style);
  const add = () =>
    append({
      id: crypto.randomUUID(),
      name: '',
      from: [NOUGHT, NOUGHT, NOUGHT],
      to: [NOUGHT, NOUGHT, NOUGHT],
    });
  return (
    <div className="space-y-3">
      {fields.map(({ row }, i) => (
        <div key={row} className="border-rule rounded-machined space-y-2 border p-3">
          <div className="flex items-end gap-3">
            <Controller
              control={control}
              name={`setting.frame.${i}.name`}
              render={({ field, fieldState }) => (
                <TextField
                  label="what stands there: a stand, a vice, a rack"
                  fault={fieldState.error?.message}
                  {...field}
                />
              )}
            />
            <Button kind="quiet" aria-label={`Take box ${i + 1} away`} onClick={() => remove(i)}>
              <Trash2 aria-hidden="true" className="size-5" />
            </Button>
          </div>
          {CORNERS.map((corner) => (
            <div key={corner.name} className="grid grid-cols-3 gap-3">
              {AXES.map((axis, k) => (
                <FormQuantity
                  key={axis}
                  control={control}
                  name={`setting.frame.${i}.${corner.name}.${k as 0 | 1 | 2}`}
                  label={`${corner.words}, ${axis}`}
                  kind={kind}
                />
              ))}
            </div>
          ))}
        </div>
      ))}
      <Button onClick={add}>
        <Plus aria-hidden="true" className="size-5" />
        Add what stands round the die
      </Button>
    </div>
  );
}
