import { type JobTime, type MadeBend, type MadeBendDto, type Scrap } from '@gyrus/contract';
import { useMutation, useQuery } from '@tanstack/react-query';
import { api } from '../shared/server/api.ts';
import { useAskAgain } from '../shared/server/useAskAgain.ts';

const KEY = ['made-bends'];

/** Every bend of the log, the newest first. */
export const useMadeBends = () =>
  useQuery({ queryKey: KEY, queryFn: () => api<MadeBend[]>('log/bends'), staleTime: 0 });

/** Writes a bend down. The id is the page's: sent again after a lost answer it is the same bend. */
export function useWriteBend() {
  const askAgain = useAskAgain();
  return useMutation({
    mutationFn: ({ id, body }: { id: string; body: MadeBendDto }) =>
      api<MadeBend>(`log/bends/${id}`, 'PUT', body),
    onSuccess: () => askAgain({ queryKey: KEY }),
  });
}

/** Every piece that was thrown away, the newest first. */
export const useScrap = () =>
  useQuery({ queryKey: ['scrap'], queryFn: () => api<Scrap[]>('log/scrap'), staleTime: 0 });

/** How long the steps of each job took, of those with minutes. */
export const useJobTimes = () =>
  useQuery({
    queryKey: ['build-times', 'jobs'],
    queryFn: () => api<JobTime[]>('build-times/jobs'),
    staleTime: 0,
  });
