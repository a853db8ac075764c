import {
  type FloorState,
  type FloorTick,
  type IssuedSheet,
  type IssuedSummary,
  type SheetNews,
} from '@gyrus/contract';
import { floorPlace, type FloorPlace, type FloorStep, floorSteps } from '@gyrus/core';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { api } from '../shared/server/api.ts';
import { dropText, keepText, keptKeys, keptText } from '../shared/server/browserStore.ts';
import { letGo, type QueuedItem, useFloorQueue } from './queue/floorQueue.ts';

/** How often it is asked what other tablets ticked, and whether the plan moved on. ms */
const PULSE = 3000;

/** The network may be gone: what is asked is asked all the same, and the cache of the pages answers. */
const ALWAYS = { networkMode: 'always', retry: false } as const;

/** The sheets that are out, of one job or of all. */
export const useIssuedSheets = (job?: string) =>
  useQuery({
    queryKey: ['issued', job ?? 'all'],
    queryFn: () => api<IssuedSummary[]>(job === undefined ? 'issued' : `issued?job=${job}`),
    staleTime: 0,
    ...ALWAYS,
  });

/** A sheet as it was issued: it never changes. */
export const useIssuedSheet = (id: string) =>
  useQuery({
    queryKey: ['issued-sheet', id],
    queryFn: () => api<IssuedSheet>(`issued/${id}`),
    staleTime: Infinity,
    ...ALWAYS,
  });

/** Where the work stands, asked again and again; what was last heard is kept on the device, as the network may be gone when it is opened. */
const useFloorState = (id: string) =>
  useQuery({
    queryKey: ['floor-state', id],
    queryFn: async () => {
      const state = await api<FloorState>(`issued/${id}/state`);
      keepText(stateKey(id), JSON.stringify(state));
      return state;
    },
    initialData: () => keptState(id),
    initialDataUpdatedAt: 0,
    refetchInterval: PULSE,
    ...ALWAYS,
  });

const stateKey = (id: string): string => `gyrus-floor/state/${id}`;

function keptState(id: string): FloorState | undefined {
  try {
    return (JSON.parse(keptText(stateKey(id)) ?? 'null') as FloorState | null) ?? undefined;
  } catch {
    // What is no JSON was put there by nothing of ours.
    return undefined;
  }
}

/** Lets go of what the device kept of sheets that are done. */
export function forgetDone(sheets: IssuedSummary[]): void {
  for (const { id, state } of sheets) {
    if (state !== 'done' && state !== 'scrap') continue;
    dropText(stateKey(id));
    letGo((item) => item.issued === id && item.fate.at === 'sent');
    for (const key of keptKeys(`gyrus-floor/measure/${id}/`)) dropText(key);
  }
}

/** What is otherwise today than on the sheet; asked anew when the plan has a newer revision, and now and then for the shop's sake. */
export const useSheetNews = (id: string, revision: number) =>
  useQuery({
    queryKey: ['sheet-news', id, revision],
    queryFn: () => api<SheetNews>(`issued/${id}/news`),
    refetchInterval: 10 * PULSE,
    ...ALWAYS,
  });

/** The work on a sheet as this device knows it: what the server has, and what waits here. */
export interface FloorWork {
  steps: FloorStep[];
  ticks: FloorTick[];
  /** The next step; null when the last is done. */
  place: FloorPlace | null;
  scrapped: string | null;
  /** What of this device's doing has not been taken yet. */
  own: QueuedItem[];
  revision: number;
  /** Nobody answers. */
  cut: boolean;
}

/** The work on a sheet; `fetching` until its state is known, `unknown` where nobody answers and none was kept. */
export function useFloorWork(sheet: IssuedSheet): FloorWork | 'fetching' | 'unknown' {
  const state = useFloorState(sheet.id);
  const items = useFloorQueue((queue) => queue.items);
  const known = state.data;
  useEffect(() => {
    const there = new Set([...(known?.ticks.map(({ id }) => id) ?? []), known?.scrap?.id]);
    letGo((item) => item.fate.at === 'sent' && (item.kind === 'rack' || there.has(item.id)));
  }, [known]);
  const steps = useMemo(() => floorSteps(sheet.answers.sheet), [sheet]);
  if (!known) return state.isError ? 'unknown' : 'fetching';
  const own = items.filter(({ issued }) => issued === sheet.id);
  const there = known.ticks;
  const kept = own.flatMap((item) =>
    item.kind === 'tick' && (item.fate.at === 'waiting' || item.fate.at === 'sent')
      ? [{ ...item.body, id: item.id }]
      : [],
  );
  const ticks = [...there, ...kept.filter(({ id }) => !there.some((one) => one.id === id))];
  const scrap = own.find((item) => item.kind === 'scrap' && item.fate.at !== 'refused');
  return {
    steps,
    ticks,
    place: floorPlace(steps, ticks),
    scrapped: known.scrap?.reason ?? (scrap?.kind === 'scrap' ? scrap.body.reason : null),
    own: own.filter(({ fate }) => fate.at !== 'sent'),
    revision: known.revision,
    cut: state.isError,
  };
}
