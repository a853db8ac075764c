import { type SetAsideDto } from '@gyrus/contract';
import { useMutation } from '@tanstack/react-query';
import { toast } from '../../shared/frame/toast.ts';
import { api } from '../../shared/server/api.ts';
import { useWho } from '../../shared/server/useWho.ts';
import { useAskAgain } from '../../shared/server/useAskAgain.ts';

/** Leaves a bend of the log out of springback, or takes it in again, in the name of who works at this device. */
export function useSetAside(bend: string): { set: (aside: boolean) => void; setting: boolean } {
  const askAgain = useAskAgain();
  const [who] = useWho();
  const { mutate, isPending } = useMutation({
    mutationFn: (said: SetAsideDto) => api(`log/bends/${bend}/aside`, 'POST', said),
    onSuccess: () => Promise.all([askAgain({ queryKey: ['shop'] }), askAgain({ queryKey: ['made-bends'] })]),
    onError: (error) => toast.error(error.message),
  });
  return {
    setting: isPending,
    set: (aside) =>
      mutate({
        id: crypto.randomUUID(),
        aside,
        why: aside ? `left out by ${who || 'somebody at the desk'}` : '',
        who: who || 'somebody at the desk',
      }),
  };
}
