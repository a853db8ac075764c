import { type Contradiction, formatAngle, formatLength, type NoHoop } from '@gyrus/core';
import { usePlanStore } from '../../job/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Button } from '../../shared/Button.tsx';
import { Typeset } from '../../shared/Figure.tsx';
import { StatusMark } from '../../shared/StatusMark.tsx';

type Contradicting = Extract<NoHoop, { why: 'contradiction' }>;

/** Protractor and widths disagree: both are shown with what each would give, and the builder says which to trust. */
export function ContradictionPanel({ none }: { none: Contradicting }) {
  const change = usePlanStore((state) => state.change);
  const trust = (which: 'widths' | 'protractor') =>
    change('survey/trust', (plan) => void (plan.survey.trust = which));
  const again = () =>
    change('survey/again', ({ survey }) => {
      for (const { side } of none.contradictions)
        delete survey.measures[side === 'left' ? 'wallLeanLeft' : 'wallLeanRight'];
    });
  return (
    <section
      aria-label="Measures that contradict each other"
      className="bg-sheet border-look rounded-machined space-y-3 border-2 p-3"
    >
      <p>
        <StatusMark status="look" /> The wall's lean and the widths cannot both be right. No hoop is drawn
        until you say which to trust.
      </p>
      {none.contradictions.map((one) => (
        <Sides key={one.side} contradiction={one} />
      ))}
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => trust('widths')}>Trust the widths</Button>
        <Button onClick={() => trust('protractor')}>Trust the protractor</Button>
        <Button kind="quiet" onClick={again}>
          Measure the lean again
        </Button>
      </div>
    </section>
  );
}

function Sides({ contradiction }: { contradiction: Contradiction }) {
  const style = useJobStyle();
  const { side, fromWidths, protractor, lowerByWidths, lowerByProtractor } = contradiction;
  const row = (name: string, lean: number, lower: number) => (
    <tr className="border-rule border-t">
      <th className="py-1 text-left font-medium">{name}</th>
      <td>{formatAngle(lean)}°</td>
      <td>{formatAngle(90 - lean)}°</td>
      <td>
        <Typeset text={formatLength(lower, style)} />
      </td>
    </tr>
  );
  return (
    <table className="figure w-full text-right">
      <thead className="text-quiet text-sm">
        <tr>
          <th className="font-label text-left font-medium">{side} wall</th>
          <th className="font-label font-medium">lean</th>
          <th className="font-label font-medium">bend</th>
          <th className="font-label font-medium">half width below</th>
        </tr>
      </thead>
      <tbody>
        {row('by its widths', fromWidths.value, lowerByWidths)}
        {row('by protractor', protractor, lowerByProtractor.value)}
      </tbody>
    </table>
  );
}
