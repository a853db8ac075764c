import { type DieDto } from '@gyrus/contract';
import { fineLength, type Length, type LengthStyle, millimetres, trueOffset } from '@gyrus/core';
import { useState } from 'react';
import { type Control, type UseFormSetValue, useWatch } from 'react-hook-form';
import { Button } from '../shared/frame/Button.tsx';
import { Disclosure } from '../shared/frame/Disclosure.tsx';
import { QuantityInput } from '../shared/fields/QuantityInput.tsx';
import { lengthKind } from '../shared/fields/quantityKinds.ts';

interface ScribedTangentsProps {
  control: Control<DieDto>;
  style: LengthStyle;
  setValue: UseFormSetValue<DieDto>;
}

/** Where the die really starts: the mark's offset from the tangents that were scribed on a test piece. */
export function ScribedTangents({ control, style, setValue }: ScribedTangentsProps) {
  const reference = useWatch({ control, name: 'reference' });
  const [clamp, setClamp] = useState<Length | null>(null);
  const [far, setFar] = useState<Length | null>(null);
  const kind = lengthKind(style);
  const found = clamp && far ? trueOffset(reference, clamp.mm, far.mm) : null;
  return (
    <Disclosure summary="Find the mark's true offset from scribed tangents">
      <div className="border-rule space-y-3 border-l-4 py-1 pl-4">
        <p className="text-quiet text-sm">
          Mark a piece, bend it, and scribe both places where the bend begins before it leaves the die.
          Measure along the tube from the mark: toward the clamp is positive, away from it negative.
        </p>
        <div className="grid gap-x-4 gap-y-3 sm:grid-cols-2">
          <QuantityInput
            label="to the tangent on the clamp's side"
            kind={kind}
            value={clamp}
            onChange={setClamp}
          />
          <QuantityInput label="to the tangent on the far side" kind={kind} value={far} onChange={setFar} />
        </div>
        {clamp && far && far.mm >= clamp.mm && (
          <p className="text-out">
            The far tangent lies farther from the clamp: its figure is the lesser one.
          </p>
        )}
        {found !== null && clamp && far && far.mm < clamp.mm && (
          <div className="flex flex-wrap items-center gap-3">
            <p className="font-semibold">The offset is {fineLength(found, style)} toward the clamp.</p>
            <Button onClick={() => setValue('offset', millimetres(found, 1), { shouldDirty: true })}>
              Take it as the offset
            </Button>
          </div>
        )}
      </div>
    </Disclosure>
  );
}
