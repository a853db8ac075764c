import { type IssuedSheet, type IssuedSummary } from '@gyrus/contract';
import { stateWords } from '../../floor/stateWords.ts';
import { useMutation } from '@tanstack/react-query';
import { format } from 'date-fns';
import { useRef } from 'react';
import { Link, useParams } from 'react-router';
import { toast } from '../../shared/frame/toast.ts';
import { useIssuedSheets } from '../../floor/useIssued.ts';
import { usePlanStore } from '../../job/store/planStore.ts';
import { WhoField } from '../../shared/fields/WhoField.tsx';
import { Button } from '../../shared/frame/Button.tsx';
import { api } from '../../shared/server/api.ts';
import { useWho } from '../../shared/server/useWho.ts';
import { useAskAgain } from '../../shared/server/useAskAgain.ts';

/** Issues a tube's sheet to the floor from the saved revision, and says which of them are out. */
export function IssuePanel({ piece }: { piece: string }) {
  const { jobId = '' } = useParams();
  const [who] = useWho();
  const revision = usePlanStore((store) => store.base.number);
  const saved = usePlanStore((store) => store.saveState === 'saved');
  const issue = useIssue(jobId);
  const out = useIssuedSheets(jobId).data?.filter((sheet) => sheet.piece === piece) ?? [];
  return (
    <section aria-label="To the floor" className="space-y-2">
      <h2 className="text-lg">To the floor</h2>
      {out.length === 0 && (
        <p className="text-quiet text-sm">
          An issued sheet stays as it is, whatever the plan does after it. At the bender it is walked through
          step by step.
        </p>
      )}
      <ul className="space-y-1" aria-label="Issued sheets">
        {out.map((sheet) => (
          <Out key={sheet.id} sheet={sheet} revision={revision} />
        ))}
      </ul>
      <WhoField label="issued by" />
      <Button
        kind="strong"
        disabled={!saved || who.trim() === '' || issue.isPending}
        onClick={() => issue.mutate({ revision, piece, by: who })}
      >
        Issue revision {revision}
      </Button>
      <Link
        to={`../practice?tube=${piece}`}
        className="inline-flex min-h-10 items-center px-2 font-semibold underline"
      >
        Practise it first
      </Link>
      {!saved && <p className="text-quiet text-sm">The plan is being saved: then it can be issued.</p>}
    </section>
  );
}

const Out = ({ sheet, revision }: { sheet: IssuedSummary; revision: number }) => (
  <li>
    <Link reloadDocument to={`/floor/${sheet.id}`} className="inline-flex min-h-10 items-center underline">
      revision {sheet.revision}, {format(sheet.at, 'd MMM, HH:mm')}
    </Link>{' '}
    <span className="text-quiet">
      by {sheet.by}: {stateWords[sheet.state]}
      {sheet.revision < revision ? `; the plan is at ${revision}` : ''}
    </span>
  </li>
);

/** Issues a sheet and goes to it, as a document of its own: the worker that keeps floor mode sees to no other. What is sent again after a lost answer is the same sheet. */
function useIssue(job: string) {
  const askAgain = useAskAgain();
  const asked = useRef<{ id: string; of: string } | null>(null);
  return useMutation({
    mutationFn: (sheet: { revision: number; piece: string; by: string }) => {
      const of = JSON.stringify(sheet);
      if (asked.current?.of !== of) asked.current = { id: crypto.randomUUID(), of };
      return api<IssuedSheet>(`jobs/${job}/issued`, 'POST', { id: asked.current.id, ...sheet });
    },
    onSuccess: ({ id }) => {
      asked.current = null;
      void askAgain({ queryKey: ['issued'] });
      window.location.assign(`/floor/${id}`);
    },
    onError: (error) => toast.error(error.message),
  });
}
