import { type BuildAnswer, isDone, type Ticked, timeLeft } from '@gyrus/core';
import { buildCostWords, exitWords, orderFaultWords, reachComparedWords } from '@gyrus/formats';
import { differenceInCalendarDays, format, parseISO } from 'date-fns';
import { Link, useParams } from 'react-router';
import { useCopes } from '../../../answers/useAnswers.ts';
import { usePlan, usePlanStore } from '../../../job/store/planStore.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { Figure, Typeset } from '../../../shared/figures/Figure.tsx';
import { StatusMark } from '../../../shared/figures/StatusMark.tsx';
import { Button } from '../../../shared/frame/Button.tsx';
import { useTimesTaken } from '../../../shared/server/queries.ts';
import { useWho } from '../../../shared/server/useWho.ts';
import { useCutPlans } from '../cut/useCutPlans.ts';
import { fitOrderWith } from './moveTubes.ts';
import { wantedFor, type Wanted } from './shopping.ts';
import { useMakeEntry, useWriteEntry } from './useBuildEntries.ts';

interface BuildSideProps {
  answer: BuildAnswer;
  ticked: Map<string, Ticked>;
}

/** Beside the steps: what the order costs, how much work is left, and what is to be got. */
export function BuildSide(props: BuildSideProps) {
  return (
    <div className="space-y-6">
      <Reach answer={props.answer} />
      <WorkLeft {...props} />
      <Shopping ticked={props.ticked} />
    </div>
  );
}

