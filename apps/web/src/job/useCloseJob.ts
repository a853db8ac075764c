import { type JobDetail, type UpdateJobDto } from '@gyrus/contract';
import { useMutation } from '@tanstack/react-query';
import { toast } from '../shared/frame/toast.ts';
import { api } from '../shared/server/api.ts';
import { useAskAgain } from '../shared/server/useAskAgain.ts';

/** Closes a job by somebody, or opens it again by nobody. */
export function useCloseJob(id: string) {
  const askAgain = useAskAgain();
  return useMutation({
    mutationFn: (closed: UpdateJobDto['closed']) => api<JobDetail>(`jobs/${id}`, 'PATCH', { closed }),
    onSuccess: async () => {
      await askAgain({ queryKey: ['job', id] });
      await askAgain({ queryKey: ['jobs'] });
    },
    onError: (error) => toast.error(error.message),
  });
}
