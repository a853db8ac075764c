import {
  type AxisSection,
  type Figure,
  formatLength,
  type HoopResult,
  type LengthStyle,
  type MeasureKey,
  MEASURES,
} from '@gyrus/core';
import { figureWords } from '@gyrus/formats';
import { useEvaluation } from '../../answers/useAnswers.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Typeset } from '../../shared/figures/Figure.tsx';

/** The centreline dimensions as they come out, left beside right, and how each came about. */
export function AxisTable({ result, focus }: { result: HoopResult; focus: MeasureKey | null }) {
  const style = useJobStyle();
  const { asymmetry } = useEvaluation();
  const axis = axisOf(result);
  if (!axis) return null;
  const differs = (key: MeasureKey) => asymmetry.find((one) => one.key === key)?.difference ?? 0;
  const rows: [string, Figure, Figure, number][] = [
    ['floor', axis.left.floor, axis.right.floor, differs('halfWidthFloorLeft')],
  ];
  if (axis.left.lean && axis.right.lean)
    rows.push(['where it leans', axis.left.lean, axis.right.lean, differs('halfWidthLeanLeft')]);
  rows.push(['roof', axis.left.roof, axis.right.roof, differs('halfWidthRoofLeft')]);
  return (
    <div>
      <h2 className="text-quiet mb-1 text-sm font-medium">What the hoop makes of it, on the axis</h2>
      <table className="w-full text-right">
        <thead className="text-quiet text-sm">
          <tr className="border-rule border-b">
            <th className="py-1 text-left font-medium">half width</th>
            <th className="font-medium">left</th>
            <th className="font-medium">right</th>
            <th className="font-medium">car differs</th>
          </tr>
        </thead>
        <tbody className="figure">
          {rows.map(([name, left, right, difference]) => (
            <tr key={name} className="border-rule border-b">
              <td className="font-label py-1.5 text-left">{name}</td>
              <td className="font-semibold">{shown(left.value, style)}</td>
              <td className="font-semibold">{shown(right.value, style)}</td>
              <td>{shown(Math.abs(difference), style)}</td>
            </tr>
          ))}
          <tr>
            <td className="font-label py-1.5 text-left">crown's height</td>
            <td colSpan={2} className="font-semibold">
              {shown(axis.crownHeight.value, style)}
            </td>
            <td />
          </tr>
        </tbody>
      </table>
      <p className="bg-sheet2 rounded-machined figure mt-2 p-2.5 text-sm">
        <Typeset text={figureWords(explained(axis, focus), style)} />
      </p>
    </div>
  );
}

const shown = (mm: number, style: LengthStyle) => <Typeset text={formatLength(mm, style)} />;

function axisOf(result: HoopResult): AxisSection | null {
  if ('hoop' in result) return result.hoop.fromSurvey?.axis ?? null;
  return result.none.why === 'contradiction' ? result.none.axis : null;
}

/** The derivation that belongs to the measure in hand; the crown's when nothing else does. */
function explained(axis: AxisSection, focus: MeasureKey | null): Figure {
  if (!focus) return axis.left.floor;
  const side = MEASURES[focus].side === 'right' ? axis.right : axis.left;
  if (focus.startsWith('halfWidthFloor')) return side.floor;
  if (focus.startsWith('halfWidthLean') && side.lean) return side.lean;
  if (focus.startsWith('halfWidthRoof')) return side.roof;
  return axis.crownHeight;
}
