import { type JobDetail, MAIN_BRANCH } from '@gyrus/contract';
import { type Evaluation, hoopAnswerOf } from '@gyrus/core';
import { GitBranch, Printer, Redo2, Undo2 } from 'lucide-react';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Link, Navigate, Outlet, useLocation, useParams } from 'react-router';
import { Button } from '../shared/Button.tsx';
import { ErrorBoundary } from '../shared/ErrorBoundary.tsx';
import { Header } from '../shared/Header.tsx';
import { Loading, Trouble } from '../shared/Waiting.tsx';
import { useJob } from '../shared/queries.ts';
import { Segmented } from '../shared/Segmented.tsx';
import { ClashDialog } from './ClashDialog.tsx';
import { branchOf } from './draft.ts';
import { usePlan, usePlanStore } from './planStore.ts';
import { PaletteKeys } from './PaletteKeys.tsx';
import { SaveMark } from './SaveMark.tsx';
import { StageTape } from './StageTape.tsx';
import { useAutosave } from './useAutosave.ts';
import { EvaluationContext, FindingsContext, useEvaluationOf, useFindingsOf } from './useEvaluation.ts';
import { useKeptHistory } from './useKeptHistory.ts';
import { useUndoKeys } from './useUndoKeys.ts';

const PrintDialog = lazy(async () => ({ default: (await import('./PrintDialog.tsx')).PrintDialog }));

/** One job: fetched once, then the draft on screen leads. */
export function JobPage() {
  const { jobId = '' } = useParams();
  const job = useJob(jobId, branchOf(jobId));
  const open = usePlanStore((state) => state.open);
  const opened = usePlanStore((state) => state.jobId === jobId && state.history !== null);
  const head = job.data?.head;
  useEffect(() => {
    if (head && usePlanStore.getState().jobId !== jobId) open(jobId, head);
  }, [head, jobId, open]);
  useEffect(() => () => usePlanStore.setState({ jobId: null, history: null }), [jobId]);
  if (job.isError) return <Trouble error={job.error} retry={() => void job.refetch()} />;
  if (!job.data || !opened) return <Loading what="the job" />;
  return <OpenJob job={job.data} />;
}

function OpenJob({ job }: { job: JobDetail }) {
  const plan = usePlan();
  const evaluation = useEvaluationOf(plan);
  const findings = useFindingsOf(plan);
  useAutosave();
  useUndoKeys();
  useKeptHistory();
  return (
    <div className="flex h-full flex-col">
      <EvaluationContext value={evaluation}>
        <JobHeader job={job} evaluation={evaluation} />
      </EvaluationContext>
      {evaluation ? (
        <EvaluationContext value={evaluation}>
          <FindingsContext value={findings}>
            <StageTape plan={plan} evaluation={evaluation} />
            <Stage />
          </FindingsContext>
        </EvaluationContext>
      ) : (
        <Loading what="the answers" />
      )}
      <ClashDialog />
      {evaluation && <PaletteKeys evaluation={evaluation} />}
    </div>
  );
}

/** Each stage has its own error boundary, made anew when the stage changes. */
function Stage() {
  const { pathname } = useLocation();
  return (
    <main className="min-h-0 flex-1 overflow-auto">
      <ErrorBoundary key={pathname} what="This stage">
        <Outlet />
      </ErrorBoundary>
    </main>
  );
}

const UNITS = [
  { value: 'in', text: 'in' },
  { value: 'mm', text: 'mm' },
] as const;

function JobHeader({ job, evaluation }: { job: JobDetail; evaluation: Evaluation | null }) {
  const { units, brief } = usePlan();
  const change = usePlanStore((state) => state.change);
  const branch = usePlanStore((state) => state.branch);
  const undo = usePlanStore((state) => state.undo);
  const redo = usePlanStore((state) => state.redo);
  const canUndo = usePlanStore((state) => (state.history?.past.length ?? 0) > 0);
  const canRedo = usePlanStore((state) => (state.history?.future.length ?? 0) > 0);
  const [printing, setPrinting] = useState(false);
  const hasSheet = evaluation !== null && hoopAnswerOf(evaluation)?.sheet != null;
  const actions = (
    <>
      <SaveMark />
      <Button disabled={!canUndo} onClick={undo} aria-label="Undo" title="Undo (Ctrl+Z)">
        <Undo2 aria-hidden="true" className="size-5" />
      </Button>
      <Button disabled={!canRedo} onClick={redo} aria-label="Redo" title="Redo (Ctrl+Y)">
        <Redo2 aria-hidden="true" className="size-5" />
      </Button>
      <Segmented
        quiet
        label="units"
        value={units.length}
        options={UNITS}
        onChange={(length) => change('units', (plan) => void (plan.units.length = length))}
      />
      <Link
        to="variants"
        className="border-edge bg-sheet rounded-machined inline-flex min-h-10 items-center gap-2 border px-3.5 font-semibold hover:bg-white"
      >
        <GitBranch aria-hidden="true" className="size-5" />
        Variants
      </Link>
      <Button
        disabled={!hasSheet}
        onClick={() => setPrinting(true)}
        title={hasSheet ? '' : 'The sheet is there once Bend has marks'}
      >
        <Printer aria-hidden="true" className="size-5" />
        Print sheet
      </Button>
    </>
  );
  return (
    <Header actions={actions}>
      <span className="font-semibold">{job.name}</span> <span className="text-quiet">{brief.series}</span>
      {branch !== MAIN_BRANCH && <span className="bg-chalk ml-2 px-1.5 font-semibold">{branch}</span>}
      {printing && (
        <Suspense>
          <PrintDialog open onClose={() => setPrinting(false)} />
        </Suspense>
      )}
    </Header>
  );
}

/** A job opens where its work stands: at the brief when it is new, else at the survey. */
export function FirstStage() {
  const plan = usePlan();
  return <Navigate replace to={plan.brief.books.length === 0 ? 'brief' : 'survey'} />;
}
