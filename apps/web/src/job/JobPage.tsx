import { type JobDetail, type Revision } from '@gyrus/contract';
import { MAIN_BRANCH } from '@gyrus/contract/constants';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Navigate, Outlet, useLocation, useMatch, useParams } from 'react-router';
import { ApiFault } from '../shared/server/api.ts';
import { Button } from '../shared/frame/Button.tsx';
import { ErrorBoundary } from '../shared/frame/ErrorBoundary.tsx';
import { Loading, Trouble } from '../shared/frame/Waiting.tsx';
import { useJob } from '../shared/server/queries.ts';
import { branchOf, type Doc, leftDrafts, rememberBranch } from './store/draft.ts';
import { usePlan, usePlanStore } from './store/planStore.ts';
import { Palette } from './palette/Palette.tsx';
import { usePaletteKeys } from './palette/usePalette.ts';
import { Computing } from './Computing.tsx';
import { StageWords } from './StageWords.tsx';
import { StageTape } from './StageTape.tsx';
import { useTabNews } from './store/tabNews.ts';
import { openTabs } from './store/tab.ts';
import { forgetTrouble, useIsStale, useTrouble } from '../answers/trouble.ts';
import { saveNow, useAutosave } from './store/useAutosave.ts';
import { EvaluationContext, FindingsContext, useEvaluationOf, useFindingsOf } from '../answers/useAnswers.ts';
import { useKeptHistory } from './store/useKeptHistory.ts';
import { useSoughtField } from './seek/useSoughtField.ts';
import { useUndoKeys } from './store/useUndoKeys.ts';
import { useStagesAtHand } from '../stages/stages.ts';
import { JobHeader } from './header/JobHeader.tsx';

/** Seldom wanted: they come when they are. */
const ClashDialog = lazy(async () => ({ default: (await import('./ClashDialog.tsx')).ClashDialog }));

const JobBands = lazy(async () => ({ default: (await import('./JobBands.tsx')).JobBands }));

/** One job: fetched once, then the draft on screen leads. */
export function JobPage() {
  const { jobId = '' } = useParams();
  return <JobOf key={jobId} jobId={jobId} />;
}

/** The variant that was worked on last is the one to open; later it is the store that knows which is on screen. */
function JobOf({ jobId }: { jobId: string }) {
  const [branch, setBranch] = useState(() => branchOf(jobId));
  const job = useJob(jobId, branch);
  const opened = usePlanStore((state) => state.jobId === jobId && state.history !== null);
  const head = job.data?.head;
  const isClosed = job.data ? job.data.closed !== null : false;
  const setClosed = usePlanStore((state) => state.setClosed);
  useEffect(() => {
    if (!head) return;
    let left = false;
    void openHead({ jobId, branch }, head, () => !left);
    return () => {
      left = true;
    };
  }, [head, jobId, branch]);
  useEffect(() => setClosed(isClosed), [opened, isClosed, setClosed]);
  useEffect(() => leave, [jobId]);
  if (job.isError && branch !== MAIN_BRANCH && isNotFound(job.error))
    return (
      <NoVariant
        branch={branch}
        toMain={() => (rememberBranch(jobId, MAIN_BRANCH), setBranch(MAIN_BRANCH))}
      />
    );
  if (job.isLoadingError) return <Trouble error={job.error} retry={() => void job.refetch()} />;
  if (!job.data || !opened) return <Loading what="the job" />;
  return <OpenJob job={job.data} />;
}

/** Puts a job on screen that is not there yet, with what this tab or closed ones left of it. */
async function openHead(doc: Doc, head: Revision, wanted: () => boolean): Promise<void> {
  const tabs = await openTabs();
  const { jobId, open } = usePlanStore.getState();
  if (wanted() && jobId !== doc.jobId) open(doc.jobId, head, leftDrafts(doc, tabs));
}

/** What is not saved yet goes on to the server; in any case it is kept in the browser. */
function leave(): void {
  void saveNow();
  usePlanStore.getState().close();
  forgetTrouble();
}

const isNotFound = (error: Error): boolean => error instanceof ApiFault && error.status === 404;

const NoVariant = ({ branch, toMain }: { branch: string; toMain: () => void }) => (
  <div role="alert" className="m-8 max-w-prose space-y-3">
    <h1 className="text-xl">The variant {branch} is not here.</h1>
    <p>It was worked on last in this browser, and the job has none of that name.</p>
    <Button kind="strong" onClick={toMain}>
      Open the main plan
    </Button>
  </div>
);

function OpenJob({ job }: { job: JobDetail }) {
  const plan = usePlan();
  const evaluation = useEvaluationOf(plan);
  const findings = useFindingsOf(plan);
  const failed = useTrouble((state) => state.failed.evaluation !== undefined);
  const stale = useIsStale();
  const clashing = usePlanStore((state) => state.clash !== null);
  const told =
    usePlanStore((state) => state.merged !== null || state.left.length > 0) || stale || job.closed !== null;
  useAutosave();
  useUndoKeys();
  useKeptHistory();
  useTabNews();
  useSoughtField();
  usePaletteKeys();
  useStagesAtHand(evaluation !== null);
  const atNoStage = useMatch('/jobs/:jobId') !== null;
  return (
    <div className="flex h-full flex-col">
      <EvaluationContext value={evaluation}>
        <JobHeader job={job} />
      </EvaluationContext>
      {told && (
        <Suspense>
          <JobBands job={job} />
        </Suspense>
      )}
      {atNoStage && <FirstStage />}
      <EvaluationContext value={evaluation}>
        <FindingsContext value={findings}>
          {/* What the plan alone says is there before anything is worked out. */}
          <StageTape plan={plan} evaluation={evaluation} />
          {evaluation ? (
            <>
              <Computing />
              <Stage />
              <Palette evaluation={evaluation} />
            </>
          ) : (
            !failed && <Loading what="the answers" />
          )}
        </FindingsContext>
      </EvaluationContext>
      {clashing && (
        <Suspense>
          <ClashDialog />
        </Suspense>
      )}
    </div>
  );
}

/** Each stage has its own error boundary, made anew when the stage changes, and begins at its top. */
function Stage() {
  const { pathname } = useLocation();
  const stale = useIsStale();
  return (
    <main
      key={pathname}
      className={`relative min-h-0 flex-1 overflow-auto ${stale ? 'outline-look outline-4 -outline-offset-4 outline-dashed' : ''}`}
    >
      <StageWords page={pathname.split('/')[3] ?? ''} />
      <ErrorBoundary what="This stage">
        <Outlet />
      </ErrorBoundary>
    </main>
  );
}

/** A job opens where its work stands: at the brief when it is new, else at the survey. */
function FirstStage() {
  const plan = usePlan();
  // Gone on from at once: what is pressed on the tape meanwhile comes after it, and counts.
  return <Navigate replace to={plan.brief.books.length === 0 ? 'brief' : 'survey'} />;
}
