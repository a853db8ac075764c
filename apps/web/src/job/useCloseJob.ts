import { type JobDetail, type UpdateJobDto } from '@gyrus/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { toast } from 'sonner';
import { api } from '../shared/server/api.ts';

/** Closes a job by somebody, or opens it again by nobody. */
export function useCloseJob(id: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (closed: UpdateJobDto['closed']) => api<JobDetail>(`jobs/${id}`, 'PATCH', { closed }),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: ['job', id] });
      await client.invalidateQueries({ queryKey: ['jobs'] });
    },
    onError: (error) => toast.error(error.message),
  });
}
