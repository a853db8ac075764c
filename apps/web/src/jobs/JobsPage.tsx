import { type JobSummary } from '@gyrus/contract';
import { useMutation } from '@tanstack/react-query';
import { format } from 'date-fns';
import { Archive, ArchiveRestore, Copy, Plus } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { toast } from 'sonner';
import { api } from '../shared/server/api.ts';
import { TextField } from '../shared/fields/TextField.tsx';
import { found } from '../shared/figures/found.ts';
import { Button } from '../shared/frame/Button.tsx';
import { type Column, DataTable } from '../shared/figures/DataTable.tsx';
import { Dialog } from '../shared/frame/Dialog.tsx';
import { Header } from '../shared/frame/Header.tsx';
import { useJobs } from '../shared/server/queries.ts';
import { Loading, Trouble } from '../shared/frame/Waiting.tsx';
import { FirstSteps } from './first/FirstSteps.tsx';
import { useFirstSteps } from './first/useFirstSteps.ts';
import { useAskAgain } from '../shared/server/useAskAgain.ts';

/** Forms and their checks come when they are asked for. */
const NewJobForm = lazy(async () => ({ default: (await import('./NewJobForm.tsx')).NewJobForm }));

const CopyJobForm = lazy(async () => ({ default: (await import('./CopyJobForm.tsx')).CopyJobForm }));

/** Every job, last changed first. */
export function JobsPage() {
  const jobs = useJobs();
  const [address, setAddress] = useSearchParams();
  const steps = useFirstSteps();
  const making = address.has('new');
  const setMaking = (on: boolean) => setAddress(on ? { new: '' } : {}, { replace: true });
  const [archived, setArchived] = useState(false);
  const [words, setWords] = useState('');
  const there = jobs.data?.filter((job) => job.archived === archived) ?? [];
  const shown = found(there, words, ({ name, car, series }) => [name, car, series]);
  const hidden = jobs.data?.filter((job) => job.archived).length ?? 0;
  return (
    <div className="flex h-full flex-col">
      <Header />
      <main className="mx-auto w-full max-w-5xl flex-1 p-6">
        <div className="mb-4 flex items-center justify-between gap-4">
          <h1 className="text-3xl">{archived ? 'Jobs put away' : 'Jobs'}</h1>
          <div className="flex gap-3">
            {(hidden > 0 || archived) && (
              <Button onClick={() => setArchived(!archived)}>
                {archived ? 'Open jobs' : `Put away (${hidden})`}
              </Button>
            )}
            <Button kind="strong" onClick={() => setMaking(true)}>
              <Plus aria-hidden="true" className="size-5" />
              New job
            </Button>
          </div>
        </div>
        {jobs.isError && <Trouble error={jobs.error} retry={() => void jobs.refetch()} />}
        {jobs.isPending && <Loading what="the jobs" />}
        {there.length > 0 && (
          <div className="mb-4 max-w-md">
            <TextField
              label="search by job, car and series"
              type="search"
              value={words}
              onChange={(event) => setWords(event.target.value)}
            />
          </div>
        )}
        {there.length === 0 && archived && (
          <p className="bg-sheet border-rule rounded-machined border p-6">No job is put away.</p>
        )}
        {steps && !archived && steps.some((step) => step.there === null) && <FirstSteps steps={steps} />}
        {there.length > 0 && shown.length === 0 && (
          <p role="status">No job, car or series has all of “{words.trim()}”.</p>
        )}
        {shown.length > 0 && <JobTable jobs={shown} />}
      </main>
      <Dialog title="New job" open={making} onClose={() => setMaking(false)}>
        <Suspense fallback={<Loading what="the form" />}>
          <NewJobForm />
        </Suspense>
      </Dialog>
    </div>
  );
}

const COLUMNS: Column<JobSummary>[] = [
  {
    name: 'job',
    sortBy: (job) => job.name,
    cell: (job) => (
      <Link
        to={`/jobs/${job.id}`}
        className="inline-flex min-h-10 items-center text-lg font-semibold underline underline-offset-2"
      >
        {job.name}
        {job.closed && <span className="text-quiet ml-2 text-sm font-medium">closed by {job.closed.by}</span>}
      </Link>
    ),
  },
  { name: 'car', sortBy: (job) => job.car, cell: (job) => job.car || '–' },
  { name: 'series', sortBy: (job) => job.series, cell: (job) => job.series || '–' },
  {
    name: 'revision',
    sortBy: (job) => job.revision,
    cell: (job) => <span className="figure">{job.revision}</span>,
  },
  {
    name: 'changed',
    sortBy: (job) => job.updatedAt,
    cell: (job) => <span className="figure">{format(new Date(job.updatedAt), 'd MMM yyyy, HH:mm')}</span>,
  },
  {
    name: '',
    cell: (job) => (
      <div className="flex justify-end">
        <CopyJob job={job} />
        <PutAway job={job} />
      </div>
    ),
  },
];

const JobTable = ({ jobs }: { jobs: JobSummary[] }) => (
  <DataTable caption="Jobs" rows={jobs} columns={COLUMNS} rowKey={(job) => job.id} />
);

/** The next car of the model starts with the cage of this one. */
function CopyJob({ job }: { job: JobSummary }) {
  const [copying, setCopying] = useState(false);
  const words = `Copy ${job.name} for the next car`;
  return (
    <>
      <Button kind="quiet" aria-label={words} title={words} onClick={() => setCopying(true)}>
        <Copy aria-hidden="true" className="size-5" />
      </Button>
      <Dialog title={words} open={copying} onClose={() => setCopying(false)}>
        <Suspense fallback={<Loading what="the form" />}>
          <CopyJobForm job={job} />
        </Suspense>
      </Dialog>
    </>
  );
}

/** Jobs are put away and never deleted: their sheets may be on the floor. */
function PutAway({ job }: { job: JobSummary }) {
  const askAgain = useAskAgain();
  const change = useMutation({
    mutationFn: () => api(`jobs/${job.id}`, 'PATCH', { archived: !job.archived }),
    onSuccess: () => askAgain({ queryKey: ['jobs'] }),
    onError: (error) => toast.error(error.message),
  });
  const words = job.archived ? `Take ${job.name} out again` : `Put ${job.name} away`;
  const Icon = job.archived ? ArchiveRestore : Archive;
  return (
    <Button kind="quiet" aria-label={words} title={words} onClick={() => change.mutate()}>
      <Icon aria-hidden="true" className="size-5" />
    </Button>
  );
}
