/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Term } from './Term.tsx';

const word = () => screen.getByRole('button', { name: 'throat' });
const help = () => screen.findByRole('dialog');

beforeEach(() => {
  // Where things lie is not laid out here.
  globalThis.ResizeObserver ??= class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
  render(
    <>
      <Term of="throat">throat</Term>
      <button type="button">after</button>
    </>,
  );
});

test('a mouse on it shows it as long as it is there', async () => {
  await userEvent.hover(word());
  await help();
  await userEvent.unhover(word());
  expect(screen.queryByRole('dialog')).toBeNull();
});

test('with the keyboard it is shown while the word has the focus, which it keeps', async () => {
  await userEvent.tab();
  expect((await help()).textContent).not.toBe('');
  expect(document.activeElement).toBe(word());
  expect(word().getAttribute('aria-expanded')).toBe('true');
  await userEvent.tab();
  expect(screen.queryByRole('dialog')).toBeNull();
  expect(word().getAttribute('aria-expanded')).toBe('false');
});

test('Escape puts it away, and the focus stays on the word', async () => {
  await userEvent.tab();
  await help();
  await userEvent.keyboard('{Escape}');
  expect(screen.queryByRole('dialog')).toBeNull();
  expect(document.activeElement).toBe(word());
});
