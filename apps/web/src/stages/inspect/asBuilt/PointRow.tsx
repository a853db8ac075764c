import { type Angle, type AsBuiltPoint, formatAngle, type BuiltDeviation, type Length } from '@gyrus/core';
import { offWords, plannedWords, pointWords } from '@gyrus/formats';
import { Button } from '../../../shared/frame/Button.tsx';
import { asRead } from '../../../shared/devices/asRead.ts';
import { type DeviceState } from '../../../shared/devices/useDevices.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { QuantityInput } from '../../../shared/fields/QuantityInput.tsx';
import { angleKind, lengthKind } from '../../../shared/fields/quantityKinds.ts';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { Cell, TableRow } from '../../../shared/figures/PlainTable.tsx';
import { StatusMark } from '../../../shared/figures/StatusMark.tsx';

interface PointRowProps {
  point: AsBuiltPoint;
  deviation: BuiltDeviation | undefined;
  taped: Length | null;
  turned: Angle | null;
  onTaped: (value: Length | null) => void;
  onTurned: (value: Angle | null) => void;
  /** The angle gauge, where one is connected. */
  gauge: DeviceState;
}

/** A tube may stand in the body, and a foot off to either side; nothing is less than nothing wide. */
const mayBeNegative = ({ what: { kind } }: AsBuiltPoint): boolean => kind === 'gap' || kind === 'twist';

/** A thing to be measured: what it is planned to be, what was read last and by whom, and a box for a new reading. */
export function PointRow({ point, deviation, taped, turned, onTaped, onTurned, gauge }: PointRowProps) {
  const style = useJobStyle();
  const name = pointWords(point, style);
  return (
    <TableRow>
      <Cell>
        <Typeset text={name} />
      </Cell>
      <Cell figure>
        <Typeset text={plannedWords(point, style)} />
      </Cell>
      <Cell>
        <div className="w-36">
          {point.what.kind === 'lean' ? (
            <>
              <QuantityInput
                bare
                optional
                label={name}
                kind={angleKind({ least: -60, most: 60 })}
                value={turned}
                onChange={onTurned}
              />
              <FromGauge gauge={gauge} name={name} take={onTurned} />
            </>
          ) : (
            <QuantityInput
              bare
              optional
              label={name}
              kind={lengthKind(style, mayBeNegative(point) ? { least: -1000 } : { above: 0 })}
              value={taped}
              onChange={onTaped}
            />
          )}
        </div>
      </Cell>
      <Cell figure>
        {deviation ? (
          <>
            <Typeset text={offWords(point, deviation.off, style)} /> <StatusMark status={deviation.status} />
            <span className="text-quiet block text-sm">{deviation.who}</span>
          </>
        ) : (
          <span className="text-quiet">not measured</span>
        )}
      </Cell>
    </TableRow>
  );
}

interface FromGaugeProps {
  gauge: DeviceState;
  /** What it is laid on. */
  name: string;
  take: (value: Angle) => void;
}

/** What a gauge that is laid on it reads, taken by a press and never by itself. */
const FromGauge = ({ gauge, name, take }: FromGaugeProps) =>
  gauge.is === 'reading' && (
    <Button
      disabled={!gauge.steady}
      aria-label={`${name}: take the gauge's reading`}
      onClick={() => take(asRead(gauge.deg))}
    >
      {gauge.steady ? `Take ${formatAngle(gauge.deg)}°` : 'Not steady yet'}
    </Button>
  );
