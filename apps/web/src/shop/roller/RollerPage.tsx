import {
  fineLength,
  formatWithUnit,
  type Length,
  type LengthStyle,
  radiusOfRise,
  riseOver,
  rollerIn,
  type Roller,
} from '@gyrus/core';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { useParams } from 'react-router';
import { CartesianGrid, Line, LineChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import { QuantityInput } from '../../shared/fields/QuantityInput.tsx';
import { lengthKind } from '../../shared/fields/quantityKinds.ts';
import { useLengthStyle } from '../../shared/fields/useLengthStyle.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { Button } from '../../shared/frame/Button.tsx';
import { Header } from '../../shared/frame/Header.tsx';
import { Loading, Trouble } from '../../shared/frame/Waiting.tsx';
import { useShop } from '../../shared/server/queries.ts';

/** The rise over a roller's gauge for every radius it reaches: as a curve, as a table for the wall, and back from a rise that was measured. */
export function RollerPage() {
  const { machineId = '' } = useParams();
  const shop = useShop();
  const [style, unitSwitch] = useLengthStyle();
  const machines = shop.data?.machines.filter(({ id }) => id === machineId) ?? [];
  const roller = rollerIn({ machines });
  return (
    <div className="flex min-h-full flex-col">
      <div className="print:hidden">
        <Header actions={unitSwitch} />
      </div>
      <main className="mx-auto w-full max-w-5xl space-y-5 p-6">
        {shop.isPending && <Loading what="the shop" />}
        {shop.isError && <Trouble error={shop.error} retry={() => void shop.refetch()} />}
        {shop.data && !roller && <p>No roller of this name is measured: give its figures at Shop.</p>}
        {roller && <OfRoller roller={roller} style={style} />}
      </main>
    </div>
  );
}

/** Radii are told up to so many times the least one, in this many steps of the curve. */
const REACH = 8;
const STEPS = 60;
/** Rows of the table; each radius is a fifth larger than the one before. */
const ROWS = 12;

function OfRoller({ roller, style }: { roller: Roller; style: LengthStyle }) {
  const { name, gauge, lead, leastRadius } = roller;
  const radii = Array.from({ length: ROWS }, (_, i) => leastRadius * 1.2 ** i);
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-4">
        <div>
          <h1 className="text-2xl">{name}: radius and rise</h1>
          <p className="text-quiet">
            <Typeset
              text={`Rise over a gauge of ${formatWithUnit(gauge, style)}; it reaches ${formatWithUnit(leastRadius, style)} on the axis and leaves ${formatWithUnit(lead, style)} straight at each end. Laid on the outside of a bend, a gauge has half a diameter more than the radius on the axis.`}
            />
          </p>
        </div>
        <Button className="print:hidden" onClick={() => window.print()}>
          <Printer aria-hidden="true" className="size-5" />
          Print
        </Button>
      </div>
      <div className="grid gap-5 md:grid-cols-[1.4fr_1fr]">
        <div className="space-y-5 print:hidden">
          <RiseChart roller={roller} style={style} />
          <FromRise gauge={gauge} style={style} />
        </div>
        <table className="figure w-full text-right text-lg">
          <caption className="font-label mb-1 text-left text-lg font-semibold">For the wall</caption>
          <thead className="font-label text-quiet text-sm">
            <tr className="border-rule border-b">
              <th className="py-1 font-medium">radius where the gauge lies</th>
              <th className="font-medium">rise</th>
            </tr>
          </thead>
          <tbody>
            {radii.map((radius) => (
              <tr key={radius} className="border-rule border-b">
                <td className="py-1">
                  <Typeset text={formatWithUnit(radius, style)} />
                </td>
                <td className="font-semibold">
                  <Typeset text={riseWords(radius, gauge, style)} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}

function riseWords(radius: number, gauge: number, style: LengthStyle): string {
  const rise = riseOver(radius, gauge);
  return rise === null ? 'the gauge is wider than the circle' : fineLength(rise, style);
}

function RiseChart({ roller: { gauge, leastRadius }, style }: { roller: Roller; style: LengthStyle }) {
  const data = Array.from({ length: STEPS + 1 }, (_, i) => {
    const radius = leastRadius * (1 + ((REACH - 1) * i) / STEPS);
    return { radius, rise: riseOver(radius, gauge) };
  });
  const words = (mm: unknown) => formatWithUnit(Number(mm), style);
  return (
    <figure aria-label="Rise by radius" className="bg-sheet border-rule rounded-machined border p-3">
      <figcaption className="text-quiet mb-1 text-sm">
        rise over the gauge, by the radius where it lies
      </figcaption>
      <ResponsiveContainer width="100%" height={320}>
        <LineChart data={data} margin={{ top: 8, right: 24, bottom: 8, left: 8 }}>
          <CartesianGrid stroke="#dddbd2" />
          <XAxis type="number" dataKey="radius" domain={['dataMin', 'dataMax']} tickFormatter={words} />
          <YAxis tickFormatter={words} width={72} />
          <Tooltip formatter={(value) => fineLength(Number(value), style)} labelFormatter={words} />
          <Line
            dataKey="rise"
            name="rise"
            stroke="#171c5c"
            strokeWidth={2}
            dot={false}
            isAnimationActive={false}
          />
        </LineChart>
      </ResponsiveContainer>
    </figure>
  );
}

/** The radius of an arc whose rise was measured. */
function FromRise({ gauge, style }: { gauge: number; style: LengthStyle }) {
  const [rise, setRise] = useState<Length | null>(null);
  return (
    <section aria-label="Radius from a rise" className="max-w-sm space-y-1">
      <QuantityInput
        label="a rise that was measured over the gauge"
        kind={lengthKind(style, { above: 0, usual: [0, gauge / 2] })}
        value={rise}
        onChange={setRise}
        optional
      />
      {rise && (
        <p className="font-semibold">
          <Typeset
            text={`That is a radius of ${formatWithUnit(radiusOfRise(rise.mm, gauge), style)} where the gauge lies.`}
          />
        </p>
      )}
    </section>
  );
}
