import { type BendSheet, type NoWalk, walkAsked, type WalkAsked, type Walked } from '@gyrus/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { walkAway } from '../../../answers/away.ts';
import { useShop } from '../../../shared/server/queries.ts';

/** A sheet's tube at its machine: what it is asked with, or why it cannot be, and what came of it once it is there. */
export interface SheetWalk {
  asked: WalkAsked | NoWalk;
  walked: Walked | null;
  failed: string | null;
}

/** Walks a sheet's tube through its bends, away from the page; null until the shop is known. */
export function useWalk(sheet: BendSheet): SheetWalk | null {
  const shop = useShop().data;
  const asked = useMemo(() => (shop ? walkAsked(sheet, shop) : null), [sheet, shop]);
  const { data, error } = useQuery({
    queryKey: ['walk', JSON.stringify(asked)],
    queryFn: () => (asked && typeof asked !== 'string' ? walkAway(asked) : null),
    enabled: asked !== null && typeof asked !== 'string',
    staleTime: Infinity,
    retry: false,
    networkMode: 'always',
  });
  return asked && { asked, walked: data ?? null, failed: error?.message ?? null };
}
