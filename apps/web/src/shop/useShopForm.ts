import { toast } from '../shared/frame/toast.ts';
import { useKeptThen } from '../shared/frame/Dialog.tsx';
import { type ShopChange, useShopChange } from '../shared/server/queries.ts';

/** Sends a change of the shop; says so when it is refused, and calls `done` when it is kept. */
export function useShopForm(done: () => void) {
  const change = useShopChange();
  const kept = useKeptThen(done);
  const send = (request: ShopChange) =>
    change.mutate(request, { onSuccess: kept, onError: (error) => toast.error(error.message) });
  return { send, sending: change.isPending };
}
