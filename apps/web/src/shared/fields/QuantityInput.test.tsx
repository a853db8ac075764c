/** @jest-environment jsdom */
import { assumed, INCHES, type Length, millimetres } from '@gyrus/core';
import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { QuantityInput } from './QuantityInput.tsx';
import { lengthKind } from './quantityKinds.ts';

const KIND = lengthKind(INCHES, { above: 0, usual: [10, 2000] });

interface Kept {
  value: Length | null;
  pending: string | undefined;
  /** Every value that it gave, in order. */
  given: (Length | null)[];
  put: (value: Length | null) => void;
}

/** The box with somebody who keeps its value and its half-typed text, as the plan does. */
function boxWith(start: Length | null, props: { optional?: boolean; fault?: string } = {}): Kept {
  const kept: Kept = { value: start, pending: undefined, given: [], put: () => undefined };
  function Keeper() {
    const [value, setValue] = useState(start);
    const [pending, setPending] = useState<string | undefined>(undefined);
    Object.assign(kept, { value, pending, put: setValue });
    return (
      <QuantityInput
        label="width"
        kind={KIND}
        value={value}
        pending={pending}
        onPending={setPending}
        onChange={(next) => {
          kept.given.push(next);
          setValue(next);
        }}
        {...props}
      />
    );
  }
  render(<Keeper />);
  return kept;
}
const box = () => screen.getByRole('textbox', { name: /width/ });
const mm = (kept: Kept) => kept.given.map((one) => one?.mm ?? null);

test('a number on its way to a fraction: what stood before stands until it is one', async () => {
  const kept = boxWith(millimetres(500));
  await userEvent.clear(box());
  await userEvent.type(box(), '26 3/8');
  // 26 is one; `26 3` and `26 3/` are none, so the 500 from before stands; then 26 3/8 in.
  expect(kept.value?.mm).toBeCloseTo(26.375 * 25.4, 9);
  expect(kept.value?.typed).toBe('26 3/8');
  expect(mm(kept)).toContain(500);
  expect(mm(kept).every((one) => one !== null)).toBe(true);
  expect(kept.pending).toBeUndefined();
});

test('what cannot be read stays in the box, is told there, and is kept outside', async () => {
  const kept = boxWith(millimetres(500));
  await userEvent.clear(box());
  await userEvent.type(box(), 'wide');
  expect(kept.pending).toBe('wide');
  expect(box()).toHaveProperty('value', 'wide');
  expect(box().getAttribute('aria-invalid')).toBe('true');
  const told = document.getElementById(box().getAttribute('aria-describedby') ?? '');
  expect(told?.textContent).not.toBe('');
  await userEvent.tab();
  expect(box()).toHaveProperty('value', 'wide');
  expect(kept.value?.mm).toBe(500);
});

test('an emptied box takes the value away only where there may be none', async () => {
  const needed = boxWith(millimetres(500));
  await userEvent.clear(box());
  expect([needed.value?.mm, needed.pending]).toEqual([500, '']);
});

test('an emptied box that may be empty has no value', async () => {
  const kept = boxWith(millimetres(500), { optional: true });
  await userEvent.clear(box());
  expect([kept.value, kept.pending]).toEqual([null, undefined]);
});

test('a value that is changed from elsewhere ends what was being typed', async () => {
  const kept = boxWith(millimetres(500));
  await userEvent.clear(box());
  await userEvent.type(box(), '12');
  act(() => kept.put({ mm: 254, typed: '10' }));
  expect(box()).toHaveProperty('value', '10');
});

test('a figure that the program put in says so, until somebody types one', async () => {
  boxWith(assumed(millimetres(500)));
  expect(screen.getByText('assumed')).toBeTruthy();
  await userEvent.clear(box());
  await userEvent.type(box(), '20');
  expect(screen.queryByText('assumed')).toBeNull();
});

test('a usual size is understood, an unusual one is asked about and taken all the same', async () => {
  const kept = boxWith(null);
  await userEvent.type(box(), '0.1');
  expect(kept.value?.mm).toBeCloseTo(2.54, 9);
  expect(document.querySelector('[data-says]')?.textContent).not.toBe('');
  await userEvent.clear(box());
  await userEvent.type(box(), '20');
  expect(document.querySelector('[data-says]')).toBeNull();
});

test('a fault from elsewhere is told where nothing else is', () => {
  boxWith(null, { fault: 'this is needed' });
  expect(screen.getByText('this is needed')).toBeTruthy();
});
