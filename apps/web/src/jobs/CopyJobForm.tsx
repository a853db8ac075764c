import { CopyJobDto, type JobSummary } from '@gyrus/contract';
import { MAIN_BRANCH } from '@gyrus/contract/constants';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { useForm } from 'react-hook-form';
import { Button } from '../shared/frame/Button.tsx';
import { TextField } from '../shared/fields/TextField.tsx';
import { useStartJob } from './useStartJob.ts';

/** The next car of the same model, by the name of its job. */
export function CopyJobForm({ job }: { job: JobSummary }) {
  const { register, handleSubmit, formState } = useForm<CopyJobDto>({
    resolver: classValidatorResolver(CopyJobDto),
    defaultValues: { name: '', car: job.car, branch: MAIN_BRANCH },
  });
  const copy = useStartJob<CopyJobDto>(`jobs/${job.id}/copies`, 'survey');
  return (
    <form
      className="space-y-4"
      noValidate
      onSubmit={(event) => void handleSubmit((dto) => copy.mutate(dto))(event)}
    >
      <p>
        The cage of the main plan comes along. What was measured on this car counts as assumed on the next one
        until it is measured there; customer, drivers, date, answers and ticks stay behind.
      </p>
      <TextField
        label="name of the new job"
        fault={formState.errors.name?.message}
        autoFocus
        {...register('name')}
      />
      <TextField label="car" fault={formState.errors.car?.message} {...register('car')} />
      <Button kind="strong" type="submit" disabled={copy.isPending}>
        Start the next car
      </Button>
    </form>
  );
}
