import { type Angle, type Plan } from '@gyrus/core';
import { stanceWords } from '@gyrus/formats';
import { format } from 'date-fns';
import { useState } from 'react';
import { usePlan, usePlanStore } from '../../../job/store/planStore.ts';
import { QuantityInput } from '../../../shared/fields/QuantityInput.tsx';
import { angleKind } from '../../../shared/fields/quantityKinds.ts';
import { Segmented } from '../../../shared/fields/Segmented.tsx';
import { StatusMark } from '../../../shared/figures/StatusMark.tsx';
import { Button } from '../../../shared/frame/Button.tsx';
import { Disclosure } from '../../../shared/frame/Disclosure.tsx';
import { useWho } from '../../../shared/server/useWho.ts';

type Kept = NonNullable<Plan['survey']['stance']>;

const STANDS = [
  { value: 'wheels', text: 'its wheels' },
  { value: 'stands', text: 'stands' },
  { value: 'jig', text: 'a jig' },
] as const;
const LEVEL: Angle = { deg: 0, typed: '0' };

/** How the car stood when it was measured: it has to stand so again before it is tacked and welded. */
export function Stance() {
  const { stance } = usePlan().survey;
  return (
    <section aria-label="How the car stands" className="bg-sheet border-rule rounded-machined border p-3">
      {stance ? (
        <p>
          <StatusMark status="look" word="before you measure, tack or weld" />: at survey the car stood{' '}
          {stanceWords(stance)}, says {stance.by}, {format(new Date(stance.measuredOn), 'd MMMM')}. Does it
          stand so now? A body that stands otherwise is another shape.
        </p>
      ) : (
        <p>
          <StatusMark status="ask" /> Nobody wrote down how the car stood when it was measured.
        </p>
      )}
      <Disclosure summary={stance ? 'Write it down anew' : 'Write it down'}>
        <StanceForm />
      </Disclosure>
    </section>
  );
}

function StanceForm() {
  const change = usePlanStore((store) => store.change);
  const [who] = useWho();
  const { stance } = usePlan().survey;
  const [on, setOn] = useState<Kept['on']>(stance?.on ?? 'wheels');
  const [fallsRight, setRight] = useState<Angle>(stance?.fallsRight ?? LEVEL);
  const [fallsForward, setForward] = useState<Angle>(stance?.fallsForward ?? LEVEL);
  const keep = () =>
    change('survey/stance', (plan) => {
      plan.survey.stance = {
        ...{ on, fallsRight, fallsForward, by: who.trim() },
        measuredOn: new Date().toISOString(),
      };
    });
  return (
    <div className="flex flex-wrap items-end gap-3 pt-2">
      <Segmented label="it stood on" value={on} options={STANDS} onChange={setOn} />
      <div className="w-40">
        <QuantityInput
          label="floor falls to the right"
          kind={angleKind({ least: -20, most: 20 })}
          value={fallsRight}
          onChange={(value) => value && setRight(value)}
        />
      </div>
      <div className="w-40">
        <QuantityInput
          label="floor falls to the front"
          kind={angleKind({ least: -20, most: 20 })}
          value={fallsForward}
          onChange={(value) => value && setForward(value)}
        />
      </div>
      <Button disabled={who.trim() === ''} onClick={keep}>
        Keep it
      </Button>
      {who.trim() === '' && <p className="text-quiet text-sm">Say below by whom it is measured.</p>}
    </div>
  );
}
