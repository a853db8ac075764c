import {
  bendRoomOf,
  type BesideSurvey,
  besideSurvey,
  formatLength,
  type HoopGeometry,
  type LengthStyle,
  type MainHoop,
  type NoHoop,
  saidIn,
  writeSaid,
} from '@gyrus/core';
import { usePlan } from '../../../job/store/planStore.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { Typeset } from '../../../shared/figures/Figure.tsx';

const NAMES: Record<BesideSurvey['what'], string> = {
  'crown-height': "height of the crown's axis",
  feet: 'feet, between axes',
  corners: 'corners, between axes',
};

/** A hoop that comes about another way, beside the one that the measured body gives. */
export function BesideBody({ hoop, geometry }: { hoop: MainHoop; geometry: HoopGeometry }) {
  const { survey, measuringError, dies } = usePlan();
  const style = useJobStyle();
  const beside = besideSurvey(geometry, survey, hoop, measuringError, bendRoomOf(hoop, dies));
  if ('why' in beside) return <p className="text-quiet text-sm">{whyNot(beside, style)}</p>;
  const figure = (mm: number) => <Typeset text={formatLength(mm, style)} />;
  return (
    <table className="w-full text-right">
      <caption className="text-quiet mb-1 text-left text-sm">
        Beside the hoop that the measured body gives
      </caption>
      <thead className="text-quiet text-sm">
        <tr className="border-rule border-b">
          <th className="py-1 text-left font-medium">figure</th>
          <th className="font-medium">this hoop</th>
          <th className="font-medium">by the body</th>
          <th className="font-medium">differs</th>
        </tr>
      </thead>
      <tbody className="figure">
        {beside.map(({ what, own, surveyed }) => (
          <tr key={what} className="border-rule border-b">
            <td className="font-label py-1.5 text-left">{NAMES[what]}</td>
            <td className="font-semibold">{figure(own)}</td>
            <td>{figure(surveyed)}</td>
            <td>
              {own - surveyed > 0 ? '+' : ''}
              {figure(own - surveyed)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Why the body gives no hoop to hold this one against. */
function whyNot(none: NoHoop, style: LengthStyle): string {
  switch (none.why) {
    case 'missing':
      return 'The body round it is not measured: no gaps are known, and none of them is clear. Measure it at Survey.';
    case 'contradiction':
      return 'The readings of the body contradict each other: settle them at Survey, and the hoop is held against it.';
    case 'impossible':
      return `The readings of the body give no hoop to hold this one against: ${writeSaid(saidIn(none.fault), style)}.`;
  }
}
