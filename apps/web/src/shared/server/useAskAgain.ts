import { type QueryFilters, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';

/**
 * Asks the server again after a change. A question that was under way may have been answered before the change: it is given up first, as
 * asking anew alone goes on with a page's very first question.
 */
export function useAskAgain(): (of: QueryFilters) => Promise<void> {
  const client = useQueryClient();
  return useCallback(
    async (of) => {
      await client.cancelQueries(of);
      await client.invalidateQueries(of);
    },
    [client],
  );
}
