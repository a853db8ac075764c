import { type BuildEntryDto } from '@gyrus/contract';
import { type BuildEntry, type Ticked, tickedIn } from '@gyrus/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { useParams } from 'react-router';
import { toast } from '../../../shared/frame/toast.ts';
import { usePlanStore } from '../../../job/store/planStore.ts';
import { api } from '../../../shared/server/api.ts';
import { useInTurn } from '../../../shared/server/useInTurn.ts';

const keyOf = (job: string, branch: string) => ['build', job, branch];

/** What was written down of the build of the open variant, in the order in which it came. */
export function useBuildEntries() {
  const { jobId = '' } = useParams();
  const branch = usePlanStore((state) => state.branch);
  return useQuery({
    queryKey: keyOf(jobId, branch),
    queryFn: () => api<BuildEntry[]>(`jobs/${jobId}/build?branch=${encodeURIComponent(branch)}`),
    // Somebody else ticks at the car.
    refetchInterval: 10_000,
    staleTime: 0,
  });
}

const NOTHING: BuildEntry[] = [];

/** What is ticked off, by whom and when. */
export function useTicked(): Map<string, Ticked> {
  const entries = useBuildEntries().data ?? NOTHING;
  return useMemo(() => tickedIn(entries), [entries]);
}

type Own = 'kind' | 'ticks' | 'who' | 'title';

/** What an entry says: what it is of, and whatever else there is to say. */
export type EntrySaid = Pick<BuildEntryDto, Own> & Partial<Omit<BuildEntryDto, Own | 'id' | 'branch' | 'at'>>;

const NOTHING_ELSE = { took: null, readings: [], note: '', photos: [], procedure: null };

/** Writes an entry down; it is sent again under the same id where no answer came. */
export function useWriteEntry() {
  const { jobId = '' } = useParams();
  const branch = usePlanStore((state) => state.branch);
  return useInTurn({
    of: keyOf(jobId, branch),
    send: (entry: BuildEntryDto) => api<BuildEntry[]>(`jobs/${jobId}/build`, 'POST', entry),
    also: ['build-times'],
    retry: 2,
    onError: (error) => toast.error(`Not written down: ${error.message}`),
  });
}

/** An entry of this variant, as of now. */
export function useMakeEntry(): (said: EntrySaid) => BuildEntryDto {
  const branch = usePlanStore((state) => state.branch);
  return (said) => ({
    ...{ id: crypto.randomUUID(), branch, at: new Date().toISOString() },
    ...NOTHING_ELSE,
    ...said,
  });
}
