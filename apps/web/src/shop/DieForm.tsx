import { DieDto } from '@gyrus/contract';
import { type Die, type LengthStyle } from '@gyrus/core';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { type Control, Controller, type DefaultValues, useForm } from 'react-hook-form';
import { Button } from '../shared/frame/Button.tsx';
import { angleKind, lengthKind } from '../shared/fields/quantityKinds.ts';
import { Segmented } from '../shared/fields/Segmented.tsx';
import { TextField } from '../shared/fields/TextField.tsx';
import { FormQuantity } from './FormQuantity.tsx';
import { ScribedTangents } from './ScribedTangents.tsx';
import { TestPiece } from './TestPiece.tsx';
import { TubeUsedTable } from './TubeUsedTable.tsx';
import { useShopForm } from './useShopForm.ts';

const REFERENCES = [
  { value: 'start', text: 'start of the bend' },
  { value: 'centre', text: 'centre' },
  { value: 'end', text: 'end' },
] as const;

interface DieFormProps {
  machine: string;
  die: Die | null;
  style: LengthStyle;
  done: () => void;
}

/** A die: what tube it takes, its radius, and where a mark is set on it. */
export function DieForm({ machine, die, style, done }: DieFormProps) {
  const { send, sending } = useShopForm(done);
  const { register, control, handleSubmit, formState, setValue } = useForm<DieDto>({
    resolver: classValidatorResolver(DieDto),
    defaultValues: startOf(die),
  });
  const submit = handleSubmit((body) =>
    send(
      die
        ? { path: `dies/${die.id}`, method: 'PUT', body }
        : { path: `machines/${machine}/dies`, method: 'POST', body },
    ),
  );
  return (
    <form className="space-y-4" noValidate onSubmit={(event) => void submit(event)}>
      <TextField
        label="name of the die"
        fault={formState.errors.name?.message}
        autoFocus
        {...register('name')}
      />
      <DieSizes control={control} style={style} />
      <TestPiece style={style} setValue={setValue} />
      <MarkReference control={control} style={style} />
      <ScribedTangents control={control} style={style} setValue={setValue} />
      <TubeUsedTable control={control} style={style} />
      <Button kind="strong" type="submit" disabled={sending}>
        Keep the die
      </Button>
    </form>
  );
}

interface DieFields {
  control: Control<DieDto>;
  style: LengthStyle;
}

/** What dies for the tube of cages mostly have: a size outside of it is taken, and asked back. mm, common practice */
const USUAL = {
  od: [15, 90],
  radius: [40, 400],
  straight: [0, 500],
} as const;

function DieSizes({ control, style }: DieFields) {
  const radius = lengthKind(style, { above: 0, usual: USUAL.radius });
  const extent = lengthKind(style, { least: 0, usual: USUAL.straight });
  return (
    <div className="grid gap-x-4 gap-y-3 sm:grid-cols-2">
      <FormQuantity
        control={control}
        name="od"
        label="tube diameter it takes"
        kind={lengthKind(style, { above: 0, usual: USUAL.od })}
      />
      <FormQuantity control={control} name="clr" label="centreline radius" kind={radius} />
      <FormQuantity control={control} name="clampLength" label="straight the clamp needs" kind={extent} />
      <FormQuantity control={control} name="trailing" label="straight needed behind the bend" kind={extent} />
      <FormQuantity
        control={control}
        name="largestAngle"
        label="largest angle in one pull (may be empty)"
        kind={angleKind({ above: 0, most: 200 })}
        optional
      />
      <FormQuantity
        control={control}
        name="finishedRadius"
        label="measured finished radius (may be empty)"
        kind={radius}
        optional
      />
    </div>
  );
}

/** What a mark on the tube is set against on this die. */
function MarkReference({ control, style }: DieFields) {
  return (
    <>
      <Controller
        control={control}
        name="reference"
        render={({ field }) => (
          <Segmented
            label="the mark stands for"
            value={field.value}
            options={REFERENCES}
            onChange={field.onChange}
          />
        )}
      />
      <FormQuantity
        control={control}
        name="offset"
        label="offset of the mark, toward the clamp (negative: away from it)"
        kind={lengthKind(style)}
      />
      <p className="text-quiet text-sm">
        Where a mark is set at the edge of a clamp block, a fixed way ahead of the tangent, choose the start
        and give that way as the offset.
      </p>
    </>
  );
}

function startOf(die: Die | null): DefaultValues<DieDto> {
  const none = { mm: 0, typed: '0' };
  if (!die)
    return {
      name: '',
      reference: 'start',
      offset: none,
      clampLength: none,
      trailing: none,
      largestAngle: null,
      finishedRadius: null,
      takes: [],
    };
  const { name, od, clr, reference, offset, clampLength, trailing, largestAngle, finishedRadius, takes } =
    die;
  return { name, od, clr, reference, offset, clampLength, trailing, largestAngle, finishedRadius, takes };
}
