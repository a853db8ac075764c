import { CreateJobDto } from '@gyrus/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { Controller, useForm } from 'react-hook-form';
import { Button } from '../shared/frame/Button.tsx';
import { Segmented } from '../shared/fields/Segmented.tsx';
import { TextField } from '../shared/fields/TextField.tsx';

import { useShopUnit } from '../shared/fields/useLengthStyle.tsx';
import { useStartJob } from './useStartJob.ts';

const UNITS = [
  { value: 'in', text: 'inches' },
  { value: 'mm', text: 'millimetres' },
] as const;

/** A job by its name and its unit: the shop's, until another is chosen. */
export function NewJobForm() {
  const [unit] = useShopUnit();
  const { register, control, handleSubmit, formState } = useForm<CreateJobDto>({
    resolver: classValidatorResolver(CreateJobDto),
    // The shop may answer after the form is open: what was typed till then stays.
    values: { name: '', car: '', length: unit },
    resetOptions: { keepDirtyValues: true },
  });
  const create = useStartJob<CreateJobDto>('jobs', 'brief');
  return (
    <form
      className="space-y-4"
      noValidate
      onSubmit={(event) => void handleSubmit((dto) => create.mutate(dto))(event)}
    >
      <TextField
        label="name of the job"
        fault={formState.errors.name?.message}
        autoFocus
        {...register('name')}
      />
      <TextField label="car" fault={formState.errors.car?.message} {...register('car')} />
      <Controller
        control={control}
        name="length"
        render={({ field }) => (
          <Segmented label="tape measure in" value={field.value} options={UNITS} onChange={field.onChange} />
        )}
      />
      <Button kind="strong" type="submit" disabled={create.isPending}>
        Start the job
      </Button>
    </form>
  );
}
