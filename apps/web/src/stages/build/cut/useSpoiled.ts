import { type ScrapDto } from '@gyrus/contract';
import {
  type Angle,
  type BendSheet,
  type LengthStyle,
  loggedTube,
  spoiledPiece,
  type TubeChoice,
} from '@gyrus/core';
import { useMutation } from '@tanstack/react-query';
import { formatISO } from 'date-fns';
import { useState } from 'react';
import { toast } from '../../../shared/frame/toast.ts';
import { api } from '../../../shared/server/api.ts';
import { useRackChange } from '../../../shop/rack/useRack.ts';
import { writtenIn } from '../../../shared/fields/writtenIn.ts';
import { useAskAgain } from '../../../shared/server/useAskAgain.ts';

/** What is said of a piece that was spoiled. last: what its last bend has, null for as planned */
export interface Spoiled {
  pulls: number;
  last: Angle | null;
  reason: string;
  place: string;
  who: string;
}

/**
 * Writes a spoiled piece into the log and puts it on the rack. Each is sent under an id of its own: where the second fails and it is pressed
 * again, the first is not written twice.
 */
export function useSpoiled(job: string, style: LengthStyle, done: () => void) {
  const askAgain = useAskAgain();
  const put = useRackChange();
  const [once] = useState(() => ({ scrap: crypto.randomUUID(), rack: crypto.randomUUID() }));
  const [logged, setLogged] = useState(false);
  const log = useMutation({
    mutationFn: (body: ScrapDto) => api(`log/scrap/${once.scrap}`, 'PUT', body),
    onSuccess: async () => {
      setLogged(true);
      await askAgain({ queryKey: ['scrap'] });
    },
    onError: (error) => toast.error(error.message),
  });
  const send = async (sheet: BendSheet, tube: TubeChoice, said: Spoiled) => {
    const { pulls, last, reason, place, who } = said;
    const own = loggedTube(tube);
    const length = writtenIn(sheet.blank, style);
    const bends = spoiledPiece(sheet, pulls, last?.deg ?? null);
    const about = { job, issued: null, stamp: sheet.stamp, tube: own, reason, length };
    try {
      if (!logged) await log.mutateAsync({ ...about, cost: null, who, at: formatISO(new Date()), note: '' });
      const piece = { ids: [once.rack], length, whole: false, price: null, place, bends };
      await put.mutateAsync({ put: { ...own, ...piece, note: `spoiled ${sheet.stamp}: ${reason}` } });
    } catch {
      // Each of the two says itself what went wrong, and can be pressed again.
      return;
    }
    toast.success(`${sheet.stamp} is in the log, and on the rack.`);
    done();
  };
  return { send, sending: log.isPending || put.isPending };
}
