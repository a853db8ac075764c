import { usePlan, usePlanStore } from '../../job/planStore.ts';
import { useEvaluation } from '../../job/useEvaluation.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { FindingList } from '../../shared/FindingList.tsx';
import { Segmented } from '../../shared/Segmented.tsx';

const SIDES = [
  { value: 'same', text: 'same both sides' },
  { value: 'each', text: 'each its own side' },
] as const;

/** The cage is judged by its symmetry, and the car is not symmetric: a choice per job. */
export function SidesChoice() {
  const [hoop] = usePlan().members;
  const { findings } = useEvaluation();
  const style = useJobStyle();
  const change = usePlanStore((state) => state.change);
  if (!hoop) return null;
  const uneven = findings.filter(({ code }) => code === 'asymmetry' || code === 'contradiction-settled');
  return (
    <div className="space-y-2">
      {uneven.length > 0 && <FindingList findings={uneven} style={style} />}
      <Segmented
        label="legs of the hoop"
        value={hoop.sides}
        options={SIDES}
        onChange={(sides) =>
          change('hoop/sides', (plan) => plan.members[0] && void (plan.members[0].sides = sides))
        }
      />
    </div>
  );
}
