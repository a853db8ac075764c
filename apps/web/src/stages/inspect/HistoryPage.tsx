import { EMPTY_SHOP } from '@gyrus/core';
import {
  type HistoryEvent,
  historyOf,
  historySeams,
  type HistorySources,
  historyTubes,
} from '@gyrus/formats';
import { useQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { useParams } from 'react-router';
import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { KeptPhotos } from '../../job/photos/KeptPhotos.tsx';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { useCloseJob } from '../../job/useCloseJob.ts';
import { WhoField } from '../../shared/fields/WhoField.tsx';
import { Button } from '../../shared/frame/Button.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { Cell, PlainTable, TableRow } from '../../shared/figures/PlainTable.tsx';
import { Loading, Trouble } from '../../shared/frame/Waiting.tsx';
import { api } from '../../shared/server/api.ts';
import { useWho } from '../../shared/server/useWho.ts';
import { useRuleBooks, useShop } from '../../shared/server/queries.ts';
import { InspectTabs } from './InspectTabs.tsx';

/** What was done for the job on one page: its tubes with batch and certificate, and everything by who and when. */
export function HistoryPage() {
  const { jobId = '' } = useParams();
  const branch = usePlanStore((state) => state.branch);
  const style = useJobStyle();
  const sources = useQuery({
    queryKey: ['history', jobId, branch],
    queryFn: () => api<HistorySources>(`jobs/${jobId}/history?branch=${encodeURIComponent(branch)}`),
    staleTime: 0,
  });
  const paper = style.unit === 'in' ? 'letter' : 'a4';
  return (
    <div className="mx-auto max-w-[1560px] space-y-5 p-5">
      <InspectTabs />
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-3xl">History</h1>
        <a
          href={`/api/jobs/${jobId}/history.pdf?branch=${encodeURIComponent(branch)}&unit=${style.unit}&paper=${paper}`}
          target="_blank"
          rel="noreferrer"
          className="border-edge bg-sheet rounded-machined inline-flex min-h-10 items-center border px-3.5 font-semibold"
        >
          Print the history
        </a>
      </div>
      <Tubes />
      {sources.isPending && <Loading what="what was done" />}
      {sources.isError && <Trouble error={sources.error} retry={() => void sources.refetch()} />}
      {sources.data && <Seams sources={sources.data} />}
      {sources.data && <Events sources={sources.data} />}
      <CloseJob jobId={jobId} />
    </div>
  );
}

/** When all is done: nothing in the job changes after it. */
function CloseJob({ jobId }: { jobId: string }) {
  const closed = usePlanStore((state) => state.closed);
  const saved = usePlanStore((state) => state.saveState === 'saved');
  const [who] = useWho();
  const close = useCloseJob(jobId);
  if (closed) return null;
  return (
    <section aria-label="Close the job" className="max-w-2xl space-y-2">
      <h2 className="text-lg">When all is done</h2>
      <p>
        A closed job stays as it was: plan, ticks and measurements change no more, until somebody opens it
        again. The next car of the model starts from a copy of it.
      </p>
      <div className="grid items-end gap-3 sm:grid-cols-[1fr_auto]">
        <WhoField label="closed by" />
        <Button
          disabled={who.trim() === '' || !saved || close.isPending}
          onClick={() => close.mutate({ by: who.trim() })}
        >
          Close the job
        </Button>
      </div>
      {!saved && <p className="text-quiet text-sm">What is on screen is not saved yet.</p>}
    </section>
  );
}

function Tubes() {
  const plan = usePlan();
  const shop = useShop().data ?? EMPTY_SHOP;
  return (
    <section aria-label="Tubes">
      <PlainTable caption="Tubes" names={['stamps', 'tube', 'batch', 'certificate']}>
        {historyTubes(plan, shop).map(({ stamp, tube, batch, certificate }) => (
          <TableRow key={stamp}>
            <Cell>
              <b>{stamp}</b>
            </Cell>
            <Cell>
              <Typeset text={tube} />
            </Cell>
            <Cell>{batch}</Cell>
            <Cell>{certificate}</Cell>
          </TableRow>
        ))}
      </PlainTable>
    </section>
  );
}

function Seams({ sources: { entries, procedures } }: { sources: HistorySources }) {
  const seams = historySeams(usePlan(), entries, procedures);
  if (seams.length === 0) return null;
  return (
    <section aria-label="Seams">
      <PlainTable caption="Seams" names={['seam', 'welded by', 'when', 'procedure', 'its samples']}>
        {seams.map(({ seam, who, at, procedure, samples }) => (
          <TableRow key={seam}>
            <Cell whole>
              <b>{seam}</b>
            </Cell>
            <Cell>{who}</Cell>
            <Cell whole>{format(new Date(at), 'd MMM yyyy, HH:mm')}</Cell>
            <Cell>{procedure}</Cell>
            <Cell>{samples || '–'}</Cell>
          </TableRow>
        ))}
      </PlainTable>
    </section>
  );
}

function Events({ sources }: { sources: HistorySources }) {
  const events = historyOf(usePlan(), sources, useRuleBooks().data ?? [], useJobStyle());
  return (
    <section aria-label="What was done">
      {events.length === 0 ? (
        <p className="bg-sheet border-rule rounded-machined border p-5">
          Nothing is written down yet. What is sawn, bent, fitted, welded and measured comes here by itself.
        </p>
      ) : (
        <PlainTable wide caption="What was done" names={['when', 'who', 'what']}>
          {events.map((event, i) => (
            <EventRow key={i} event={event} />
          ))}
        </PlainTable>
      )}
    </section>
  );
}

function EventRow({ event: { at, who, kind, text, note, photos } }: { event: HistoryEvent }) {
  return (
    <TableRow>
      <Cell whole>{at ? format(new Date(at), 'd MMM yyyy, HH:mm') : 'before'}</Cell>
      <Cell>{who}</Cell>
      <Cell>
        <b>{kind}</b> <Typeset text={text} />
        {note && <span className="block">“{note}”</span>}
        <KeptPhotos photos={photos} />
      </Cell>
    </TableRow>
  );
}
