/** @jest-environment jsdom */
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import { type ReactNode } from 'react';
import { useInTurn } from './useInTurn.ts';

/** A server whose answers come when they are let go. */
function slowServer() {
  const whole: string[] = [];
  const waiting: (() => void)[] = [];
  return {
    asked: () => waiting.length,
    answer: (which: number) => waiting[which]?.(),
    put: (one: string) => {
      whole.push(one);
      const now = [...whole];
      return new Promise<string[]>((resolve) => waiting.push(() => resolve(now)));
    },
  };
}

function onAPage(server: ReturnType<typeof slowServer>) {
  const client = new QueryClient();
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  const tick = () => renderHook(() => useInTurn({ of: ['ticks'], send: server.put }), { wrapper }).result;
  return { client, first: tick(), second: tick() };
}

test('a second tick waits for the answer to the first, and nothing is taken away', async () => {
  const server = slowServer();
  const { client, first, second } = onAPage(server);
  act(() => {
    first.current.mutate('SL');
    second.current.mutate('MH');
  });
  await waitFor(() => expect(server.asked()).toBe(1));
  expect(second.current.isPending).toBe(true);
  act(() => server.answer(0));
  await waitFor(() => expect(server.asked()).toBe(2));
  expect(client.getQueryData(['ticks'])).toEqual(['SL']);
  act(() => server.answer(1));
  await waitFor(() => expect(client.getQueryData(['ticks'])).toEqual(['SL', 'MH']));
});

test('an answer to a question that was under way does not undo a change', async () => {
  const server = slowServer();
  const { client, first } = onAPage(server);
  let late = (_: string[]): void => undefined;
  const question = client
    .fetchQuery({ queryKey: ['ticks'], queryFn: () => new Promise<string[]>((resolve) => (late = resolve)) })
    .catch(() => 'given up');
  act(() => first.current.mutate('SL'));
  await waitFor(() => expect(server.asked()).toBe(1));
  act(() => server.answer(0));
  await waitFor(() => expect(client.getQueryData(['ticks'])).toEqual(['SL']));
  late([]);
  expect(await question).toBe('given up');
  expect(client.getQueryData(['ticks'])).toEqual(['SL']);
});
