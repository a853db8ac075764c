import { type Revision, type RevisionSummary } from '@gyrus/contract';
import { MAIN_BRANCH } from '@gyrus/contract/constants';
import { EMPTY_SHOP } from '@gyrus/core';
import { useQueries } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { usePlanStore } from '../../job/store/planStore.ts';
import { useCutting } from '../build/cut/keptCutting.ts';
import { comparedOf, variantName } from './comparedOf.ts';
import { BesideJob } from './BesideJob.tsx';
import { fetchRevision, useRuleBooks, useShop, useVariants } from '../../shared/server/queries.ts';
import { Button } from '../../shared/frame/Button.tsx';
import { Loading, Trouble } from '../../shared/frame/Waiting.tsx';
import { type Compared, CompareTable } from './CompareTable.tsx';
import { NameForm } from './NameForm.tsx';
import { RevisionTable } from './RevisionTable.tsx';
import { goOnWith, nameRevision, startVariant } from './variantSteps.ts';
import { useAskAgain } from '../../shared/server/useAskAgain.ts';

/** Variants of the plan side by side, and its revisions, which can be named and restored. */
export function VariantsPage() {
  const { jobId = '' } = useParams();
  const heads = useVariants(jobId);
  if (heads.isError) return <Trouble error={heads.error} retry={() => void heads.refetch()} />;
  if (!heads.data) return <Loading what="the variants" />;
  return (
    <div className="space-y-8 p-5">
      <Variants jobId={jobId} heads={mainFirst(heads.data)} />
      <BesideJob jobId={jobId} />
      <Revisions jobId={jobId} />
    </div>
  );
}

interface VariantsProps {
  jobId: string;
  /** The newest revision of every variant; the main plan first. */
  heads: RevisionSummary[];
}

function useRefresh(jobId: string) {
  const askAgain = useAskAgain();
  return () => askAgain({ queryKey: ['revisions', jobId] });
}

function Variants({ jobId, heads }: VariantsProps) {
  const branch = usePlanStore((state) => state.branch);
  const refresh = useRefresh(jobId);
  const { compared, failed } = useCompared(jobId, heads);
  return (
    <section aria-label="Variants" className="space-y-4">
      <h1 className="text-2xl">
        Variants <span className="text-quiet text-base font-medium">less is better, but for room</span>
      </h1>
      <p className="text-quiet max-w-3xl">
        A variant goes its own way from here: a single diagonal against an X, a straight harness bar against
        an offset one. Changes of one never touch the other.
      </p>
      {failed.map((why) => (
        <p key={why} role="alert" className="text-out font-semibold">
          {why}
        </p>
      ))}
      {compared.length > 0 && (
        <CompareTable caption="Variants compared" compared={compared} current={variantName(branch)} />
      )}
      <div className="flex flex-wrap gap-3">
        {heads
          .filter((head) => head.branch !== branch)
          .map((head) => (
            <Button key={head.branch} onClick={() => void goOnWith(jobId, head)}>
              Go on with {head.branch}
            </Button>
          ))}
      </div>
      <NameForm
        label="start a variant from what is on screen, named"
        action="Start the variant"
        taken={heads.map((head) => head.branch)}
        onName={(name) => startVariant(name).then(refresh)}
      />
    </section>
  );
}

function Revisions({ jobId }: { jobId: string }) {
  const branch = usePlanStore((state) => state.branch);
  const saveState = usePlanStore((state) => state.saveState);
  const refresh = useRefresh(jobId);
  return (
    <section aria-label="Revisions" className="space-y-4">
      <h2 className="text-2xl">
        Revisions{' '}
        <span className="text-quiet text-base font-medium">
          of {branch === MAIN_BRANCH ? 'the main plan' : branch}
        </span>
      </h2>
      <NameForm
        label="name what is on screen"
        action="Keep under this name"
        taken={[]}
        onName={(name) => nameRevision(name).then(refresh)}
      />
      <RevisionTable key={saveState} jobId={jobId} branch={branch} />
    </section>
  );
}

const mainFirst = (heads: RevisionSummary[]): RevisionSummary[] =>
  [...heads].sort(
    (a, b) =>
      Number(b.branch === MAIN_BRANCH) - Number(a.branch === MAIN_BRANCH) || a.branch.localeCompare(b.branch),
  );

/** The answers of every variant, as far as they are there. */
function useCompared(jobId: string, heads: RevisionSummary[]): { compared: Compared[]; failed: string[] } {
  const shop = useShop().data ?? EMPTY_SHOP;
  const books = useRuleBooks().data;
  const [{ guided }] = useCutting();
  const answers = useQueries({
    queries: heads.map((head) => ({
      queryKey: ['compared', jobId, head.number, shop, books, guided],
      enabled: books !== undefined,
      staleTime: Infinity,
      queryFn: async (): Promise<Compared> => {
        const { plan }: Revision = await fetchRevision(jobId, head.number);
        return comparedOf(variantName(head.branch), plan, { shop, books: books ?? [], guided });
      },
    })),
  });
  return {
    compared: answers.flatMap(({ data }) => data ?? []),
    failed: answers.flatMap(({ error }, i) =>
      error ? [`${heads[i]?.branch ?? ''} could not be compared: ${error.message}`] : [],
    ),
  };
}
