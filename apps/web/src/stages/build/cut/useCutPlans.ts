import { type CutPlanDto, type KeptCutPlan, type SawnDto, type StickDoneDto } from '@gyrus/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { toast } from '../../../shared/frame/toast.ts';
import { api } from '../../../shared/server/api.ts';
import { useAskAgain } from '../../../shared/server/useAskAgain.ts';

const keyOf = (job: string) => ['cut-plans', job];

/** Cut plans that a job is in, the newest first. */
export const useCutPlans = (job: string) =>
  useQuery({
    queryKey: keyOf(job),
    queryFn: () => api<KeptCutPlan[]>(`cut-plans?job=${job}`),
    staleTime: 0,
  });

/** What can be done with a cut plan. */
type CutPlanChange =
  | { layOut: CutPlanDto }
  | { promise: string; who: string }
  | { letGo: string }
  | { sawn: string; body: SawnDto }
  | { done: string; body: StickDoneDto };

/** Does it, and shows the plan as it then is; the rack is asked again. One after the other: an older answer never comes last. */
export function useCutPlanChange(job: string) {
  const client = useQueryClient();
  const askAgain = useAskAgain();
  return useMutation({
    scope: { id: JSON.stringify(keyOf(job)) },
    mutationFn: send,
    onSuccess: async (plan) => {
      client.setQueryData<KeptCutPlan[]>(keyOf(job), (plans = []) =>
        plans.some(({ id }) => id === plan.id)
          ? plans.map((one) => (one.id === plan.id ? plan : one))
          : [plan, ...plans],
      );
      await Promise.all([keyOf(job), ['rack']].map((queryKey) => askAgain({ queryKey, exact: true })));
    },
    onError: (error) => toast.error(error.message),
  });
}

function send(change: CutPlanChange): Promise<KeptCutPlan> {
  if ('layOut' in change) return api('cut-plans', 'POST', change.layOut);
  if ('promise' in change) return api(`cut-plans/${change.promise}/promise`, 'POST', { who: change.who });
  if ('letGo' in change) return api(`cut-plans/${change.letGo}/promise`, 'DELETE');
  if ('sawn' in change) return api(`cut-plans/${change.sawn}/sawn`, 'POST', change.body);
  return api(`cut-plans/${change.done}/done`, 'POST', change.body);
}
