/** @jest-environment jsdom */
import { type Plan } from '@gyrus/core';
import { HANDBOOK_CAR, planWith } from '@gyrus/core/testing';
import { act, render, screen } from '@testing-library/react';
import { sayProgress, useBuildProgress } from './buildProgress.ts';

const plan = planWith(HANDBOOK_CAR);
const Tape = ({ of }: { of: Plan }) => {
  const progress = useBuildProgress(of);
  return <p>{progress ? `step ${progress.next} of ${progress.steps}` : 'nobody knows'}</p>;
};
const says = () => screen.getByText(/./).textContent;

test('the tape tells the step of the very plan that its steps were worked out for, and of no edit of it', () => {
  const { rerender } = render(<Tape of={plan} />);
  expect(says()).toBe('nobody knows');
  act(() => sayProgress({ plan, next: 4, steps: 66 }));
  expect(says()).toBe('step 4 of 66');
  rerender(<Tape of={{ ...plan }} />);
  expect(says()).toBe('nobody knows');
  // A cage without a tube has no steps.
  act(() => sayProgress({ plan, next: 1, steps: 0 }));
  rerender(<Tape of={plan} />);
  expect(says()).toBe('nobody knows');
});
