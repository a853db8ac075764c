import { assumed, formatWithUnit, type Gusset, millimetres, saidIn, writeSaid } from '@gyrus/core';
import { newId, nextStamp } from '../../../job/fields/fresh.ts';
import { into, PLAN_PATH } from '../../../job/store/planPath.ts';
import { usePlan } from '../../../job/store/planStore.ts';
import { RecordList } from '../../../job/fields/RecordList.tsx';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { gussetFields } from './gussetFields.ts';
import { cornerFor } from '../bar/starts.ts';

/** Sheet gussets in the corners of the cage. */
export function Gussets() {
  const plan = usePlan();
  const style = useJobStyle();
  const evaluation = useEvaluation();
  const { gussets } = evaluation;
  const corner = cornerFor(evaluation);
  return (
    <RecordList<Gusset>
      title="Sheet gussets"
      hint="Flat, or folded over both tubes, in the corner of two tubes that meet."
      path={into(PLAN_PATH, 'gussets')}
      name={(row) => `${row.stamp} ${row.kind} gusset`}
      about={(row) => {
        const answer = gussets.find((one) => one.gusset === row.id);
        if (!answer) return '';
        if (!answer.shape.ok) return writeSaid(saidIn(answer.shape.fault), style);
        const { longEdge, sheetArea } = answer.shape.value;
        return `${answer.between.join(' and ')}, long edge ${formatWithUnit(longEdge, style)}, ${(sheetArea / 100).toFixed(0)} cm² of sheet`;
      }}
      fields={gussetFields}
      kinds={
        corner
          ? [
              {
                text: 'gusset',
                fresh: () => ({
                  id: newId(),
                  stamp: nextStamp('GP', plan.gussets),
                  kind: 'flat',
                  between: corner,
                  legs: [assumed(millimetres(120)), assumed(millimetres(120))],
                  thickness: assumed(millimetres(2)),
                  holes: [],
                  twin: false,
                }),
              },
            ]
          : []
      }
    />
  );
}
