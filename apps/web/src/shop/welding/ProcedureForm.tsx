import { WeldProcedureDto } from '@gyrus/contract';
import { type LengthStyle, WELD_POSITIONS, WELD_PROCESSES } from '@gyrus/core';
import { weldProcessWords } from '@gyrus/formats';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { type FieldErrors, type Resolver, useForm, type UseFormRegister } from 'react-hook-form';
import { lengthKind } from '../../shared/fields/quantityKinds.ts';
import { SelectField } from '../../shared/fields/SelectField.tsx';
import { TextField } from '../../shared/fields/TextField.tsx';
import { Button } from '../../shared/frame/Button.tsx';
import { useKeptThen } from '../../shared/frame/Dialog.tsx';
import { useWho } from '../../shared/server/useWho.ts';
import { useWeldingChange } from '../../shared/server/useWelding.ts';
import { FormQuantity } from '../FormQuantity.tsx';
import { numberOrNone } from '../numberOrNone.ts';

const checked = classValidatorResolver(WeldProcedureDto);

/** A flame has no amperes, whatever was typed before it was chosen. */
const resolver: Resolver<WeldProcedureDto> = (values, context, options) =>
  checked(values.process === 'oxy-fuel' ? { ...values, amperes: null } : values, context, options);

/** How seams of one wall are welded in some positions, written down once. */
export function ProcedureForm({ style, done }: { style: LengthStyle; done: () => void }) {
  const change = useWeldingChange();
  const kept = useKeptThen(done);
  const [who] = useWho();
  const { register, control, handleSubmit, formState, watch } = useForm<WeldProcedureDto>({
    resolver,
    defaultValues: {
      ...{
        id: crypto.randomUUID(),
        name: '',
        positions: [],
        process: 'tig',
        filler: '',
        gas: '',
        preheat: '',
      },
      ...{ who, at: new Date().toISOString() },
    },
  });
  const { errors } = formState;
  const submit = handleSubmit((procedure) => change.mutate({ procedure }, { onSuccess: kept }));
  const isFlame = watch('process') === 'oxy-fuel';
  return (
    <form className="space-y-4" noValidate onSubmit={(event) => void submit(event)}>
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField
          label="name, such as TIG .095 all round"
          fault={errors.name?.message}
          {...register('name')}
        />
        <FormQuantity
          control={control}
          name="wall"
          label="wall of the tube"
          kind={lengthKind(style, { above: 0, usual: [0.8, 6] })}
        />
      </div>
      <Positions register={register} fault={errors.positions?.message} />
      <div className="grid gap-3 sm:grid-cols-3">
        <SelectField
          label="process"
          options={WELD_PROCESSES.map((value) => ({ value, text: weldProcessWords(value) }))}
          {...register('process')}
        />
        {!isFlame && <Amperes register={register} errors={errors} />}
      </div>
      <Stuff register={register} errors={errors} />
      <Button kind="strong" type="submit" disabled={change.isPending}>
        Write it down
      </Button>
    </form>
  );
}

interface FieldsProps {
  register: UseFormRegister<WeldProcedureDto>;
  errors: FieldErrors<WeldProcedureDto>;
}

function Positions({ register, fault }: Pick<FieldsProps, 'register'> & { fault: string | undefined }) {
  return (
    <fieldset>
      <legend>it is for seams that lie</legend>
      <div className="flex flex-wrap gap-x-6">
        {WELD_POSITIONS.map((position) => (
          <label key={position} className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              value={position}
              className="accent-ink size-6"
              {...register('positions')}
            />
            {position}
          </label>
        ))}
      </div>
      {fault && <p className="text-out text-sm">{fault}</p>}
    </fieldset>
  );
}

const Amperes = ({ register, errors }: FieldsProps) => (
  <>
    <TextField
      label="amperes, from"
      inputMode="decimal"
      fault={errors.amperes?.least?.message}
      {...register('amperes.least', { setValueAs: numberOrNone })}
    />
    <TextField
      label="to"
      inputMode="decimal"
      fault={errors.amperes?.most?.message}
      {...register('amperes.most', { setValueAs: numberOrNone })}
    />
  </>
);

const Stuff = ({ register, errors }: FieldsProps) => (
  <div className="grid gap-3 sm:grid-cols-2">
    <TextField
      label="filler and its diameter, or none"
      fault={errors.filler?.message}
      {...register('filler')}
    />
    <TextField label="gas, with its flow (may be empty)" fault={errors.gas?.message} {...register('gas')} />
    <TextField
      label="preheat, such as none or 150 °C (may be empty)"
      fault={errors.preheat?.message}
      {...register('preheat')}
    />
    <TextField
      label="passes"
      inputMode="numeric"
      fault={errors.passes?.message}
      {...register('passes', { setValueAs: numberOrNone })}
    />
    <TextField label="written by" fault={errors.who?.message} {...register('who')} />
  </div>
);
