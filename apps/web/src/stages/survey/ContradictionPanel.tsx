import {
  type Contradiction,
  type Distrusted,
  DISTRUSTED,
  formatAngle,
  formatLength,
  type NoHoop,
} from '@gyrus/core';
import { usePlanStore } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Button } from '../../shared/frame/Button.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';

type Contradicting = Extract<NoHoop, { why: 'contradiction' }>;

/** Readings of a leaning wall that cannot all be right: each with what the others make of it, and each can be the one not trusted. */
export function ContradictionPanel({ none }: { none: Contradicting }) {
  const change = usePlanStore((state) => state.change);
  const distrust = (which: Distrusted) =>
    change('survey/distrusted', (plan) => void (plan.survey.distrusted = which));
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
        <StatusMark status="look" /> These readings cannot all be right. No hoop is drawn until you say which
        is not trusted, or measure again.
      </p>
      {none.contradictions.map((one) => (
        <Readings key={one.side} contradiction={one} />
      ))}
      <div className="flex flex-wrap gap-2">
        {DISTRUSTED.map((which) => (
          <Button key={which} onClick={() => distrust(which)}>
            Do not trust {READINGS[which]}
          </Button>
        ))}
        <Button kind="quiet" onClick={again}>
          Measure the lean again
        </Button>
      </div>
    </section>
  );
}

const READINGS: Record<Distrusted, string> = {
  protractor: 'the protractor',
  'lower-width': 'the width below',
  'roof-width': 'the width at the roof',
};

/** Each reading of one wall beside what the other two make of it, and the bend that would follow. */
function Readings({ contradiction }: { contradiction: Contradiction }) {
  const style = useJobStyle();
  const { side, fromWidths, protractor, lower, lowerByProtractor, roof, roofByProtractor } = contradiction;
  const { rise, riseByBoth } = contradiction;
  const length = (mm: number) => <Typeset text={formatLength(mm, style)} />;
  const row = (name: string, read: React.ReactNode, wouldBe: React.ReactNode, bend: React.ReactNode) => (
    <tr className="border-rule border-t">
      <th className="font-label py-1 text-left font-medium">{name}</th>
      <td>{read}</td>
      <td>{wouldBe}</td>
      <td>{bend}</td>
    </tr>
  );
  const byProtractor = `${formatAngle(90 - protractor)}°`;
  return (
    <table className="figure w-full text-right">
      <thead className="text-quiet text-sm">
        <tr>
          <th className="font-label text-left font-medium">{side} wall</th>
          <th className="font-label font-medium">read</th>
          <th className="font-label font-medium">if not trusted</th>
          <th className="font-label font-medium">bend then</th>
        </tr>
      </thead>
      <tbody>
        {row(
          'lean, by protractor',
          `${formatAngle(protractor)}°`,
          `${formatAngle(fromWidths.value)}°`,
          `${formatAngle(90 - fromWidths.value)}°`,
        )}
        {row('half width below', length(lower), length(lowerByProtractor.value), byProtractor)}
        {row('half width at the roof', length(roof), length(roofByProtractor.value), byProtractor)}
        {row(
          'height between them',
          length(rise),
          riseByBoth ? length(riseByBoth.value) : 'none',
          'measure again',
        )}
      </tbody>
    </table>
  );
}
