import { type WeldProcedureDto, type WeldSampleDto } from '@gyrus/contract';
import { type WeldProcedure } from '@gyrus/core';
import { useQuery } from '@tanstack/react-query';
import { toast } from '../frame/toast.ts';
import { sendPhoto } from '../photos/sendPhoto.ts';
import { api } from './api.ts';
import { useInTurn } from './useInTurn.ts';

const KEY = ['welding'];

/** How the shop welds: every procedure with its samples, those set aside as well. */
export const useWelding = () =>
  useQuery({ queryKey: KEY, queryFn: () => api<WeldProcedure[]>('welding'), staleTime: 0 });

/** A change of how the shop welds. */
type WeldingChange =
  | { procedure: WeldProcedureDto }
  | { of: string; sample: WeldSampleDto }
  | { of: string; setAside: boolean }
  | { sample: string; photo: File };

function send(change: WeldingChange): Promise<WeldProcedure[]> {
  if ('procedure' in change) return api('welding', 'POST', change.procedure);
  if ('setAside' in change) return api(`welding/${change.of}`, 'PATCH', { setAside: change.setAside });
  if ('photo' in change) return sendPhoto(`welding/samples/${change.sample}/photo`, change.photo);
  return api(`welding/${change.of}/samples`, 'POST', change.sample);
}

/** Writes down how the shop welds; each change answers with all of it. */
export const useWeldingChange = () =>
  useInTurn({
    of: KEY,
    send,
    retry: 2,
    onError: (error) => toast.error(`Not written down: ${error.message}`),
  });
