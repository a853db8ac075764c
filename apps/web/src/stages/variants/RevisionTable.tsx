import { type RevisionSummary } from '@gyrus/contract';
import { format } from 'date-fns';
import { useState } from 'react';
import { Button } from '../../shared/frame/Button.tsx';
import { type Column, DataTable } from '../../shared/figures/DataTable.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { Loading, Trouble } from '../../shared/frame/Waiting.tsx';
import { useRevisions } from '../../shared/server/queries.ts';
import { restore } from './variantSteps.ts';

/** Unnamed revisions shown before more are asked for: one is kept at every pause in typing. */
const RECENT = 12;

/** Revisions of a variant, what each changed, by whom and when: those with a name, and the newest without one; older ones in pages. */
export function RevisionTable({ jobId, branch }: { jobId: string; branch: string }) {
  const [all, setAll] = useState(false);
  const pages = useRevisions(jobId, branch);
  if (pages.isError) return <Trouble error={pages.error} retry={() => void pages.refetch()} />;
  if (!pages.data) return <Loading what="the revisions" />;
  const revisions = pages.data.pages.flat();
  const shown = revisions.filter((one, i) => all || one.note !== '' || i < RECENT);
  const hidden = revisions.length - shown.length;
  return (
    <>
      <DataTable caption="Revisions" rows={shown} columns={columnsFor(jobId)} rowKey={(one) => one.id} />
      {hidden > 0 && <Button onClick={() => setAll(true)}>Show {hidden} more, saved on the way</Button>}
      {hidden === 0 && pages.hasNextPage && (
        <Button disabled={pages.isFetchingNextPage} onClick={() => void pages.fetchNextPage()}>
          Show older ones
        </Button>
      )}
    </>
  );
}

const columnsFor = (jobId: string): Column<RevisionSummary>[] => [
  { name: 'revision', cell: (one) => one.number, sortBy: (one) => one.number },
  {
    name: 'what changed',
    cell: (one) => (
      <>
        {one.note !== '' && <b>{one.note}</b>}
        {one.note !== '' && one.changes !== '' && ': '}
        <Typeset text={one.changes} />
        {one.note === '' && one.changes === '' && <span className="text-quiet">saved on the way</span>}
      </>
    ),
  },
  {
    name: 'by',
    cell: (one) => one.author || <span className="text-quiet">–</span>,
    sortBy: (one) => one.author,
  },
  { name: 'saved', cell: (one) => format(new Date(one.createdAt), 'd MMM yyyy, HH:mm') },
  {
    name: 'what can be done',
    unseen: true,
    cell: (one) => (
      <Button aria-label={`Restore revision ${one.number}`} onClick={() => void restore(jobId, one.number)}>
        Restore
      </Button>
    ),
  },
];
