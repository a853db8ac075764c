import { type Angle, bendAdded, type Length, saidIn, type Tube, writeSaid } from '@gyrus/core';
import { addedBendWords } from '@gyrus/formats';
import { useState } from 'react';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { Disclosure } from '../../../shared/frame/Disclosure.tsx';
import { QuantityInput } from '../../../shared/fields/QuantityInput.tsx';
import { angleKind, lengthKind } from '../../../shared/fields/quantityKinds.ts';
import { Segmented } from '../../../shared/fields/Segmented.tsx';
import { Typeset } from '../../../shared/figures/Figure.tsx';

interface AddedBendProps {
  tube: Tube;
  /** Finished radius of each of its bends, and of the die that the new one would be made on. mm */
  radii: number[];
  radius: number | null;
}

const WAYS = [
  { value: 'same', text: 'the same way' },
  { value: 'other', text: 'the other way' },
] as const;

/** What if a bend is added to this bar when it is cut and coped already: to lift it out of somebody's view, say. */
export function AddedBend({ tube, radii, radius: ofDie }: AddedBendProps) {
  const style = useJobStyle();
  const [at, setAt] = useState<Length | null>(null);
  const [angle, setAngle] = useState<Angle | null>(null);
  const [typed, setRadius] = useState<Length | null>(null);
  const [way, setWay] = useState<'same' | 'other'>('same');
  const radius = typed?.mm ?? ofDie;
  const bent = radii.length > 0;
  const found =
    at && angle && radius !== null
      ? bendAdded({
          points: tube.points,
          clr: radii,
          at: at.mm,
          angle: angle.deg,
          radius,
          opposite: way === 'other',
        })
      : null;
  const size = lengthKind(style, { above: 0, usual: 'any' });
  return (
    <Disclosure summary="A bend added to the finished bar">
      <div className="border-rule space-y-3 border-l-4 py-1 pl-4">
        <div className="grid gap-3 sm:grid-cols-3">
          <QuantityInput
            label="its middle, from end A along the bar"
            kind={size}
            value={at}
            onChange={setAt}
            optional
          />
          <QuantityInput
            label="its angle"
            kind={angleKind({ above: 0, most: 170 })}
            value={angle}
            onChange={setAngle}
            optional
          />
          {ofDie === null && (
            <QuantityInput
              label="radius of the die"
              kind={size}
              value={typed}
              onChange={setRadius}
              optional
            />
          )}
        </div>
        {bent && (
          <Segmented label="it turns, to the bend before it" value={way} options={WAYS} onChange={setWay} />
        )}
        {found && !found.ok && (
          <p className="text-out font-semibold">{writeSaid(saidIn(found.fault), style)}.</p>
        )}
        {found?.ok && (
          <ul role="status" className="space-y-1">
            {addedBendWords(found.value, tube.od, style).map((words) => (
              <li key={words}>
                <Typeset text={words} />
              </li>
            ))}
          </ul>
        )}
      </div>
    </Disclosure>
  );
}
