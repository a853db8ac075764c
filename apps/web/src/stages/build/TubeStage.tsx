import { type KeptCutPlan } from '@gyrus/contract';
import { sticksOf } from '@gyrus/core';
import { useParams } from 'react-router';
import { usePlanStore } from '../../job/store/planStore.ts';
import { Loading, Trouble } from '../../shared/frame/Waiting.tsx';
import { BentOnRack } from './cut/BentOnRack.tsx';
import { CutPlanView } from './cut/CutPlanView.tsx';
import { LayOutForm } from './cut/LayOutForm.tsx';
import { Needs } from './cut/Needs.tsx';
import { BuildTabs } from './BuildTabs.tsx';
import { MassPanel } from './MassPanel.tsx';
import { useCutPlans } from './cut/useCutPlans.ts';

/** Every stick of it is done with. */
const isFinished = ({ plan, done }: KeptCutPlan): boolean => done.length === sticksOf(plan).length;

/** The tube of a cage: what is cut from which stick, what is sawn, and what the rack has for it. */
export function TubeStage() {
  const { jobId = '' } = useParams();
  const branch = usePlanStore((store) => store.branch);
  const plans = useCutPlans(jobId);
  const all = plans.data ?? [];
  // What is being sawn, and what was laid out last; a plan that is done with is history.
  const shown = all.filter((plan, i) => i === 0 || (plan.promised && !isFinished(plan)));
  const older = all.length - shown.length;
  return (
    <div className="space-y-6 p-5">
      <section aria-label="Cut plan" className="space-y-4">
        <div className="flex flex-wrap items-center justify-between gap-3">
          <h1 className="text-2xl">Cut plan</h1>
          <BuildTabs />
        </div>
        <LayOutForm branch={branch} />
        <Needs />
        {plans.isPending && <Loading what="the cut plans" />}
        {plans.isError && <Trouble error={plans.error} retry={() => void plans.refetch()} />}
        {plans.data && shown.length === 0 && (
          <p className="bg-sheet border-rule rounded-machined border p-5">
            Nothing is laid out yet. A press on <b>Lay it out</b> says which sticks this cage is cut from:
            first what lies on the rack, then what is to be bought.
          </p>
        )}
        {shown.map((plan) => (
          <CutPlanView key={plan.id} job={jobId} kept={plan} />
        ))}
        {older > 0 && (
          <p className="text-quiet text-sm">
            {older} older cut plan{older === 1 ? '' : 's'} of this job {older === 1 ? 'is' : 'are'} kept.
          </p>
        )}
      </section>
      <BentOnRack />
      <MassPanel />
    </div>
  );
}
