import { type CopeCurve, curveOf, type EndCut, formatLength } from '@gyrus/core';
import { useState } from 'react';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Typeset } from '../../shared/Figure.tsx';
import { Segmented } from '../../shared/Segmented.tsx';

const STEPS = [
  { value: '30', text: 'every 30°' },
  { value: '20', text: 'every 20°' },
  { value: '10', text: 'every 10°' },
] as const;

/** For those without a printer: the cut by its clock position, from the ear up the tube. */
export function ClockTable({ cut, curve }: { cut: EndCut; curve: CopeCurve }) {
  const style = useJobStyle();
  const [step, setStep] = useState<(typeof STEPS)[number]['value']>('30');
  const setbacks = curveOf(cut, curve);
  const every = (Number(step) * setbacks.length) / 360;
  const rows = setbacks.flatMap((setback, i) =>
    i % every === 0 ? [{ phi: (360 * i) / setbacks.length, setback }] : [],
  );
  return (
    <section aria-label="Marking by hand" className="space-y-2">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h2 className="text-lg">
          Marking by hand{' '}
          <span className="text-quiet text-base font-medium">
            round the tube from the face line, looking up the tube; from the ear, up the tube
          </span>
        </h2>
        <Segmented quiet label="steps of the table" value={step} options={STEPS} onChange={setStep} />
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
