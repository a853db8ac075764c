import { type JobDetail } from '@gyrus/contract';
import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { toast } from '../shared/frame/toast.ts';
import { api } from '../shared/server/api.ts';
import { useAskAgain } from '../shared/server/useAskAgain.ts';

/** Starts a job by what a form says, and opens it at a stage. path: of the door that makes it */
export function useStartJob<Dto>(path: string, stage: string) {
  const askAgain = useAskAgain();
  const navigate = useNavigate();
  return useMutation({
    mutationFn: (dto: Dto) => api<JobDetail>(path, 'POST', dto),
    onSuccess: async ({ id }) => {
      await askAgain({ queryKey: ['jobs'] });
      await navigate(`/jobs/${id}/${stage}`);
    },
    onError: (error) => toast.error(error.message),
  });
}
