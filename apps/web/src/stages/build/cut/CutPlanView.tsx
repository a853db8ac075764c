import { type KeptCutPlan } from '@gyrus/contract';
import { type CutGroup, saidIn, sticksOf, writeSaid } from '@gyrus/core';
import { boughtWords, cutTotalsWords, notYetWords, provenWords, tubeWords } from '@gyrus/formats';
import { format } from 'date-fns';
import { usePlanStore } from '../../../job/store/planStore.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { StatusMark } from '../../../shared/figures/StatusMark.tsx';
import { Button } from '../../../shared/frame/Button.tsx';
import { useWho } from '../../../shared/server/useWho.ts';
import { NO_TUBE } from './noTube.ts';
import { StickRow } from './StickRow.tsx';
import { useCutPlanChange } from './useCutPlans.ts';

interface CutPlanViewProps {
  job: string;
  kept: KeptCutPlan;
}

/** A cut plan as it was laid out: whose tube it is, every stick to scale, and what has no place in it. */
export function CutPlanView({ job, kept }: CutPlanViewProps) {
  const style = useJobStyle();
  const { plan, notYet } = kept;
  const own = notYet.filter((one) => one.job === job);
  const there = own.filter(({ why }) => why === 'there').map(({ stamp }) => stamp);
  const sticks = sticksOf(plan);
  return (
    <div className="space-y-5">
      <Head job={job} kept={kept} />
      {there.length > 0 && (
        <p>
          <StatusMark status="clear" /> Sawn already, or reserved for an earlier plan: {there.join(', ')}.
        </p>
      )}
      {plan.groups.length === 0 && plan.faults.length === 0 && (
        <p>{there.length > 0 ? 'There is nothing left to cut for it.' : NO_TUBE}</p>
      )}
      {plan.groups.map((group, i) => (
        <Group
          key={i}
          group={group}
          first={sticks.findIndex((one) => one.group === group)}
          job={job}
          kept={kept}
        />
      ))}
      {plan.faults.map(({ tube, stamps, fault }) => (
        <p key={stamps.join()}>
          <StatusMark status="out" /> <b>{stamps.join(', ')}</b>, {tubeWords({ ...tube, batch: '' })}:{' '}
          {writeSaid(saidIn(fault), style)}.
        </p>
      ))}
      {own
        .filter(({ why }) => why !== 'there')
        .map((one) => (
          <p key={one.stamp}>
            <StatusMark status="ask" /> {notYetWords(one)}.
          </p>
        ))}
    </div>
  );
}

/** Of which revision it is, and whose its tube is; what can be done with it. */
function Head({ job, kept }: { job: string; kept: KeptCutPlan }) {
  const [who] = useWho();
  const style = useJobStyle();
  const change = useCutPlanChange(job);
  const saved = usePlanStore((store) => store.base.number);
  const { id, plan, promised, jobs, sawn } = kept;
  const own = jobs.find((one) => one.id === job);
  const print = `/api/cut-plans/${id}/cut-plan.pdf?paper=${style.unit === 'in' ? 'letter' : 'a4'}&unit=${style.unit}`;
  return (
    <div className="flex flex-wrap items-center justify-between gap-3">
      <div>
        <p>
          {jobs.map(({ name }) => name).join(', ')}, laid out by {kept.who},{' '}
          {format(new Date(kept.at), 'd MMMM, HH:mm')}
        </p>
        {own && own.revision !== saved && (
          <p>
            <StatusMark status="look" /> It is of revision {own.revision}, and the plan is at {saved}: lay it
            out again where lengths have changed.
          </p>
        )}
      </div>
      <div className="flex flex-wrap gap-2">
        <a
          href={print}
          target="_blank"
          rel="noreferrer"
          className="border-edge bg-sheet rounded-machined inline-flex min-h-10 items-center border px-3.5 font-semibold"
        >
          Print the cut plan
        </a>
        {promised ? (
          <Button disabled={sawn.length > 0 || change.isPending} onClick={() => change.mutate({ letGo: id })}>
            Let its tube go
          </Button>
        ) : (
          <Button
            kind="strong"
            disabled={who.trim() === '' || change.isPending || plan.groups.length === 0}
            onClick={() => change.mutate({ promise: id, who })}
          >
            Reserve its tube
          </Button>
        )}
      </div>
    </div>
  );
}

interface GroupProps {
  group: CutGroup;
  /** The number of its first stick, through all groups. */
  first: number;
  job: string;
  kept: KeptCutPlan;
}

function Group({ group, first, job, kept }: GroupProps) {
  const style = useJobStyle();
  const bought = boughtWords(group, style);
  const longest = Math.max(...sticksOf(kept.plan).map(({ stick }) => stick.length));
  return (
    <section aria-label={tubeWords({ ...group.tube, batch: '' })} className="space-y-2">
      <h2 className="text-lg">
        <Typeset text={tubeWords({ ...group.tube, batch: '' })} />
      </h2>
      <p>
        <StatusMark status={group.proven ? 'clear' : 'look'} /> {provenWords(group)}.{' '}
        <Typeset text={cutTotalsWords(group, style)} />{' '}
        {bought !== null && (
          <b>
            <Typeset text={bought} />
          </b>
        )}
      </p>
      <ol className="space-y-4">
        {group.sticks.map((stick, i) => (
          <StickRow
            key={first + i}
            stick={stick}
            number={first + i}
            share={stick.length / longest}
            job={job}
            kept={kept}
          />
        ))}
      </ol>
    </section>
  );
}
