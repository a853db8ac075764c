/** @jest-environment jsdom */
import { millimetres } from '@gyrus/core';
import { HANDBOOK_CAR, planWith } from '@gyrus/core/testing';
import { jest } from '@jest/globals';
import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { type Clashing } from './store/planStore.ts';
import { openJobWith } from './store/firstRevision.ts';

const settled = jest.fn<(...asked: unknown[]) => Promise<void>>().mockResolvedValue(undefined);
jest.unstable_mockModule('./store/merging.ts', () => ({ settleClash: settled }));
const { usePlanStore } = await import('./store/planStore.ts');
const { ClashDialog } = await import('./ClashDialog.tsx');

const base = planWith(HANDBOOK_CAR);
const revision = {
  id: 'r2',
  number: 2,
  parent: 'r1',
  branch: 'main',
  author: '',
  note: '',
  changes: '',
  createdAt: '',
};
const HEADLINER = ['survey', 'measures', 'headlinerCentre'];
const CAR = ['brief', 'car'];

const clash: Clashing = {
  plan: base,
  base,
  revision,
  left: null,
  fallen: [],
  clashes: [
    { path: HEADLINER, mine: millimetres(1050), theirs: millimetres(1060), with: [] },
    { path: CAR, mine: 'Ours', theirs: undefined, with: [] },
  ],
};

beforeEach(() => {
  settled.mockClear();
  openJobWith(base);
});

function asked(changes: Partial<Clashing> = {}) {
  render(<ClashDialog />);
  act(() => usePlanStore.getState().ask({ ...clash, ...changes }));
}
const goOn = () => screen.getByRole('button', { name: /still to choose|Go on with these/ });

test('nothing is asked while nothing clashes', () => {
  render(<ClashDialog />);
  expect(screen.queryByRole('dialog')).toBeNull();
});

test('each field is asked by its words, in the job’s unit; what one of the two took out says so', () => {
  asked();
  expect(screen.getByRole('button', { name: /headliner.*: yours/ }).textContent).toContain('41');
  expect(screen.getByRole('button', { name: /car: theirs/ }).textContent).toBe('taken out');
});

test('it goes on when every field is answered, with the answers that were given', async () => {
  asked();
  expect(goOn()).toHaveProperty('disabled', true);
  await userEvent.click(screen.getByRole('button', { name: /headliner.*: theirs/ }));
  expect(goOn().textContent).toBe('1 still to choose');
  await userEvent.click(screen.getByRole('button', { name: /car: yours/ }));
  await userEvent.click(goOn());
  expect(settled.mock.calls[0]?.slice(2)).toEqual([
    { [HEADLINER.join('/')]: 'theirs', [CAR.join('/')]: 'mine' },
  ]);
});

test('one press answers all of one side', async () => {
  asked();
  await userEvent.click(screen.getByRole('button', { name: 'All of revision 2' }));
  expect(goOn()).toHaveProperty('disabled', false);
  expect(screen.getByRole('button', { name: /headliner.*: theirs/ }).getAttribute('aria-pressed')).toBe(
    'true',
  );
});

test('two lengths that look alike in inches are told apart by what was typed', () => {
  const [mine, theirs] = [
    { mm: 1050, typed: '1050 mm' },
    { mm: 1050.1, typed: '1050.1 mm' },
  ];
  asked({ clashes: [{ path: HEADLINER, mine, theirs, with: [] }] });
  const words = (side: string) => screen.getByRole('button', { name: new RegExp(`: ${side}$`) }).textContent;
  expect([words('yours'), words('theirs')]).toEqual(['1050 mm', '1050.1 mm']);
});

test('plans whose tubes would fall are put together by choosing one of them', () => {
  asked({ fallen: ['BL', 'BR'], clashes: [{ path: [], mine: base, theirs: base, with: [] }] });
  expect(screen.getByText(/BL, BR would stand nowhere/)).toBeTruthy();
  expect(screen.getByRole('button', { name: /: yours$/ }).textContent).toBe('this plan');
});
