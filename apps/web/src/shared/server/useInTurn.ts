import { type QueryKey, useMutation, type UseMutationOptions, useQueryClient } from '@tanstack/react-query';
import { useAskAgain } from './useAskAgain.ts';

/** What a change of a whole may want besides. */
interface InTurn<Change, Whole> extends Pick<UseMutationOptions<Whole, Error, Change>, 'onError' | 'retry'> {
  /** Of which whole: where it is kept on this page. */
  of: QueryKey;
  send: (change: Change) => Promise<Whole>;
  /** What else is asked again after it. */
  also?: QueryKey;
}

/**
 * Changes that are each answered with the whole as it then is, sent one after the other: the answer to an earlier
 * change, or to a question that was under way, never comes last and takes away what a later one did.
 */
export function useInTurn<Change, Whole>({ of, send, also, ...rest }: InTurn<Change, Whole>) {
  const client = useQueryClient();
  const askAgain = useAskAgain();
  return useMutation<Whole, Error, Change>({
    ...rest,
    scope: { id: JSON.stringify(of) },
    mutationFn: send,
    onSuccess: async (whole) => {
      await client.cancelQueries({ queryKey: of, exact: true });
      client.setQueryData(of, whole);
      if (also) await askAgain({ queryKey: also });
    },
  });
}