/** What the torch does not reach in this order, whether another is better, and the ways to get at the tops. */
function Reach({ answer }: { answer: BuildAnswer }) {
  const style = useJobStyle();
  const plan = usePlan();
  const change = usePlanStore((store) => store.change);
  const take = (order: number[]) =>
    change('fitOrder/better', (draft) => {
      draft.fitOrder = fitOrderWith(plan, answer, order);
    });
  const { better, cost, faults, proven, roofKnown, compared, exit } = answer;
  return (
    <section aria-label="This order" className="space-y-2">
      <h2 className="text-sm font-semibold">this order</h2>
      {faults.length > 0 && <Faults answer={answer} take={() => take(answer.order)} />}
      <p>
        <StatusMark status={cost.lost > 0 ? 'look' : 'clear'} /> {buildCostWords(cost)}.
        {!better && (proven ? ' No other order does better (proven).' : ' No better order was found.')}
      </p>
      {better && (
        <div className="space-y-2">
          <p>Another order does better: {buildCostWords(better.cost)}. Nobody is coped otherwise for it.</p>
          <Button onClick={() => take(better.order)}>Take the better order</Button>
        </div>
      )}
      {!roofKnown && (
        <p>
          <StatusMark status="ask" /> Nobody measured the roof over all of it: more may be out of reach.
        </p>
      )}
      {exit && (
        <p>
          <StatusMark status={exit.kind === 'out' ? 'look' : exit.kind === 'blocked' ? 'out' : 'ask'} />{' '}
          <Typeset text={exitWords(exit, style)} />
        </p>
      )}
      {compared.inPlace.lost > 0 && (
        <ul className="text-quiet list-disc space-y-1 pl-5 text-sm">
          {reachComparedWords(answer, style).map((line) => (
            <li key={line}>
              <Typeset text={line} />
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** What the plan's own order of fitting does that cannot be done, and a press that mends it where anything does. */
function Faults({ answer, take }: { answer: BuildAnswer; take: () => void }) {
  const { faults, buildable } = answer;
  return (
    <>
      {faults.map((fault, i) => (
        <p key={i}>
          <StatusMark status="look" /> The plan’s order of fitting cannot be built so:{' '}
          {orderFaultWords(fault, answer)}.
        </p>
      ))}
      {buildable ? (
        <>
          <p>The steps are in the nearest order that can.</p>
          <Button onClick={take}>Fit in the order of the steps</Button>
        </>
      ) : (
        <p>
          No order that can be built was found: the steps are in the plan’s own. Let one of these bars end
          otherwise at Design.
        </p>
      )}
    </>
  );
}

/** Hours left against the days left: to the day on which the car is wanted, or goes to be painted before. */
function WorkLeft({ answer, ticked }: BuildSideProps) {
  const { dueBy, paintOn } = usePlan().brief;
  const taken = useTimesTaken().data ?? [];
  const { minutes, guessed } = timeLeft(answer.steps, (step) => isDone(step, ticked), taken);
  const until = paintOn !== null && (dueBy === null || paintOn < dueBy) ? paintOn : dueBy;
  const days = until === null ? null : differenceInCalendarDays(parseISO(until), new Date());
  const share = minutes > 0 ? Math.round((100 * guessed) / minutes) : 0;
  return (
    <section aria-label="Work left" className="space-y-2">
      <h2 className="text-sm font-semibold">
        {until === null ? 'no date is set at Brief' : `before ${format(parseISO(until), 'd MMMM')}`}
        {until !== null && until === paintOn && ', when it goes to be painted'}
      </h2>
      <div className="flex gap-8">
        <Figure label="work left" text={`${Math.round(minutes / 60)} h`} large />
        {days !== null && (
          <Figure label={days < 0 ? 'days over' : 'days left'} text={String(Math.abs(days))} large />
        )}
      </div>
      {paintOn !== null && dueBy !== null && paintOn > dueBy && (
        <p>
          <StatusMark status="look" /> It goes to be painted on {format(parseISO(paintOn), 'd MMMM')}, after
          the day on which it is wanted.
        </p>
      )}
      {share > 0 && (
        <p className="text-quiet text-sm">
          {share === 100 ? 'All of it is' : `${share} % of it is`} a guess, until minutes were kept of such
          steps.
        </p>
      )}
    </section>
  );
}

/** What is to be got, ticked off when it is at hand. */
function Shopping({ ticked }: { ticked: Map<string, Ticked> }) {
  const { jobId = '' } = useParams();
  const plan = usePlan();
  const style = useJobStyle();
  const [cut] = useCutPlans(jobId).data ?? [];
  const [who] = useWho();
  const wanted = wantedFor(plan, useCopes(), cut, style);
  return (
    <section aria-label="To be got" className="space-y-2">
      <h2 className="text-sm font-semibold">to be got</h2>
      {wanted.length === 0 && <p>Nothing is missing.</p>}
      {wanted.length > 0 && who.trim() === '' && (
        <p className="text-quiet text-sm">Say who at a step, and tick off what is at hand.</p>
      )}
      <ul className="bg-sheet border-rule rounded-machined border">
        {wanted.map((one) => (
          <WantedRow key={one.tick} wanted={one} has={ticked.get(one.tick)} />
        ))}
      </ul>
      <Link to={`/jobs/${jobId}/build/tube`} className="inline-flex min-h-10 items-center underline">
        The cut plan
      </Link>
    </section>
  );
}

function WantedRow({ wanted, has }: { wanted: Wanted; has: Ticked | undefined }) {
  const [who] = useWho();
  const write = useWriteEntry();
  const make = useMakeEntry();
  const { tick, what, why, blocks } = wanted;
  const flip = () =>
    write.mutate(
      make({
        ...{ kind: has ? 'undone' : 'done', ticks: [tick], who, title: `${what} at hand` },
      }),
    );
  return (
    <li className="border-rule border-b p-3 last:border-b-0">
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="accent-ink size-6 shrink-0"
          aria-label={`${what} is at hand`}
          checked={has !== undefined}
          disabled={who.trim() === '' || write.isPending}
          onChange={flip}
        />
        <span className="min-w-0 flex-1">
          <b className={has ? 'text-quiet line-through' : ''}>
            <Typeset text={what} />
          </b>
          <span className="text-quiet block text-sm">
            <Typeset text={has ? `at hand, says ${has.who}` : why} />
          </span>
        </span>
        {!has && <StatusMark status={blocks ? 'out' : 'look'} word={blocks ? 'blocks' : 'soon'} />}
      </label>
    </li>
  );
}
