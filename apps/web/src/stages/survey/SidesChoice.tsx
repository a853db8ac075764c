import { mainHoopOf } from '@gyrus/core';
import { usePlan } from '../../job/store/planStore.ts';
import { useEvaluation } from '../../answers/useAnswers.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { useHoopEdit } from '../../job/fields/useMember.ts';
import { FindingList } from '../../shared/figures/FindingList.tsx';
import { Segmented } from '../../shared/fields/Segmented.tsx';

const SIDES = [
  { value: 'same', text: 'same both sides' },
  { value: 'each', text: 'each its own side' },
] as const;

/** The cage is judged by its symmetry, and the car is not symmetric: a choice per job. */
export function SidesChoice() {
  const hoop = mainHoopOf(usePlan());
  const { findings } = useEvaluation();
  const style = useJobStyle();
  const edit = useHoopEdit();
  if (hoop?.way.kind !== 'survey') return null;
  const uneven = findings.filter(({ code }) => code === 'asymmetry' || code === 'contradiction-settled');
  return (
    <div className="space-y-2">
      {uneven.length > 0 && <FindingList findings={uneven} style={style} />}
      <Segmented
        label="legs of the hoop"
        value={hoop.sides}
        options={SIDES}
        onChange={(sides) => edit('sides', (member) => void (member.sides = sides))}
      />
    </div>
  );
}
