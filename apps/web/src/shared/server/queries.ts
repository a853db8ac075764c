import {
  type JobDetail,
  type JobSummary,
  type Revision,
  type RevisionSummary,
  type ShopSettings,
  type ShopSettingsDto,
} from '@gyrus/contract';
import { REVISION_PAGE } from '@gyrus/contract/constants';
import { type RuleBook, type Shop, type TimeTaken } from '@gyrus/core';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { api } from './api.ts';
import { useInTurn } from './useInTurn.ts';

/** All jobs, without their plans. */
export const useJobs = () => useQuery({ queryKey: ['jobs'], queryFn: () => api<JobSummary[]>('jobs') });

/** The newest revision as it was when the job was opened; the draft goes on from there. */
export const useJob = (id: string, branch: string) =>
  useQuery({
    queryKey: ['job', id, branch],
    queryFn: () => api<JobDetail>(`jobs/${id}?branch=${encodeURIComponent(branch)}`),
    staleTime: 0,
    gcTime: 0,
  });

/** Revisions of a job below a number, the newest first; plans come one by one. */
export const fetchRevisions = (
  jobId: string,
  { branch, before }: { branch?: string; before?: number | undefined } = {},
): Promise<RevisionSummary[]> => {
  const query = new URLSearchParams({
    ...(branch === undefined ? {} : { branch }),
    ...(before === undefined ? {} : { before: String(before) }),
  });
  return api<RevisionSummary[]>(`jobs/${jobId}/revisions?${query.toString()}`);
};

/** Revisions of a variant in pages, the newest first. */
export const useRevisions = (jobId: string, branch: string) =>
  useInfiniteQuery({
    queryKey: ['revisions', jobId, branch],
    queryFn: ({ pageParam }) => fetchRevisions(jobId, { branch, before: pageParam }),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: (page) => (page.length < REVISION_PAGE ? undefined : page.at(-1)?.number),
    staleTime: 0,
  });

/** The newest revision of each variant of a job. */
export const useVariants = (jobId: string) =>
  useQuery({
    queryKey: ['revisions', jobId],
    queryFn: () => api<RevisionSummary[]>(`jobs/${jobId}/variants`),
    staleTime: 0,
  });

/** A revision with its plan. */
export const fetchRevision = (jobId: string, number: number): Promise<Revision> =>
  api<Revision>(`jobs/${jobId}/revisions/${number}`);

/** The shop's machines, dies and tube. */
export const useShop = () => useQuery({ queryKey: ['shop'], queryFn: () => api<Shop>('shop') });

/** The rule books at hand. */
export const useRuleBooks = () =>
  useQuery({ queryKey: ['rule-books'], queryFn: () => api<RuleBook[]>('rule-books') });

/** A change of the shop, as it is sent. */
export interface ShopChange {
  path: string;
  method: 'POST' | 'PUT' | 'DELETE';
  body?: unknown;
}

/** Every change of the shop answers with the whole of it. */
export const useShopChange = () =>
  useInTurn({
    of: ['shop'],
    send: ({ path, method, body }: ShopChange) => api<Shop>(`shop/${path}`, method, body),
  });

/** What the shop has settled for all its jobs. */
export const useShopSettings = () =>
  useQuery({ queryKey: SETTINGS, queryFn: () => api<ShopSettings>('shop/settings') });

/** Settles something for the shop. */
export const useSettle = () =>
  useInTurn({
    of: SETTINGS,
    send: (change: ShopSettingsDto) => api<ShopSettings>('shop/settings', 'PUT', change),
  });

const SETTINGS = ['shop-settings'];

/** How long steps took in this shop. */
export const useTimesTaken = () =>
  useQuery({
    queryKey: ['build-times'],
    queryFn: () => api<TimeTaken[]>('build-times'),
    staleTime: 0,
  });
