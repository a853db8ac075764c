import { RackTubesDto } from '@gyrus/contract';
import { type LengthStyle, TUBE_KINDS } from '@gyrus/core';
import { tubeKindWords } from '@gyrus/formats';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { useState } from 'react';
import { type FieldErrors, useForm, type UseFormRegister } from 'react-hook-form';
import { lengthKind } from '../../shared/fields/quantityKinds.ts';
import { SelectField } from '../../shared/fields/SelectField.tsx';
import { TextField } from '../../shared/fields/TextField.tsx';
import { Button } from '../../shared/frame/Button.tsx';
import { useKeptThen } from '../../shared/frame/Dialog.tsx';
import { FormQuantity } from '../FormQuantity.tsx';
import { numberOrNone } from '../numberOrNone.ts';
import { useRackChange } from './useRack.ts';

/** Sticks or offcuts that are put on the rack, so many of one length. */
export function RackForm({ style, done }: { style: LengthStyle; done: () => void }) {
  const put = useRackChange();
  const kept = useKeptThen(done);
  const [ids] = useState(() => Array.from({ length: MOST }, () => crypto.randomUUID()));
  const [count, setCount] = useState('1');
  const { register, control, handleSubmit, formState, setValue } = useForm<RackTubesDto>({
    resolver: classValidatorResolver(RackTubesDto),
    defaultValues: {
      ...{ ids: ids.slice(0, 1), kind: 'drawn-over-mandrel', batch: '', place: '', note: '' },
      ...{ whole: true, price: null, bends: null },
    },
  });
  const wanted = Number(count);
  const isCount = Number.isInteger(wanted) && wanted >= 1 && wanted <= MOST;
  const submit = handleSubmit((body) =>
    put.mutate({ put: { ...body, ids: ids.slice(0, wanted) } }, { onSuccess: kept }),
  );
  const kind = (usual: [number, number]) => lengthKind(style, { above: 0, usual });
  return (
    <form className="space-y-3" noValidate onSubmit={(event) => void submit(event)}>
      <div className="grid grid-cols-2 gap-3">
        <FormQuantity control={control} name="od" label="outside diameter" kind={kind([10, 120])} />
        <FormQuantity control={control} name="wall" label="wall" kind={kind([0, 12])} />
        <FormQuantity control={control} name="length" label="length" kind={kind([50, 13_000])} />
        <TextField
          label="how many of them"
          inputMode="numeric"
          value={count}
          fault={isCount ? undefined : `a whole number from 1 to ${MOST}`}
          onChange={(event) => setCount(event.target.value)}
        />
      </div>
      <SelectField
        label="kind"
        options={TUBE_KINDS.map((one) => ({ value: one, text: tubeKindWords(one) }))}
        {...register('kind')}
      />
      <SelectField
        label="what it is"
        options={[
          { value: 'stick', text: 'a whole stick' },
          { value: 'offcut', text: 'an offcut' },
        ]}
        onChange={(event) => setValue('whole', event.target.value === 'stick')}
      />
      <OfBatch register={register} errors={formState.errors} />
      <Button kind="strong" type="submit" disabled={put.isPending || !isCount}>
        Put it on the rack
      </Button>
    </form>
  );
}

interface OfBatchProps {
  register: UseFormRegister<RackTubesDto>;
  errors: FieldErrors<RackTubesDto>;
}

/** What is written on the tube, and where it lies. */
const OfBatch = ({ register, errors }: OfBatchProps) => (
  <>
    <TextField label="batch or heat number" fault={errors.batch?.message} {...register('batch')} />
    <TextField label="place, such as rack 2 left" fault={errors.place?.message} {...register('place')} />
    <TextField
      label="price of one (may be empty)"
      inputMode="decimal"
      fault={errors.price?.message}
      {...register('price', { setValueAs: numberOrNone })}
    />
  </>
);

/** More than these are entered in two goes. */
const MOST = 100;
