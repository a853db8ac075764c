import { Band } from './Band.tsx';
import { useStorageTrouble } from '../server/browserStore.ts';

/** The browser keeps nothing more: what is typed is only as safe as the server has it. */
export function StorageBand() {
  const full = useStorageTrouble((state) => state.full);
  if (!full) return null;
  return (
    <Band label="The browser keeps nothing" kind="loud">
      <strong>This browser keeps nothing more: its storage is full or switched off.</strong> What you type is
      safe once it is saved, and half-typed figures are lost with the page. Make room in the settings of the
      browser for this address.
    </Band>
  );
}
