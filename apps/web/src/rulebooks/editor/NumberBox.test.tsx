/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { type NumberLimits } from './draft/typedNumber.ts';
import { NumberBox } from './NumberBox.tsx';

function boxWith(start: number | string | null, limits: NumberLimits) {
  const given: (number | string | null)[] = [];
  function Keeper() {
    const [value, setValue] = useState(start);
    return (
      <NumberBox
        label="share"
        value={value}
        set={(next) => {
          given.push(next);
          setValue(next);
        }}
        className=""
        {...limits}
      />
    );
  }
  render(<Keeper />);
  return given;
}
const box = () => screen.getByRole('textbox', { name: 'share' });

test('`3.` is not made 3 under the typing hand, and reads 3.5 in the end', async () => {
  const given = boxWith(null, { least: 0, most: 10 });
  await userEvent.type(box(), '3.');
  expect(box()).toHaveProperty('value', '3.');
  await userEvent.type(box(), '5');
  expect(given.at(-1)).toBe(3.5);
});

test('what is no number stays as it was typed, is marked, and stands in the book as a text', async () => {
  const given = boxWith(2, { least: 0, most: 10 });
  await userEvent.clear(box());
  await userEvent.type(box(), 'two');
  await userEvent.tab();
  expect(given.at(-1)).toBe('two');
  expect(box()).toHaveProperty('value', 'two');
  expect(box().getAttribute('aria-invalid')).toBe('true');
});

test('a share of one is written in percent', async () => {
  const given = boxWith(0.5, { least: 0, most: 1, shown: 100 });
  expect(box()).toHaveProperty('value', '50');
  await userEvent.clear(box());
  await userEvent.type(box(), '62.5');
  await userEvent.tab();
  expect(given.at(-1)).toBe(0.625);
  expect(box()).toHaveProperty('value', '62.5');
});

test('an emptied box is an open one', async () => {
  const given = boxWith(4, { least: 0, most: 10 });
  await userEvent.clear(box());
  expect(given.at(-1)).toBeNull();
});
