import { type CopeCurve, curveOf, type EndCut, formatLength, setbackAt } from '@gyrus/core';
import { useState } from 'react';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { NumberField } from '../../shared/fields/NumberField.tsx';
import { Segmented } from '../../shared/fields/Segmented.tsx';

const STEPS = ['30', '20', '10'].map((value) => ({ value, text: `every ${value}°` }));

/** For those without a printer: the cut by its clock position, from the ear up the tube. */
export function ClockTable({ cut, curve }: { cut: EndCut; curve: CopeCurve }) {
  const style = useJobStyle();
  const [step, setStep] = useState(30);
  const setbacks = curveOf(cut, curve);
  const rows = Array.from({ length: Math.ceil(360 / step) }, (_, i) => ({
    phi: i * step,
    setback: setbackAt(setbacks, i * step),
  }));
  return (
    <section aria-label="Marking by hand" className="space-y-2">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h2 className="text-lg">
          Marking by hand{' '}
          <span className="text-quiet text-base font-medium">
            round the tube from the face line, looking up the tube; from the ear, up the tube
          </span>
        </h2>
        <div className="flex items-end gap-3">
          <Segmented
            quiet
            label="steps of the table"
            value={String(step)}
            options={STEPS}
            onChange={(next) => setStep(Number(next))}
          />
          <div className="w-28">
            <NumberField label="or any step, °" value={step} low={1} high={180} onChange={setStep} />
          </div>
        </div>
      </div>
      <ul
        aria-label="Setbacks round the tube"
        className="grid grid-cols-3 gap-x-6 sm:grid-cols-4 xl:grid-cols-6"
      >
        {rows.map(({ phi, setback }) => (
          <li key={phi} className="border-rule figure flex justify-between border-b py-1">
            <span className="text-quiet">{phi}°</span>
            <span className="font-semibold">
              {setback === null ? 'passes' : <Typeset text={formatLength(setback - cut.ear, style)} />}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
