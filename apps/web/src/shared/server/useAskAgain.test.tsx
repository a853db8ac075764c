/** @jest-environment jsdom */
import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import { type ReactNode } from 'react';
import { useAskAgain } from './useAskAgain.ts';

test('a page whose first question is still under way asks anew after a change, and shows what it did', async () => {
  const client = new QueryClient();
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  const answers: ((books: string[]) => void)[] = [];
  const ask = () => new Promise<string[]>((resolve) => answers.push(resolve));
  const page = renderHook(
    () => ({ books: useQuery({ queryKey: ['books'], queryFn: ask }), again: useAskAgain() }),
    { wrapper },
  ).result;
  await waitFor(() => expect(answers).toHaveLength(1));
  let asked = Promise.resolve();
  act(() => void (asked = page.current.again({ queryKey: ['books'] })));
  await waitFor(() => expect(answers).toHaveLength(2));
  // The first question was answered before the book was taken in, and its answer comes last.
  act(() => answers[1]?.(['Harbour sprint']));
  act(() => answers[0]?.([]));
  await asked;
  await waitFor(() => expect(page.current.books.data).toEqual(['Harbour sprint']));
});
