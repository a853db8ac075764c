import { type JobSummary } from '@gyrus/contract';
import { format } from 'date-fns';
import { Plus } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
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
import { JobActions } from './JobActions.tsx';
import { OpenJobFile } from './OpenJobFile.tsx';

/** Forms and their checks come when they are asked for. */
const NewJobForm = lazy(async () => ({ default: (await import('./NewJobForm.tsx')).NewJobForm }));

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
        <div className="mb-4 flex flex-wrap items-center justify-between gap-4">
          <h1 className="text-3xl">{archived ? 'Jobs put away' : 'Jobs'}</h1>
          <div className="flex flex-wrap gap-3">
            {(hidden > 0 || archived) && (
              <Button onClick={() => setArchived(!archived)}>
                {archived ? 'Open jobs' : `Put away (${hidden})`}
              </Button>
            )}
            <OpenJobFile />
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
      <>
        <Link
          to={`/jobs/${job.id}`}
          className="inline-flex min-h-10 items-center text-lg font-semibold underline underline-offset-2"
        >
          {job.name}
          {job.closed && (
            <span className="text-quiet ml-2 text-sm font-medium">closed by {job.closed.by}</span>
          )}
        </Link>
        <div className="text-quiet text-sm sm:hidden">{job.car}</div>
      </>
    ),
  },
  { name: 'car', wide: true, sortBy: (job) => job.car, cell: (job) => job.car || '–' },
  { name: 'series', wide: true, sortBy: (job) => job.series, cell: (job) => job.series || '–' },
  {
    name: 'revision',
    wide: true,
    sortBy: (job) => job.revision,
    cell: (job) => <span className="figure">{job.revision}</span>,
  },
  {
    name: 'changed',
    wide: true,
    sortBy: (job) => job.updatedAt,
    cell: (job) => <span className="figure">{format(new Date(job.updatedAt), 'd MMM yyyy, HH:mm')}</span>,
  },
  {
    name: 'what can be done',
    unseen: true,
    cell: (job) => <JobActions job={job} />,
  },
];

const JobTable = ({ jobs }: { jobs: JobSummary[] }) => (
  <DataTable caption="Jobs" rows={jobs} columns={COLUMNS} rowKey={(job) => job.id} />
);
