/** @jest-environment jsdom */
import { jest } from '@jest/globals';
import { HANDBOOK_CAR, planWith, plateOf } from '@gyrus/core/testing';
import { act, render, screen } from '@testing-library/react';
import { MemoryRouter, useNavigate } from 'react-router';
import { RecordList } from '../fields/RecordList.tsx';
import { fieldsOf } from '../fields/recordField.ts';
import { openJobWith } from '../store/firstRevision.ts';
import { into, PLAN_PATH } from '../store/planPath.ts';
import { useSoughtField } from './useSoughtField.ts';

type Plate = ReturnType<typeof plateOf>;
const THICKNESS = [fieldsOf<Plate>().size('thickness', 'thickness')];

let go: (to: string) => void = () => undefined;

/** Two plates in a list that opens one at a time, at an address. */
function Page() {
  useSoughtField();
  const navigate = useNavigate();
  go = (to) => act(() => void navigate(to));
  return (
    <RecordList<Plate>
      title="Base plates"
      hint=""
      path={into(PLAN_PATH, 'plates')}
      name={({ stamp }) => stamp}
      fields={() => THICKNESS}
      kinds={[]}
    />
  );
}
const at = (address: string) =>
  render(
    <MemoryRouter initialEntries={[address]}>
      <Page />
    </MemoryRouter>,
  );
const box = () => screen.queryByRole('textbox', { name: 'thickness' });
const isOpen = (stamp: string) => screen.getByRole('button', { name: stamp }).getAttribute('aria-expanded');

beforeEach(() => {
  // The page is not laid out here.
  Element.prototype.scrollIntoView = jest.fn();
  const plates = [plateOf({}), plateOf({ id: 'second', stamp: 'P2' })];
  openJobWith({ ...planWith(HANDBOOK_CAR), plates });
});

test('the address opens the row that has the field, which is lit and has the focus until it is left', () => {
  at('/design?tab=parts#field-plates/1/thickness');
  expect([isOpen('P1'), isOpen('P2')]).toEqual(['false', 'true']);
  expect(document.activeElement).toBe(box());
  expect(box()?.dataset.sought).toBe('');
  act(() => box()?.blur());
  expect(box()?.dataset.sought).toBeUndefined();
});

test('a field is found by its place alone, and another one later', () => {
  at('/design');
  expect(box()).toBeNull();
  go('/design#field-plates/0/thickness');
  expect([isOpen('P1'), isOpen('P2')]).toEqual(['true', 'false']);
  go('/design#field-plates/1');
  expect([isOpen('P1'), isOpen('P2')]).toEqual(['false', 'true']);
  expect(document.activeElement).toBe(box());
  go('/design#field-plates/0/thickness');
  expect([isOpen('P1'), isOpen('P2')]).toEqual(['true', 'false']);
});

test('an address that names no field changes nothing, and a row that is pressed stays as it was pressed', () => {
  at('/design#words');
  expect(document.activeElement).toBe(document.body);
  act(() => screen.getByRole('button', { name: 'P1' }).click());
  expect(isOpen('P1')).toBe('true');
  act(() => screen.getByRole('button', { name: 'P1' }).click());
  expect(isOpen('P1')).toBe('false');
});
