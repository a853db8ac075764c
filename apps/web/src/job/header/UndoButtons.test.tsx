/** @jest-environment jsdom */
import { HANDBOOK_CAR, inch, planWith } from '@gyrus/core/testing';
import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { openJobWith } from '../store/firstRevision.ts';
import { usePlanStore } from '../store/planStore.ts';
import { UndoButtons } from './UndoButtons.tsx';

const titles = () => screen.getAllByRole('button').map((button) => button.title);

test('undo tells what was done, and redo what would be done again, in the unit of the job', async () => {
  openJobWith(planWith(HANDBOOK_CAR));
  render(<UndoButtons />);
  expect(titles()).toEqual(['Undo (Ctrl+Z)', 'Redo (Ctrl+Y)']);
  expect(screen.getAllByRole('button').every((button) => button.hasAttribute('disabled'))).toBe(true);
  act(() =>
    usePlanStore.getState().change('height', ({ survey }) => {
      survey.measures.headlinerCentre = inch('40');
    }),
  );
  const words = /headliner at the centre .* → 40 in/;
  expect(titles()[0]).toMatch(words);
  await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
  expect(titles()[0]).toBe('Undo (Ctrl+Z)');
  expect(titles()[1]).toMatch(words);
  await userEvent.click(screen.getByRole('button', { name: 'Redo' }));
  expect(titles()[0]).toMatch(words);
});
