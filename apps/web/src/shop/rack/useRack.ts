import { type OnRack, type RackTubesDto } from '@gyrus/contract';
import { useQuery } from '@tanstack/react-query';
import { toast } from '../../shared/frame/toast.ts';
import { api } from '../../shared/server/api.ts';
import { useInTurn } from '../../shared/server/useInTurn.ts';

const KEY = ['rack'];

/** What lies on the rack, the newest last; others put and take as well. */
export const useRack = () => useQuery({ queryKey: KEY, queryFn: () => api<OnRack[]>('rack'), staleTime: 0 });

/** Puts tube on the rack, or takes a piece off it; each answers with all of it. */
export const useRackChange = () =>
  useInTurn({
    of: KEY,
    send: (change: { put: RackTubesDto } | { take: string }) =>
      'put' in change
        ? api<OnRack[]>('rack', 'POST', change.put)
        : api<OnRack[]>(`rack/${change.take}`, 'DELETE'),
    onError: (error) => toast.error(error.message),
  });
