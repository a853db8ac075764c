import { type DieDto } from '@gyrus/contract';
import { type LengthStyle } from '@gyrus/core';
import { Plus, Trash2 } from 'lucide-react';
import { type Control, useFieldArray } from 'react-hook-form';
import { Button } from '../shared/frame/Button.tsx';
import { angleKind, lengthKind } from '../shared/fields/quantityKinds.ts';
import { FormQuantity } from './FormQuantity.tsx';

/** The tube that bends were measured to use, angle by angle, where the shop keeps such a table. */
export function TubeUsedTable({ control, style }: { control: Control<DieDto>; style: LengthStyle }) {
  const { fields, append, remove } = useFieldArray({ control, name: 'takes', keyName: 'row' });
  return (
    <fieldset className="space-y-2">
      <legend className="text-lg">Tube used, as measured</legend>
      <p className="text-quiet text-sm">
        Leave it empty where the radius says it. With a table the marks go by it, in proportion between two
        angles, and not by the radius.
      </p>
      {fields.map(({ row }, i) => (
        <div key={row} className="grid grid-cols-[1fr_1fr_auto] items-end gap-3">
          <FormQuantity
            control={control}
            name={`takes.${i}.angle`}
            label={i === 0 ? 'a bend of' : `bend ${i + 1} of`}
            kind={angleKind({ above: 0, most: 200 })}
          />
          <FormQuantity
            control={control}
            name={`takes.${i}.tube`}
            label="uses"
            kind={lengthKind(style, { above: 0 })}
          />
          <Button kind="quiet" aria-label={`Take angle ${i + 1} away`} onClick={() => remove(i)}>
            <Trash2 aria-hidden="true" className="size-5" />
          </Button>
        </div>
      ))}
      <Button
        onClick={() => append({ angle: undefined, tube: undefined } as unknown as DieDto['takes'][number])}
      >
        <Plus aria-hidden="true" className="size-5" />
        Add an angle
      </Button>
    </fieldset>
  );
}
