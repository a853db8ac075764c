import { TubeStockDto } from '@gyrus/contract';
import { type LengthStyle, type Shop, TUBE_KINDS, writtenLength } from '@gyrus/core';
import { tubeKindWords } from '@gyrus/formats';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { Plus, Trash2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useForm } from 'react-hook-form';
import { Button } from '../../shared/frame/Button.tsx';
import { type Column, DataTable } from '../../shared/figures/DataTable.tsx';
import { Dialog } from '../../shared/frame/Dialog.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { lengthKind, strengthKind } from '../../shared/fields/quantityKinds.ts';
import { SelectField } from '../../shared/fields/SelectField.tsx';
import { TextField } from '../../shared/fields/TextField.tsx';
import { CertificateCell } from './CertificateCell.tsx';
import { FormQuantity } from '../FormQuantity.tsx';
import { numberOrNone } from '../numberOrNone.ts';
import { useShopForm } from '../useShopForm.ts';

type Tube = Shop['tubes'][number];

/** The tube that the shop has or can order, by the stick. */
export function TubeStock({ tubes, style }: { tubes: Tube[]; style: LengthStyle }) {
  const [adding, setAdding] = useState(false);
  const { send } = useShopForm(() => undefined);
  const columns = useMemo(
    () => columnsOf((tube) => send({ path: `tubes/${tube.id}`, method: 'DELETE' })),
    [send],
  );
  return (
    <section aria-label="Tube">
      <div className="mb-2 flex items-center justify-between">
        <h2 className="text-xl">Tube</h2>
        <Button onClick={() => setAdding(true)}>
          <Plus aria-hidden="true" className="size-5" />
          Add tube
        </Button>
      </div>
      {tubes.length === 0 ? (
        <p className="bg-sheet border-rule rounded-machined border p-5">
          No tube yet: add what you stock, with the length of a stick.
        </p>
      ) : (
        <DataTable
          caption="Tube"
          rows={tubes}
          columns={columns}
          rowKey={(tube) => tube.id}
          broken={(tube) => (
            <Button kind="danger" onClick={() => send({ path: `tubes/${tube.id}`, method: 'DELETE' })}>
              Remove it
            </Button>
          )}
        />
      )}
      <Dialog title="Add tube" open={adding} onClose={() => setAdding(false)}>
        <TubeForm style={style} done={() => setAdding(false)} />
      </Dialog>
    </section>
  );
}

const columnsOf = (remove: (tube: Tube) => void): Column<Tube>[] => [
  {
    name: 'diameter',
    sortBy: (tube) => tube.od.mm,
    cell: (tube) => <Figures text={writtenLength(tube.od)} />,
  },
  {
    name: 'wall',
    sortBy: (tube) => tube.wall.mm,
    cell: (tube) => <Figures text={writtenLength(tube.wall)} />,
  },
  { name: 'kind', sortBy: (tube) => tube.kind, cell: (tube) => tubeKindWords(tube.kind) },
  { name: 'batch', sortBy: (tube) => tube.batch, cell: (tube) => tube.batch || '–' },
  {
    name: 'certificate',
    sortBy: (tube) => tube.certificate ?? '',
    cell: (tube) => <CertificateCell tube={tube} />,
  },
  {
    name: 'stick',
    sortBy: (tube) => tube.stickLength.mm,
    cell: (tube) => <Figures text={writtenLength(tube.stickLength)} />,
  },
  {
    name: 'what can be done',
    unseen: true,
    cell: (tube) => (
      <Button
        kind="quiet"
        aria-label={`Remove ${tube.od.typed} × ${tube.wall.typed}, batch ${tube.batch}`}
        onClick={() => remove(tube)}
      >
        <Trash2 aria-hidden="true" className="size-5" />
      </Button>
    ),
  },
];

const Figures = ({ text }: { text: string }) => (
  <span className="figure">
    <Typeset text={text} />
  </span>
);

function TubeForm({ style, done }: { style: LengthStyle; done: () => void }) {
  const { send, sending } = useShopForm(done);
  const { register, control, handleSubmit, formState } = useForm<TubeStockDto>({
    resolver: classValidatorResolver(TubeStockDto),
    defaultValues: { kind: 'drawn-over-mandrel', batch: '' },
  });
  const submit = handleSubmit((body) => send({ path: 'tubes', method: 'POST', body }));
  const diameter = lengthKind(style, { above: 0, usual: [10, 120] });
  const wall = lengthKind(style, { above: 0, usual: [0, 12] });
  const stick = lengthKind(style, { above: 0, usual: [300, 13_000] });
  return (
    <form className="space-y-3" noValidate onSubmit={(event) => void submit(event)}>
      <div className="grid grid-cols-2 gap-3">
        <FormQuantity control={control} name="od" label="outside diameter" kind={diameter} />
        <FormQuantity control={control} name="wall" label="wall" kind={wall} />
      </div>
      <SelectField
        label="kind"
        options={TUBE_KINDS.map((kind) => ({ value: kind, text: tubeKindWords(kind) }))}
        {...register('kind')}
      />
      <TextField
        label="batch or heat number"
        fault={formState.errors.batch?.message}
        {...register('batch')}
      />
      <TextField
        label="number of the mill's certificate"
        fault={formState.errors.certificate?.message}
        {...register('certificate')}
      />
      <div className="grid grid-cols-3 items-end gap-3">
        <FormQuantity
          control={control}
          name="tensile"
          label="tensile strength (may be empty)"
          kind={strengthKind(style.unit)}
          optional
        />
        <FormQuantity
          control={control}
          name="yield"
          label="yield strength (may be empty)"
          kind={strengthKind(style.unit)}
          optional
        />
        <TextField
          label="elongation in percent (may be empty)"
          inputMode="decimal"
          fault={formState.errors.elongation?.message}
          {...register('elongation', { setValueAs: numberOrNone })}
        />
      </div>
      <FormQuantity
        control={control}
        name="stickLength"
        label="length of a stick, such as 20 ft or 6 m"
        kind={stick}
      />
      <TextField
        label="price of a stick (may be empty)"
        inputMode="decimal"
        fault={formState.errors.price?.message}
        {...register('price', { setValueAs: numberOrNone })}
      />
      <Button kind="strong" type="submit" disabled={sending}>
        Add the tube
      </Button>
    </form>
  );
}
