/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { HANDBOOK_CAR, planWith } from '@gyrus/core/testing';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, render, screen } from '@testing-library/react';
import { openJobWith } from '../store/firstRevision.ts';
import { usePlanStore } from '../store/planStore.ts';
import { PagesTold } from './PagesTold.tsx';

interface Answer {
  ok: boolean;
  status: number;
  headers: { get: () => string | null };
}
const answer = (status: number, pages: string | null): Answer => ({
  ...{ ok: status < 400, status },
  headers: { get: () => pages },
});
const asked = jest.fn<(url: string, request: RequestInit) => Promise<Answer>>();
const before = globalThis.fetch;
const timeout = AbortSignal.timeout.bind(AbortSignal);

beforeEach(() => {
  asked.mockReset();
  globalThis.fetch = asked as unknown as typeof fetch;
  // A page in jsdom has no signals that are put together.
  Object.assign(AbortSignal, {
    any: ([first]: AbortSignal[]) => first,
    timeout: timeout ?? (() => undefined),
  });
  openJobWith(planWith(HANDBOOK_CAR));
});
afterEach(() => {
  globalThis.fetch = before;
});

const told = () =>
  render(
    <QueryClientProvider client={new QueryClient()}>
      <PagesTold address="tubes.pdf?what=bends" />
    </QueryClientProvider>,
  );

test.each([
  [answer(200, '1'), 'one page, a PDF in a new window'],
  [answer(200, '33'), '33 pages, a PDF in a new window'],
  [answer(422, null), 'There is nothing of it to print yet.'],
  [answer(503, null), 'The pages could not be counted: the server answered 503.'],
])('an answer of %j is told', async (given, words) => {
  asked.mockResolvedValue(given);
  told();
  expect(await screen.findByText(words)).toBeTruthy();
  expect(asked.mock.calls[0]?.[0]).toBe('/api/jobs/job/revisions/1/tubes.pdf?what=bends');
  expect(asked.mock.calls[0]?.[1].method).toBe('HEAD');
});

test('a server that is gone is told as such, and not as nothing to print', async () => {
  asked.mockRejectedValue(new Error('gone'));
  told();
  expect(await screen.findByText(/^The pages could not be counted: no answer from Gyrus/)).toBeTruthy();
});

test('what is not saved yet is not counted', () => {
  told();
  asked.mockClear();
  act(() => usePlanStore.setState({ saveState: 'waiting' }));
  expect(screen.getByText('Pages are counted once the plan is saved.')).toBeTruthy();
});
