import { type Angle, bendAdded, type Length, recordOf, saidIn, type Tube, writeSaid } from '@gyrus/core';
import { addedBendWords } from '@gyrus/formats';
import { useParams } from 'react-router';
import { angleIn, lengthIn } from '../../../shared/fields/keptQuantities.ts';
import { useKept } from '../../../shared/server/useKept.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { Disclosure } from '../../../shared/frame/Disclosure.tsx';
import { QuantityInput } from '../../../shared/fields/QuantityInput.tsx';
import { angleKind, lengthKind } from '../../../shared/fields/quantityKinds.ts';
import { Segmented } from '../../../shared/fields/Segmented.tsx';
import { Typeset } from '../../../shared/figures/Figure.tsx';

interface AddedBendProps {
  tube: Tube;
  /** Of the die that the new bend would be made on; null where none is chosen. mm */
  radius: number | null;
}

const WAYS = [
  { value: 'same', text: 'the same way' },
  { value: 'other', text: 'the other way' },
] as const;

/** What is asked about a bend that is to be added. */
interface Asked {
  at: Length | null;
  angle: Angle | null;
  radius: Length | null;
  way: 'same' | 'other';
}

/** What if a bend is added to this bar when it is cut and coped already: to lift it out of somebody's view, say. */
export function AddedBend({ tube, radius: ofDie }: AddedBendProps) {
  const style = useJobStyle();
  const { jobId = '' } = useParams();
  const [asked, keep] = useKept(`gyrus-added/${jobId}/${tube.piece}`, askedIn);
  const clr = tube.axis.flatMap((piece) => (piece.kind === 'arc' ? [Math.hypot(...piece.radius)] : []));
  const { at, angle, way } = asked;
  const radius = asked.radius?.mm ?? ofDie;
  const found =
    at && angle && radius !== null
      ? bendAdded({
          points: tube.points,
          clr,
          at: at.mm,
          angle: angle.deg,
          radius,
          opposite: way === 'other',
        })
      : null;
  return (
    <Disclosure summary="A bend added to the finished bar">
      <div className="border-rule space-y-3 border-l-4 py-1 pl-4">
        <AskedFields
          asked={asked}
          askRadius={ofDie === null}
          bent={clr.length > 0}
          change={(changes) => keep({ ...asked, ...changes })}
        />
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

function askedIn(kept: unknown): Asked {
  const { at, angle, radius, way } = recordOf(kept);
  return {
    at: lengthIn(at),
    angle: angleIn(angle),
    radius: lengthIn(radius),
    way: way === 'other' ? 'other' : 'same',
  };
}

interface AskedFieldsProps {
  asked: Asked;
  /** No die is chosen: its radius is asked for. */
  askRadius: boolean;
  /** The bar has bends, and the new one turns with or against them. */
  bent: boolean;
  change: (changes: Partial<Asked>) => void;
}

function AskedFields({ asked: { at, angle, radius, way }, askRadius, bent, change }: AskedFieldsProps) {
  const style = useJobStyle();
  const size = lengthKind(style, { above: 0, usual: 'any' });
  return (
    <>
      <div className="grid gap-3 sm:grid-cols-3">
        <QuantityInput
          label="its middle, from end A along the bar"
          kind={size}
          value={at}
          onChange={(value) => change({ at: value })}
          optional
        />
        <QuantityInput
          label="its angle"
          kind={angleKind({ above: 0, most: 170 })}
          value={angle}
          onChange={(value) => change({ angle: value })}
          optional
        />
        {askRadius && (
          <QuantityInput
            label="radius of the die"
            kind={size}
            value={radius}
            onChange={(value) => change({ radius: value })}
            optional
          />
        )}
      </div>
      {bent && (
        <Segmented
          label="it turns, to the bend before it"
          value={way}
          options={WAYS}
          onChange={(value) => change({ way: value })}
        />
      )}
    </>
  );
}
