import { type JobDetail } from '@gyrus/contract';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { api } from '../shared/server/api.ts';

/** Starts a job by what a form says, and opens it at a stage. path: of the door that makes it */
export function useStartJob<Dto>(path: string, stage: string) {
  const client = useQueryClient();
  const navigate = useNavigate();
  return useMutation({
    mutationFn: (dto: Dto) => api<JobDetail>(path, 'POST', dto),
    onSuccess: async ({ id }) => {
      await client.invalidateQueries({ queryKey: ['jobs'] });
      await navigate(`/jobs/${id}/${stage}`);
    },
    onError: (error) => toast.error(error.message),
  });
}
