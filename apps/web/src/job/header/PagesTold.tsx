import { useQuery } from '@tanstack/react-query';
import { ApiFault, pagesAt } from '../../shared/server/api.ts';
import { usePlanStore } from '../store/planStore.ts';

/** How many pages a print of the saved revision takes. address: from the revision's own on. */
export function PagesTold({ address }: { address: string }) {
  const job = usePlanStore((state) => state.jobId) ?? '';
  const revision = usePlanStore((state) => state.base.number);
  const saved = usePlanStore((state) => state.saveState === 'saved');
  const from = `jobs/${job}/revisions/${revision}/${address}`;
  const { data, error } = useQuery({
    queryKey: ['pages', from],
    queryFn: ({ signal }) => pagesAt(from, signal),
    retry: false,
    enabled: saved,
  });
  return <p aria-live="polite">{wordsOf(saved, error, data ?? null)}</p>;
}

function wordsOf(saved: boolean, error: Error | null, pages: number | null): string {
  if (!saved) return 'Pages are counted once the plan is saved.';
  if (error instanceof ApiFault && error.status === REFUSED) return 'There is nothing of it to print yet.';
  if (error) return `The pages could not be counted: ${error.message}.`;
  if (pages === null) return 'Counting pages…';
  return `${pages === 1 ? 'one page' : `${pages} pages`}, a PDF in a new window`;
}

/** How the server answers where a plan has no such sheet. */
const REFUSED = 422;
