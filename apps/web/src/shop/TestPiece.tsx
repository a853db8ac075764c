import { type DieDto } from '@gyrus/contract';
import {
  finishedRadius,
  fineLength,
  type Length,
  type Angle,
  type LengthStyle,
  millimetres,
  saidIn,
  tapeOnRadius,
  writeSaid,
} from '@gyrus/core';
import { useState } from 'react';
import { type UseFormSetValue } from 'react-hook-form';
import { Button } from '../shared/frame/Button.tsx';
import { Disclosure } from '../shared/frame/Disclosure.tsx';
import { QuantityInput } from '../shared/fields/QuantityInput.tsx';
import { angleKind, lengthKind } from '../shared/fields/quantityKinds.ts';

interface TestPieceProps {
  style: LengthStyle;
  setValue: UseFormSetValue<DieDto>;
}

/** The finished radius of a test piece from a tape alone: its length before bending, both legs to the corner, the released angle. */
export function TestPiece({ style, setValue }: TestPieceProps) {
  const [length, setLength] = useState<Length | null>(null);
  const [legA, setLegA] = useState<Length | null>(null);
  const [legB, setLegB] = useState<Length | null>(null);
  const [released, setReleased] = useState<Angle | null>(null);
  const size = lengthKind(style, { above: 0 });
  const found =
    length && legA && legB && released
      ? finishedRadius({ length: length.mm, legs: [legA.mm, legB.mm], released: released.deg })
      : null;
  return (
    <Disclosure summary="Find the finished radius from a test piece">
      <div className="border-rule space-y-3 border-l-4 py-1 pl-4">
        <p className="text-quiet text-sm">
          Measure a piece, bend it once, and measure both legs to the corner where the axes of the two
          straights cross.
        </p>
        <div className="grid gap-x-4 gap-y-3 sm:grid-cols-2">
          <QuantityInput label="length before bending" kind={size} value={length} onChange={setLength} />
          <QuantityInput
            label="released angle"
            kind={angleKind({ above: 0, most: 179 })}
            value={released}
            onChange={setReleased}
          />
          <QuantityInput label="one leg to the corner" kind={size} value={legA} onChange={setLegA} />
          <QuantityInput label="the other leg" kind={size} value={legB} onChange={setLegB} />
        </div>
        {found?.ok && released && (
          <div className="flex flex-wrap items-center gap-3">
            <p className="font-semibold">
              Its radius is {fineLength(found.value, style)}; {fineLength(1, style)} of tape is{' '}
              {fineLength(tapeOnRadius(released.deg), style)} of it.
            </p>
            <Button
              onClick={() =>
                setValue('finishedRadius', millimetres(found.value, 1), {
                  shouldDirty: true,
                  shouldValidate: true,
                })
              }
            >
              Use it
            </Button>
          </div>
        )}
        {found && !found.ok && (
          <p className="text-out font-semibold">{writeSaid(saidIn(found.fault), style)}</p>
        )}
      </div>
    </Disclosure>
  );
}
