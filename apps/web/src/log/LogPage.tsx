import { type MadeBend } from '@gyrus/contract';
import { formatAngle, writtenLength } from '@gyrus/core';
import { format } from 'date-fns';
import { Download } from 'lucide-react';
import { useJobs } from '../shared/server/queries.ts';
import { type Column, DataTable } from '../shared/figures/DataTable.tsx';
import { Typeset } from '../shared/figures/Figure.tsx';
import { Header } from '../shared/frame/Header.tsx';
import { Loading, Trouble } from '../shared/frame/Waiting.tsx';
import { useMadeBends } from './madeBends.ts';

/** Every bend that the shop has written down. */
export function LogPage() {
  const bends = useMadeBends();
  const jobs = useJobs().data ?? [];
  const nameOf = (id: string) => jobs.find((job) => job.id === id)?.name ?? '';
  return (
    <div className="flex min-h-full flex-col">
      <Header
        actions={
          <a
            href="/api/log/bends.csv"
            className="inline-flex min-h-10 items-center gap-2 px-3 font-semibold underline"
          >
            <Download aria-hidden="true" className="size-5" />
            As CSV
          </a>
        }
      />
      <main className="mx-auto w-full max-w-6xl space-y-6 p-6">
        <h1 className="text-3xl">Log</h1>
        {bends.isPending && <Loading what="the log" />}
        {bends.isError && <Trouble error={bends.error} retry={() => void bends.refetch()} />}
        {bends.data?.length === 0 && (
          <p className="bg-sheet border-rule rounded-machined border p-5">
            No bend is written down yet. At Bend, under <b>What now?</b>, measure one and write it down.
          </p>
        )}
        {bends.data && bends.data.length > 0 && (
          <DataTable
            caption="Bends made"
            rows={bends.data}
            columns={columnsOf(nameOf)}
            rowKey={({ id }) => id}
          />
        )}
      </main>
    </div>
  );
}

const columnsOf = (nameOf: (job: string) => string): Column<MadeBend>[] => [
  { name: 'when', cell: ({ at }) => format(at, 'd MMM yyyy, HH:mm'), sortBy: ({ at }) => at },
  { name: 'job', cell: ({ job }) => nameOf(job), sortBy: ({ job }) => nameOf(job) },
  { name: 'tube', cell: ({ stamp, bend }) => `${stamp}, bend ${bend}`, sortBy: ({ stamp }) => stamp },
  {
    name: 'size',
    cell: ({ tube }) => <Typeset text={`${writtenLength(tube.od)} × ${writtenLength(tube.wall)}`} />,
  },
  { name: 'batch', cell: ({ tube }) => tube.batch, sortBy: ({ tube }) => tube.batch },
  {
    name: 'die',
    cell: ({ machine, dieName }) => <Typeset text={`${machine}: ${dieName}`} />,
    sortBy: ({ dieName }) => dieName,
  },
  { name: 'wanted', cell: ({ target }) => `${formatAngle(target.deg)}°`, sortBy: ({ target }) => target.deg },
  { name: 'dial read', cell: ({ reading }) => (reading ? `${formatAngle(reading.deg)}°` : '–') },
  {
    name: 'released',
    cell: ({ released }) => `${formatAngle(released.deg)}°`,
    sortBy: ({ released }) => released.deg,
  },
  {
    name: 'off',
    cell: ({ released, target }) => `${formatAngle(released.deg - target.deg)}°`,
    sortBy: ({ released, target }) => released.deg - target.deg,
  },
  { name: 'reading', cell: ({ zeroed, slipped }) => (slipped ? 'slipped' : zeroed ? 'sound' : 'not zeroed') },
  { name: 'who', cell: ({ who }) => who, sortBy: ({ who }) => who },
];
