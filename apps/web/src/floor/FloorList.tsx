import { type IssuedSummary } from '@gyrus/contract';
import { format } from 'date-fns';
import { stateWords } from './stateWords.ts';
import { useEffect } from 'react';
import { Link } from 'react-router';
import { Trouble } from '../shared/frame/Waiting.tsx';
import { Stamp } from '../shared/figures/Stamp.tsx';
import { FloorFrame } from './FloorFrame.tsx';
import { useSending } from './queue/useSending.ts';
import { forgetDone, useIssuedSheets } from './useIssued.ts';
import { useKeptHere } from './useKeptHere.ts';

/** The sheets that are out at the bender. */
export function FloorList() {
  const sheets = useIssuedSheets();
  useSending();
  useKeptHere();
  useEffect(() => forgetDone(sheets.data ?? []), [sheets.data]);
  const open = sheets.data?.filter(({ state }) => state === 'new' || state === 'begun') ?? [];
  const over = sheets.data?.filter(({ state }) => state === 'done' || state === 'scrap') ?? [];
  return (
    <FloorFrame>
      <div className="flex items-center justify-between gap-4">
        <h1 className="text-4xl">At the bender</h1>
        <Link reloadDocument to="/jobs" className="inline-flex min-h-16 items-center px-4 text-xl underline">
          to the desk
        </Link>
      </div>
      {sheets.isPending && <p className="text-2xl">Fetching the sheets…</p>}
      {sheets.isError && !sheets.data && <Trouble error={sheets.error} retry={() => void sheets.refetch()} />}
      {sheets.data?.length === 0 && (
        <p className="text-2xl">
          No sheet is out yet. At the desk, open a tube at <b>Bend</b> and issue it to the floor.
        </p>
      )}
      <Sheets label="Sheets to bend" sheets={open} />
      {over.length > 0 && (
        <>
          <h2 className="text-quiet mt-4 text-2xl">Done</h2>
          <Sheets label="Sheets that are done" sheets={over} />
        </>
      )}
    </FloorFrame>
  );
}

const Sheets = ({ label, sheets }: { label: string; sheets: IssuedSummary[] }) => (
  <ul aria-label={label} className="grid gap-3 lg:grid-cols-2">
    {sheets.map(({ id, stamp, jobName, revision, by, at, state }) => (
      <li key={id}>
        <Link
          to={`/floor/${id}`}
          className="rounded-machined flex min-h-20 items-center gap-4 border-2 border-[#6f79d8] px-5 py-3 text-2xl"
        >
          <Stamp text={stamp} />
          <span className="min-w-0 flex-1">
            <span className="block truncate font-semibold">{jobName}</span>
            <span className="text-quiet block text-lg">
              revision {revision}, issued by {by}, {format(at, 'd MMM, HH:mm')}
            </span>
          </span>
          <span className="font-semibold">{stateWords[state]}</span>
        </Link>
      </li>
    ))}
  </ul>
);
