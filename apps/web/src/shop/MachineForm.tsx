import { MachineDto } from '@gyrus/contract';
import { type LengthStyle, NOTHING_MEASURED, type Shop } from '@gyrus/core';
import { benderKindWords, swingWords } from '@gyrus/formats';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { type Control, useForm, type UseFormRegister, useWatch } from 'react-hook-form';
import { Button } from '../shared/frame/Button.tsx';
import { angleKind, lengthKind } from '../shared/fields/quantityKinds.ts';
import { SelectField } from '../shared/fields/SelectField.tsx';
import { TextField } from '../shared/fields/TextField.tsx';
import { BenderPicture } from './BenderPicture.tsx';
import { FormQuantity } from './FormQuantity.tsx';
import { FrameBoxes } from './FrameBoxes.tsx';
import { OperatorPlace } from './OperatorPlace.tsx';
import { useShopForm } from './useShopForm.ts';

type Machine = Shop['machines'][number];

interface MachineFormProps {
  machine: Machine | null;
  style: LengthStyle;
  done: () => void;
}

/** A machine: how it bends, where it stands, and what a tube could meet there. */
export function MachineForm({ machine, style, done }: MachineFormProps) {
  const { send, sending } = useShopForm(done);
  const { register, control, handleSubmit, formState } = useForm<MachineDto>({
    resolver: classValidatorResolver(MachineDto),
    defaultValues: {
      name: machine?.name ?? '',
      note: machine?.note ?? '',
      setting: machine?.setting ?? NOTHING_MEASURED,
    },
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
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField
          label="name of the machine"
          fault={formState.errors.name?.message}
          autoFocus
          {...register('name')}
        />
        <TextField label="note" fault={formState.errors.note?.message} {...register('note')} />
      </div>
      <HowItBends control={control} register={register} />
      <RollerFields control={control} style={style} />
      <WhereItStands control={control} style={style} />
      <Button kind="strong" type="submit" disabled={sending}>
        Keep the machine
      </Button>
    </form>
  );
}

const options = <K extends string>(words: Record<K, string>) =>
  (Object.keys(words) as K[]).map((value) => ({ value, text: words[value] }));

function HowItBends({
  control,
  register,
}: {
  control: Control<MachineDto>;
  register: UseFormRegister<MachineDto>;
}) {
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      <SelectField label="how it bends" options={options(benderKindWords)} {...register('setting.kind')} />
      <SelectField
        label="the bent end goes, seen along the feed"
        options={options(swingWords)}
        {...register('setting.swing')}
      />
      <FormQuantity
        control={control}
        name="setting.dialStep"
        label="the dial is read in steps of, in degrees (empty: exactly)"
        kind={angleKind({ above: 0, most: 10 })}
        optional
      />
      <FormQuantity
        control={control}
        name="setting.dialZero"
        label="the dial reads before the pull (empty: 0)"
        kind={angleKind({ least: -180, most: 180 })}
        optional
      />
    </div>
  );
}

/** What a roller is measured by; only of a roller. Empty boxes of one that nobody measured are asked for where one of them is filled. */
function RollerFields({ control, style }: { control: Control<MachineDto>; style: LengthStyle }) {
  const kind = useWatch({ control, name: 'setting.kind' });
  if (kind !== 'roller') return null;
  const size = lengthKind(style, { above: 0, usual: 'any' });
  return (
    <fieldset className="space-y-3">
      <legend className="text-lg">The roller</legend>
      <div className="grid gap-4 sm:grid-cols-3">
        <FormQuantity
          control={control}
          name="setting.roller.gauge"
          label="the rise is measured over"
          kind={size}
        />
        <FormQuantity
          control={control}
          name="setting.roller.lead"
          label="straight left at each end"
          kind={lengthKind(style, { least: 0, usual: 'any' })}
        />
        <FormQuantity
          control={control}
          name="setting.roller.leastRadius"
          label="least radius, on the axis"
          kind={size}
        />
      </div>
    </fieldset>
  );
}

const WALL_LABELS = {
  ahead: 'to the wall ahead',
  behind: 'to the wall behind',
  left: 'to the wall at the left',
  right: 'to the wall at the right',
} as const;

/** Where it stands: each distance from the die's centre, all of them shown in a picture. */
function WhereItStands({ control, style }: { control: Control<MachineDto>; style: LengthStyle }) {
  const setting = useWatch({ control, name: 'setting' });
  const away = lengthKind(style, { above: 0, usual: [300, 20_000] });
  return (
    <fieldset className="space-y-3">
      <legend className="text-lg">Where it stands</legend>
      <p className="text-quiet text-sm">
        From under the die&apos;s centre: forward is the way the tube is fed, left and up from there. Leave
        empty what is too far off to matter; what is not measured cannot be said to be clear.
      </p>
      <div className="grid gap-4 md:grid-cols-[1fr_260px]">
        <div className="grid gap-x-4 gap-y-3 sm:grid-cols-2">
          <FormQuantity
            control={control}
            name="setting.height"
            label="tube's axis over the floor, in the die"
            kind={away}
            optional
          />
          {(['ahead', 'behind', 'left', 'right'] as const).map((wall) => (
            <FormQuantity
              key={wall}
              control={control}
              name={`setting.walls.${wall}`}
              label={WALL_LABELS[wall]}
              kind={away}
              optional
            />
          ))}
        </div>
        {setting && <BenderPicture setting={setting} style={style} />}
      </div>
      <OperatorPlace control={control} style={style} />
      <FrameBoxes control={control} style={style} />
    </fieldset>
  );
}
