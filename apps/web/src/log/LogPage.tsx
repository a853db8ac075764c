import { type MadeBend, type Scrap } from '@gyrus/contract';
import { formatAngle, formatWithUnit, type LengthStyle, writtenLength } from '@gyrus/core';
import { format } from 'date-fns';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { useJobs } from '../shared/server/queries.ts';
import { type Column, DataTable } from '../shared/figures/DataTable.tsx';
import { useLengthStyle } from '../shared/fields/useLengthStyle.tsx';
import { Typeset } from '../shared/figures/Figure.tsx';
import { Header } from '../shared/frame/Header.tsx';
import { Loading, Trouble } from '../shared/frame/Waiting.tsx';
import { LogCharts } from './LogCharts.tsx';
import { LogRates } from './LogRates.tsx';
import { useJobTimes, useMadeBends, useScrap } from './madeBends.ts';
import { found } from '../shared/figures/found.ts';
import { TextField } from '../shared/fields/TextField.tsx';
import { useTimesTaken } from '../shared/server/queries.ts';

/** What the shop has bent and thrown away: by month, by reason, and one by one. */
export function LogPage() {
  const bends = useMadeBends();
  const scrap = useScrap();
  const jobs = useJobs().data ?? [];
  const [style, unitSwitch] = useLengthStyle();
  const nameOf = (id: string) => jobs.find((job) => job.id === id)?.name ?? '';
  const carOf = (id: string) => jobs.find((job) => job.id === id)?.car ?? '';
  const [words, setWords] = useState('');
  const [allMade, allLost] = [bends.data ?? [], scrap.data ?? []];
  const made = found(allMade, words, (bend) => [carOf(bend.job), ...bendTexts(bend, nameOf(bend.job))]);
  const lost = found(allLost, words, (piece) => [carOf(piece.job), ...scrapTexts(piece, nameOf(piece.job))]);
  const [steps, times] = [useTimesTaken().data ?? [], useJobTimes().data ?? []];
  return (
    <div className="flex min-h-full flex-col">
      <Header
        actions={
          <>
            {unitSwitch}
            <AsCsv of="bends" text="Bends as CSV" />
            <AsCsv of="scrap" text="Scrap as CSV" />
          </>
        }
      />
      <main className="mx-auto w-full max-w-6xl space-y-6 p-6">
        <h1 className="text-3xl">Log</h1>
        {(bends.isPending || scrap.isPending) && <Loading what="the log" />}
        {bends.isError && <Trouble error={bends.error} retry={() => void bends.refetch()} />}
        {scrap.isError && <Trouble error={scrap.error} retry={() => void scrap.refetch()} />}
        {bends.data?.length === 0 && scrap.data?.length === 0 && (
          <p className="bg-sheet border-rule rounded-machined border p-5">
            No bend is written down yet. Issue a tube to the floor at Bend and walk through it there, or
            measure one under <b>What now?</b> and write it down.
          </p>
        )}
        {allMade.length + allLost.length > 0 && (
          <TextField
            label="search all jobs: car, job, tube, die, batch, reason, who"
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
        )}
        {words.trim() !== '' && made.length + lost.length === 0 && (
          <p>Nothing in the log has all of these words.</p>
        )}
        {made.length + lost.length > 0 && <LogCharts bends={made} scrap={lost} style={style} />}
        <LogRates {...{ bends: made, scrap: lost, jobs, steps, times, style }} />
        {made.length > 0 && (
          <DataTable caption="Bends made" rows={made} columns={columnsOf(nameOf)} rowKey={({ id }) => id} />
        )}
        {lost.length > 0 && (
          <DataTable
            caption="Pieces thrown away"
            rows={lost}
            columns={scrapColumns(nameOf, style)}
            rowKey={({ id }) => id}
          />
        )}
      </main>
    </div>
  );
}

/** What of a bend is searched. */
const bendTexts = ({ stamp, machine, dieName, tube, who, note, at }: MadeBend, job: string): string[] => [
  ...[job, stamp, machine, dieName, tube.batch, who, note, at.slice(0, 10)],
];

/** What of a scrapped piece is searched. */
const scrapTexts = ({ stamp, reason, tube, who, note, at }: Scrap, job: string): string[] => [
  ...[job, stamp, reason, tube.batch, who, note, at.slice(0, 10)],
];

const AsCsv = ({ of, text }: { of: 'bends' | 'scrap'; text: string }) => (
  <a
    href={`/api/log/${of}.csv`}
    className="inline-flex min-h-10 items-center gap-2 px-2 font-semibold underline"
  >
    <Download aria-hidden="true" className="size-5" />
    {text}
  </a>
);

const scrapColumns = (nameOf: (job: string) => string, style: LengthStyle): Column<Scrap>[] => [
  { name: 'when', cell: ({ at }) => format(at, 'd MMM yyyy, HH:mm'), sortBy: ({ at }) => at },
  { name: 'job', cell: ({ job }) => nameOf(job), sortBy: ({ job }) => nameOf(job) },
  { name: 'tube', cell: ({ stamp }) => stamp, sortBy: ({ stamp }) => stamp },
  {
    name: 'size',
    cell: ({ tube }) => <Typeset text={`${writtenLength(tube.od)} × ${writtenLength(tube.wall)}`} />,
  },
  { name: 'reason', cell: ({ reason }) => reason, sortBy: ({ reason }) => reason },
  {
    name: 'lost',
    cell: ({ length }) => (length ? <Typeset text={formatWithUnit(length.mm, style)} /> : '–'),
    sortBy: ({ length }) => length?.mm ?? 0,
  },
  { name: 'cost', cell: ({ cost }) => cost?.toFixed(2) ?? '–', sortBy: ({ cost }) => cost ?? 0 },
  { name: 'who', cell: ({ who }) => who, sortBy: ({ who }) => who },
  { name: 'note', cell: ({ note }) => note },
];

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
  {
    name: 'reading',
    cell: ({ zeroed, slipped, aside }) =>
      slipped ? 'slipped' : !zeroed ? 'not zeroed' : aside ? 'left out' : 'sound',
  },
  { name: 'who', cell: ({ who }) => who, sortBy: ({ who }) => who },
];
