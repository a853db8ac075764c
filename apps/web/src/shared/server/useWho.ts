import { keptText } from './browserStore.ts';
import { useKept } from './useKept.ts';

/** Who works at this device: a name that is asked for once, as there are no accounts. */
export const useWho = (): [string, (who: string) => void] =>
  useKept('gyrus-who', (kept) => (typeof kept === 'string' ? kept : ''));

/** This device, among others that tick the same sheet; made once and kept. */
export function useDeviceId(): string {
  const [id, keep] = useKept('gyrus-device', (kept) => (typeof kept === 'string' ? kept : ''));
  if (id !== '') return id;
  const made = crypto.randomUUID();
  // Two tabs that open together are one device: whoever kept an id first has said it.
  if (!keptText('gyrus-device')) keep(made);
  return made;
}
