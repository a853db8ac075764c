import { CreateJobDto, type JobDetail } from '@gyrus/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Controller, useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { api } from '../shared/server/api.ts';
import { Button } from '../shared/frame/Button.tsx';
import { Segmented } from '../shared/fields/Segmented.tsx';
import { TextField } from '../shared/fields/TextField.tsx';

const UNITS = [
  { value: 'in', text: 'inches' },
  { value: 'mm', text: 'millimetres' },
] as const;

/** A job by its name and its unit. */
export function NewJobForm() {
  const client = useQueryClient();
  const navigate = useNavigate();
  const { register, control, handleSubmit, formState } = useForm<CreateJobDto>({
    resolver: classValidatorResolver(CreateJobDto),
    defaultValues: { name: '', car: '', length: 'in' },
  });
  const create = useMutation({
    mutationFn: (dto: CreateJobDto) => api<JobDetail>('jobs', 'POST', dto),
    onSuccess: async (job) => {
      await client.invalidateQueries({ queryKey: ['jobs'] });
      await navigate(`/jobs/${job.id}/brief`);
    },
    onError: (error) => toast.error(error.message),
  });
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
