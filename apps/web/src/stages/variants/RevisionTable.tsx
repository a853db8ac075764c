import { type RevisionSummary } from '@gyrus/contract';
import { format } from 'date-fns';
import { useState } from 'react';
import { Button } from '../../shared/frame/Button.tsx';
import { type Column, DataTable } from '../../shared/figures/DataTable.tsx';
import { restore } from './variantSteps.ts';

/** Unnamed revisions shown before more are asked for: one is kept at every pause in typing. */
const RECENT = 12;

/** Revisions with a name, and the newest without one. */
export function RevisionTable({ jobId, revisions }: { jobId: string; revisions: RevisionSummary[] }) {
  const [all, setAll] = useState(false);
  const shown = revisions.filter((one, i) => all || one.note !== '' || i < RECENT);
  const columns: Column<RevisionSummary>[] = [
    { name: 'revision', cell: (one) => one.number, sortBy: (one) => one.number },
    {
      name: 'name',
      cell: (one) =>
        one.note === '' ? <span className="text-quiet">saved on the way</span> : <b>{one.note}</b>,
    },
    { name: 'saved', cell: (one) => format(new Date(one.createdAt), 'd MMM yyyy, HH:mm') },
    {
      name: '',
      cell: (one) => (
        <Button aria-label={`Restore revision ${one.number}`} onClick={() => void restore(jobId, one.number)}>
          Restore
        </Button>
      ),
    },
  ];
  return (
    <>
      <DataTable caption="Revisions" rows={shown} columns={columns} rowKey={(one) => one.id} />
      {shown.length < revisions.length && (
        <Button onClick={() => setAll(true)}>Show all {revisions.length}</Button>
      )}
    </>
  );
}
