import { MachineDto } from '@gyrus/contract';
import { type Shop } from '@gyrus/core';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { useForm } from 'react-hook-form';
import { Button } from '../shared/frame/Button.tsx';
import { TextField } from '../shared/fields/TextField.tsx';
import { useShopForm } from './useShopForm.ts';

type Machine = Shop['machines'][number];

/** A machine: its name and what is to be known of it. */
export function MachineForm({ machine, done }: { machine: Machine | null; done: () => void }) {
  const { send, sending } = useShopForm(done);
  const { register, handleSubmit, formState } = useForm<MachineDto>({
    resolver: classValidatorResolver(MachineDto),
    defaultValues: { name: machine?.name ?? '', note: machine?.note ?? '' },
  });
  const submit = handleSubmit((body) =>
    send(
      machine
        ? { path: `machines/${machine.id}`, method: 'PUT', body }
        : { path: 'machines', method: 'POST', body },
    ),
  );
  return (
    <form className="space-y-4" noValidate onSubmit={(event) => void submit(event)}>
      <TextField
        label="name of the machine"
        fault={formState.errors.name?.message}
        autoFocus
        {...register('name')}
      />
      <TextField label="note" fault={formState.errors.note?.message} {...register('note')} />
      <Button kind="strong" type="submit" disabled={sending}>
        Keep the machine
      </Button>
    </form>
  );
}
