import { type KeptCutPlan } from '@gyrus/contract';
import { formatWithUnit, type PlannedStick } from '@gyrus/core';
import { formatISO } from 'date-fns';
import { type ReactNode, useState } from 'react';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { StatusMark } from '../../../shared/figures/StatusMark.tsx';
import { Button } from '../../../shared/frame/Button.tsx';
import { useWho } from '../../../shared/server/useWho.ts';
import { SpoiledDialog } from './SpoiledDialog.tsx';
import { useCutPlanChange } from './useCutPlans.ts';
import { writtenIn } from '../../../shared/fields/writtenIn.ts';

/** What is kept of a stick is worth a place on the rack from here on. mm; common practice */
const WORTH_KEEPING = 150;

interface StickRowProps {
  stick: PlannedStick;
  /** Through all groups of the plan, from 0. */
  number: number;
  /** Of the longest stick of the plan: sticks are drawn to one scale. */
  share: number;
  job: string;
  kept: KeptCutPlan;
}

/** A stick to scale: what is sawn is grey, what is still in it blue; each piece is ticked, and what is left goes back on the rack by one tap. */
export function StickRow({ stick, number, share, job, kept }: StickRowProps) {
  const style = useJobStyle();
  const done = kept.done.find((one) => one.stick === number);
  const isSawn = (place: number) => kept.sawn.some((one) => one.stick === number && one.place === place);
  const nameOf = (id: string) => kept.jobs.find((one) => one.id === id)?.name ?? 'another job';
  const [spoiled, setSpoiled] = useState<string | null>(null);
  return (
    <li aria-label={`stick ${number + 1}`}>
      <p className="text-quiet text-sm">
        stick {number + 1}: <Typeset text={formatWithUnit(stick.length, style)} />, <From stick={stick} />
        {stick.batch && `, batch ${stick.batch}`}
      </p>
      <div
        className="border-ink bg-sheet flex h-9 border-2"
        style={{ width: `${share * 100}%` }}
        aria-hidden="true"
      >
        {stick.pieces.map(({ stamp, length }, place) => (
          <span
            key={place}
            className={`border-ink flex items-center justify-center overflow-hidden border-r-2 font-semibold ${isSawn(place) ? 'bg-rule text-ink' : 'bg-steel-deep text-scribe'}`}
            style={{ width: `${(100 * length) / stick.length}%` }}
          >
            {stamp}
          </span>
        ))}
      </div>
      <ul className="mt-1 flex flex-wrap gap-x-5">
        {stick.pieces.map((piece, place) => (
          <li key={place} className="flex items-center gap-1">
            <Tick kept={kept} job={job} stick={number} place={place} name={piece.stamp}>
              <b>{piece.stamp}</b> <Typeset text={formatWithUnit(piece.length, style)} />
              {piece.spare && ' spare'}
              {piece.job !== job && `, ${nameOf(piece.job)}`}
            </Tick>
            {isSawn(place) && piece.job === job && (
              <Button kind="quiet" onClick={() => setSpoiled(piece.piece)}>
                {piece.stamp} is spoiled
              </Button>
            )}
          </li>
        ))}
      </ul>
      {done ? (
        <p>
          <StatusMark status="clear" /> Done with, says {done.who}
          {done.offcut ? '; its offcut is on the rack' : '; nothing of it was kept'}.
        </p>
      ) : (
        kept.promised &&
        stick.pieces.every((_, place) => isSawn(place)) && (
          <Offcut kept={kept} job={job} stick={number} left={stick.offcut} place={stick.place} />
        )
      )}
      {spoiled !== null && (
        <SpoiledDialog piece={spoiled} batch={stick.batch} onClose={() => setSpoiled(null)} />
      )}
    </li>
  );
}

const From = ({ stick: { from, place } }: { stick: PlannedStick }) =>
  'buy' in from ? <b>to be bought</b> : <>from the rack{place && `, ${place}`}</>;

interface TickProps {
  kept: KeptCutPlan;
  job: string;
  stick: number;
  place: number;
  name: string;
  children: ReactNode;
}

/** A piece to tick when it is sawn: by whom, and when. */
function Tick({ kept, job, stick, place, name, children }: TickProps) {
  const [who] = useWho();
  const change = useCutPlanChange(job);
  const sawn = kept.sawn.find((one) => one.stick === stick && one.place === place);
  const tick = () => change.mutate({ sawn: kept.id, body: { stick, place, who, at: formatISO(new Date()) } });
  return (
    <label className="flex min-h-11 items-center gap-2">
      <input
        type="checkbox"
        className="accent-ink size-6"
        aria-label={`${name} is sawn`}
        checked={sawn !== undefined || change.isPending}
        disabled={!kept.promised || sawn !== undefined || who.trim() === '' || change.isPending}
        onChange={tick}
      />
      <span>{children}</span>
    </label>
  );
}

interface OffcutProps {
  kept: KeptCutPlan;
  job: string;
  stick: number;
  left: number;
  /** Where the stick lay. */
  place: string;
}

/** What is left of a stick that is sawn: back on the rack by one tap, or thrown away. */
function Offcut({ kept, job, stick, left, place }: OffcutProps) {
  const style = useJobStyle();
  const [who] = useWho();
  const change = useCutPlanChange(job);
  const finish = (keep: boolean) =>
    change.mutate({
      done: kept.id,
      body: {
        ...{ id: crypto.randomUUID(), stick, who, at: formatISO(new Date()), place },
        length: keep ? writtenIn(left, style) : null,
      },
    });
  return (
    <p className="flex flex-wrap items-center gap-2">
      {left >= WORTH_KEEPING && (
        <Button disabled={change.isPending} onClick={() => finish(true)}>
          Put the offcut of {formatWithUnit(left, style)} on the rack
        </Button>
      )}
      <Button
        kind={left >= WORTH_KEEPING ? 'quiet' : 'plain'}
        disabled={change.isPending}
        onClick={() => finish(false)}
      >
        Nothing of it is kept
      </Button>
    </p>
  );
}
