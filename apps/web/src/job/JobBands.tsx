import { type JobDetail } from '@gyrus/contract';
import { keysOf } from '@gyrus/core';
import { format } from 'date-fns';
import { toast } from '../shared/frame/toast.ts';
import { planFieldWords, planValueWords } from '@gyrus/formats';
import { Band } from '../shared/frame/Band.tsx';
import { Button } from '../shared/frame/Button.tsx';
import { Typeset } from '../shared/figures/Figure.tsx';
import { type LeftDraft } from './store/draft.ts';
import { takeInLeft } from './store/merging.ts';
import { openDoc, usePlan, usePlanStore } from './store/planStore.ts';
import { useCloseJob } from './useCloseJob.ts';
import { tryAgain, useTrouble } from '../answers/trouble.ts';
import { useJobStyle } from './useJobStyle.ts';

/** What the person at the open job has to know before going on. */
export const JobBands = ({ job }: { job: JobDetail }) => (
  <>
    {job.closed && <ClosedBand id={job.id} closed={job.closed} />}
    <TroubleBand />
    <MergedBand />
    <LeftBand />
  </>
);

/** A closed job stays as it was; it can be opened again. */
function ClosedBand({ id, closed: { by, at } }: { id: string; closed: NonNullable<JobDetail['closed']> }) {
  const close = useCloseJob(id);
  return (
    <Band
      label="Closed"
      kind="calm"
      actions={
        <Button disabled={close.isPending} onClick={() => close.mutate(null)}>
          Open it again
        </Button>
      }
    >
      <strong>
        {by} closed this job on {format(new Date(at), 'd MMMM yyyy, HH:mm')}.
      </strong>{' '}
      Nothing in it changes any more. It can be copied as the start of the next car of the model at Jobs.
    </Band>
  );
}

const NAMES = {
  evaluation: 'The cage',
  copes: 'The copes',
  cockpit: 'The people in the cage',
  findings: 'The findings',
} as const;

/** Answers that could not be worked out: those on screen are of an earlier plan. */
function TroubleBand() {
  const failed = useTrouble((state) => state.failed);
  const what = keysOf(NAMES).find((one) => failed[one] !== undefined);
  if (!what) return null;
  const why = failed[what];
  return (
    <Band
      label="Stale answers"
      kind="loud"
      actions={
        <Button kind="strong" onClick={tryAgain}>
          Work it out again
        </Button>
      }
    >
      <strong>{NAMES[what]} could not be worked out, so the answers below are stale.</strong> They are of the
      plan before your last change. What you typed is kept. The program says: {why}
    </Band>
  );
}

/** So many changes are listed one by one. */
const MOST_LISTED = 4;

/** Somebody else's changes that are in the plan on screen now. */
function MergedBand() {
  const merged = usePlanStore((state) => state.merged);
  const seen = usePlanStore((state) => state.seenMerge);
  const undo = usePlanStore((state) => state.undo);
  const undone = usePlanStore((state) => state.history?.past.at(-1) !== state.merged?.before);
  const plan = usePlan();
  const style = useJobStyle();
  if (!merged) return null;
  const more = merged.changes.length - MOST_LISTED;
  const from = merged.revision ? `revision ${merged.revision.number}` : 'a window that was closed';
  return (
    <Band
      label="Merged changes"
      kind="calm"
      actions={
        <>
          {!undone && (
            <Button
              onClick={() => {
                undo();
                seen();
              }}
            >
              Take them out again
            </Button>
          )}
          <Button kind="strong" onClick={seen}>
            Seen
          </Button>
        </>
      }
    >
      <strong>Changes of {from} are in here now, beside yours:</strong>{' '}
      {merged.changes.slice(0, MOST_LISTED).map(({ path, from: before, to }, i) => (
        <span key={path.join('/')}>
          {i > 0 && '; '}
          {planFieldWords(path, [plan, merged.before])} <Typeset text={planValueWords(before, style)} /> →{' '}
          <strong>
            <Typeset text={planValueWords(to, style)} />
          </strong>
        </span>
      ))}
      {more > 0 && `; and ${more} more`}
    </Band>
  );
}

/** What was typed in a window that was closed before the server had it. */
function LeftBand() {
  const [left] = usePlanStore((state) => state.left);
  const drop = usePlanStore((state) => state.dropLeft);
  if (!left) return null;
  return (
    <Band
      label="Left unsaved"
      kind="calm"
      actions={
        <>
          <Button onClick={() => drop(left)}>Throw it away</Button>
          <Button kind="strong" onClick={() => void putIn(left)}>
            Put it in here
          </Button>
        </>
      }
    >
      <strong>Another window of this browser was closed before its work was saved.</strong> It went on from
      revision {left.draft.base.number} and is kept here.
    </Band>
  );
}

async function putIn(left: LeftDraft): Promise<void> {
  const doc = openDoc();
  if (!doc) return;
  try {
    await takeInLeft(doc, left);
  } catch (error) {
    toast.error(`It stays kept: ${error instanceof Error ? error.message : String(error)}`);
  }
}
