/** @jest-environment jsdom */
import { newOccupant } from '@gyrus/core';
import { HANDBOOK_CAR, placeAt, planWith } from '@gyrus/core/testing';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { openJobWith } from '../../job/store/firstRevision.ts';
import { usePlanStore } from '../../job/store/planStore.ts';
import { DriversField } from './BriefFields.tsx';

const plan = planWith(HANDBOOK_CAR);
const now = () => usePlanStore.getState().history?.present ?? plan;
const seated = () => now().occupants.map(({ name }) => name);
const box = () => screen.getByRole<HTMLInputElement>('textbox', { name: 'drivers, with commas between' });

test('each key is kept, an unfinished comma stays in the box, and who is named is seated when it is left', async () => {
  openJobWith(plan);
  render(<DriversField />);
  await userEvent.type(box(), 'A. Holm, ');
  expect(box().value).toBe('A. Holm, ');
  expect(now().brief.drivers).toEqual(['A. Holm']);
  expect(seated()).toEqual([]);
  await userEvent.type(box(), 'B. Rask');
  await userEvent.tab();
  expect(seated()).toEqual(['A. Holm', 'B. Rask']);
  expect(box().value).toBe('A. Holm, B. Rask');
});

test('a name that is corrected takes the empty seat with it, and leaves one that was measured', async () => {
  const measured = { ...newOccupant('m'), name: 'C. Dahl', shoulder: placeAt(230, 350, 620) };
  const empty = { ...newOccupant('e'), name: 'A. Holn' };
  const brief = { ...plan.brief, drivers: ['A. Holn', 'C. Dahl'] };
  openJobWith({ ...plan, brief, occupants: [empty, measured] });
  render(<DriversField />);
  await userEvent.clear(box());
  await userEvent.type(box(), 'A. Holm');
  await userEvent.tab();
  expect(seated()).toEqual(['C. Dahl', 'A. Holm']);
});
