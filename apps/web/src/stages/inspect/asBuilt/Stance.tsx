import { type Angle, type Plan, recordOf } from '@gyrus/core';
import { stanceWords } from '@gyrus/formats';
import { format } from 'date-fns';
import { usePlan, usePlanStore } from '../../../job/store/planStore.ts';
import { angleIn } from '../../../shared/fields/keptQuantities.ts';
import { QuantityInput } from '../../../shared/fields/QuantityInput.tsx';
import { angleKind } from '../../../shared/fields/quantityKinds.ts';
import { Segmented } from '../../../shared/fields/Segmented.tsx';
import { StatusMark } from '../../../shared/figures/StatusMark.tsx';
import { Button } from '../../../shared/frame/Button.tsx';
import { Disclosure } from '../../../shared/frame/Disclosure.tsx';
import { useKept } from '../../../shared/server/useKept.ts';
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

/** What is typed, and stays in this browser until it is kept. */
type Typed = Pick<Kept, 'on' | 'fallsRight' | 'fallsForward'>;

/** The same as the browser kept it; else as it was written down last. */
function typedIn(kept: unknown, stance: Kept | null): Typed {
  const { on, fallsRight, fallsForward } = recordOf(kept);
  return {
    on: STANDS.find(({ value }) => value === on)?.value ?? stance?.on ?? 'wheels',
    fallsRight: angleIn(fallsRight) ?? stance?.fallsRight ?? LEVEL,
    fallsForward: angleIn(fallsForward) ?? stance?.fallsForward ?? LEVEL,
  };
}

function StanceForm() {
  const change = usePlanStore((store) => store.change);
  const [who] = useWho();
  const { stance } = usePlan().survey;
  const jobId = usePlanStore((store) => store.jobId);
  const [{ on, fallsRight, fallsForward }, hold] = useKept<Typed>(`gyrus-stance/${jobId}`, (kept) =>
    typedIn(kept, stance),
  );
  const type = (changes: Partial<Typed>) => hold({ on, fallsRight, fallsForward, ...changes });
  const keep = () =>
    change('survey/stance', (plan) => {
      plan.survey.stance = {
        ...{ on, fallsRight, fallsForward, by: who.trim() },
        measuredOn: new Date().toISOString(),
      };
    });
  return (
    <div className="flex flex-wrap items-end gap-3 pt-2">
      <Segmented label="it stood on" value={on} options={STANDS} onChange={(value) => type({ on: value })} />
      <div className="w-40">
        <QuantityInput
          label="floor falls to the right"
          kind={angleKind({ least: -20, most: 20 })}
          value={fallsRight}
          onChange={(value) => value && type({ fallsRight: value })}
        />
      </div>
      <div className="w-40">
        <QuantityInput
          label="floor falls to the front"
          kind={angleKind({ least: -20, most: 20 })}
          value={fallsForward}
          onChange={(value) => value && type({ fallsForward: value })}
        />
      </div>
      <Button disabled={who.trim() === ''} onClick={keep}>
        Keep it
      </Button>
      {who.trim() === '' && <p className="text-quiet text-sm">Say below by whom it is measured.</p>}
    </div>
  );
}
