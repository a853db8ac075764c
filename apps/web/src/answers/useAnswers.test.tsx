/** @jest-environment jsdom */
import { type Evaluation, type Plan } from '@gyrus/core';
import { HANDBOOK_CAR, planWith } from '@gyrus/core/testing';
import { jest } from '@jest/globals';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import { type ReactNode } from 'react';

/** Questions that were asked, each with what answers it. */
interface Question {
  what: string;
  plan: Plan;
  signal: AbortSignal;
  answer: (found: unknown) => void;
  fail: (error: Error) => void;
}
const asked: Question[] = [];
let number = 0;
const numbers = new Map<object, number>();
jest.unstable_mockModule('./away.ts', () => ({
  answerAway: (what: string, { plan }: { plan: Plan }, signal: AbortSignal) =>
    new Promise((answer, fail) => asked.push({ what, plan, signal, answer, fail })),
  numberOf: (thing: object) => {
    if (!numbers.has(thing)) numbers.set(thing, ++number);
    return numbers.get(thing);
  },
}));

const { useEvaluation, useEvaluationOf, useFindingsOf } = await import('./useAnswers.ts');
const { tryAgain, useTrouble } = await import('./trouble.ts');

const planOf = (car: string): Plan => {
  const plan = planWith(HANDBOOK_CAR);
  return { ...plan, brief: { ...plan.brief, car } };
};
const ONE = planOf('one');
const TWO = planOf('two');
const evaluationOf = (name: string, members: object[] = []) =>
  ({ name, members }) as unknown as Evaluation & { name: string };

function within() {
  const client = new QueryClient();
  client.setQueryData(['shop'], { machines: [], tubes: [] });
  client.setQueryData(['rule-books'], []);
  client.setDefaultOptions({ queries: { staleTime: Infinity } });
  return ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
}
const evaluated = (plan = ONE) =>
  renderHook(({ of }) => useEvaluationOf(of), { wrapper: within(), initialProps: { of: plan } });
const shows = (result: { current: unknown }, name: string) =>
  waitFor(() => expect(result.current).toMatchObject({ name }));
const question = async (i: number): Promise<Question> => {
  await waitFor(() => expect(asked.length).toBeGreaterThan(i));
  return asked[i]!;
};

beforeEach(() => {
  asked.length = 0;
  useTrouble.setState({ failed: {}, tries: 0 });
});

test('an answer is asked for once for a plan, however often the page is drawn', async () => {
  const { result, rerender } = evaluated();
  const first = await question(0);
  rerender({ of: ONE });
  act(() => first.answer(evaluationOf('one')));
  await shows(result, 'one');
  expect(asked).toHaveLength(1);
});

test('the last answer stands until the next one is there, and a question that is overtaken is dropped', async () => {
  const { result, rerender } = evaluated();
  const first = await question(0);
  act(() => first.answer(evaluationOf('one')));
  await shows(result, 'one');
  rerender({ of: TWO });
  const second = await question(1);
  expect(second.plan).toBe(TWO);
  await shows(result, 'one');
  rerender({ of: planOf('three') });
  const third = await question(2);
  await waitFor(() => expect(second.signal.aborted).toBe(true));
  act(() => third.answer(evaluationOf('three')));
  await shows(result, 'three');
});

test('what stayed as it was stays the same object, so that it is not drawn anew', async () => {
  const { result, rerender } = evaluated();
  const first = await question(0);
  act(() => first.answer(evaluationOf('one', [{ id: 'hoop' }, { id: 'stay' }])));
  await shows(result, 'one');
  const [hoop, stay] = result.current?.members ?? [];
  rerender({ of: TWO });
  const second = await question(1);
  act(() => second.answer(evaluationOf('two', [{ id: 'hoop' }, { id: 'moved' }])));
  await shows(result, 'two');
  expect(result.current?.members[0]).toBe(hoop);
  expect(result.current?.members[1]).not.toBe(stay);
});

test('a failure is told, the answer before it stands, and another try asks anew', async () => {
  const { result, rerender } = evaluated();
  const first = await question(0);
  act(() => first.answer(evaluationOf('one')));
  await shows(result, 'one');
  rerender({ of: TWO });
  const second = await question(1);
  act(() => second.fail(new Error('it has ended')));
  await waitFor(() => expect(useTrouble.getState().failed).toEqual({ evaluation: 'it has ended' }));
  await shows(result, 'one');
  act(() => tryAgain());
  const third = await question(2);
  act(() => third.answer(evaluationOf('two')));
  await shows(result, 'two');
  expect(useTrouble.getState().failed).toEqual({});
});

test('findings wait for a pause in typing: a plan that is overtaken within it is never asked about', async () => {
  const { rerender } = renderHook(({ of }) => useFindingsOf(of), {
    wrapper: within(),
    initialProps: { of: ONE },
  });
  rerender({ of: TWO });
  const first = await question(0);
  expect([first.what, first.plan]).toEqual(['findings', TWO]);
  expect(asked).toHaveLength(1);
});

test('a stage without answers is a programmer’s error', () => {
  expect(() => renderHook(() => useEvaluation())).toThrow('once there is an evaluation');
});
