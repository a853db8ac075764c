import { create } from 'zustand';
import { keepText, keptText } from './browserStore.ts';
import { useKept } from './useKept.ts';

const KEY = 'gyrus-who';

const useName = create<{ who: string }>()(() => ({ who: keptText(KEY) ?? '' }));

/** Who works at this device: a name that is asked for once, as there are no accounts. The same wherever it stands on a page. */
export function useWho(): [string, (who: string) => void] {
  const who = useName((state) => state.who);
  return [
    who,
    (next) => {
      useName.setState({ who: next });
      keepText(KEY, next);
    },
  ];
}

/** Who works at this device, as the name stands now; empty where nobody gave one. */
export const whoHere = (): string => useName.getState().who.trim().slice(0, 120);

/** This device, among others that tick the same sheet; made once and kept. */
export function useDeviceId(): string {
  const [id, keep] = useKept('gyrus-device', (kept) => (typeof kept === 'string' ? kept : ''));
  if (id !== '') return id;
  const made = crypto.randomUUID();
  // Two tabs that open together are one device: whoever kept an id first has said it.
  if (!keptText('gyrus-device')) keep(made);
  return made;
}
