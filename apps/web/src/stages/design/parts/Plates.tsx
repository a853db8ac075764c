import { Plus } from 'lucide-react';
import { assumed, inDegrees, millimetres, type Plate } from '@gyrus/core';
import { newId, nextStamp } from '../../../job/fields/fresh.ts';
import { into, PLAN_PATH } from '../../../job/store/planPath.ts';
import { usePlan, usePlanStore } from '../../../job/store/planStore.ts';
import { RecordList } from '../../../job/fields/RecordList.tsx';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { plateFields } from './plateFields.ts';
import { Button } from '../../../shared/frame/Button.tsx';
import { bareFeet, footFor } from '../bar/starts.ts';

/** What the feet stand on. */
export function Plates() {
  const plan = usePlan();
  const evaluation = useEvaluation();
  const { plates } = evaluation;
  const bare = bareFeet(plan, evaluation);
  return (
    <>
      <RecordList<Plate>
        title="Base plates"
        hint="What the feet stand on, with area, turned-up edge, plinth and bolts."
        path={into(PLAN_PATH, 'plates')}
        name={(row) => `${row.stamp} ${row.name}`}
        about={(row) => {
          const answer = plates.find((one) => one.plate === row.id);
          if (!answer) return '';
          const foot = answer.foot ? `under ${answer.foot}` : 'under no tube';
          return `${(answer.area / 100).toFixed(0)} cm², ${foot}`;
        }}
        fields={(row) => plateFields(row, plan.members)}
        kinds={[
          {
            text: 'plate',
            fresh: () => freshPlate(plan.plates, footFor(plan, evaluation)),
          },
        ]}
      />
      {bare.length > 1 && <UnderAllFeet feet={bare} />}
    </>
  );
}

/** A plate under every foot that has none, in one press. */
function UnderAllFeet({ feet }: { feet: NonNullable<Plate['under']>[] }) {
  const change = usePlanStore((state) => state.change);
  return (
    <Button
      className="!mt-2"
      onClick={() =>
        change('plates/all', (plan) => {
          for (const foot of feet) plan.plates.push(freshPlate(plan.plates, foot));
        })
      }
    >
      <Plus aria-hidden="true" className="size-5" />
      plates under all {feet.length} feet that have none
    </Button>
  );
}

/** A usual plate, of a size that nobody chose yet. */
const freshPlate = (plates: readonly { stamp: string }[], under: Plate['under']): Plate => ({
  id: newId(),
  name: 'foot',
  stamp: nextStamp('P', plates),
  under,
  on: null,
  follows: 'foot',
  at: null,
  ...assumed({
    tilt: inDegrees(0),
    thickness: millimetres(3),
    outline: { kind: 'rectangle' as const, length: millimetres(150), width: millimetres(100) },
  }),
  turnedUp: null,
  plinth: null,
  bolts: null,
});
