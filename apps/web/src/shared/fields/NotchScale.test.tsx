/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { NotchScale } from './NotchScale.tsx';

beforeAll(() => {
  // The page is not laid out here, and nothing in it changes its size.
  globalThis.ResizeObserver = class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
});

const NOTCHES = ['back', 'as measured', 'forward'];

function Scale() {
  const [notch, setNotch] = useState(1);
  return <NotchScale label="seat" notches={NOTCHES} value={notch} onChange={setNotch} />;
}

test('the scale says at its thumb, and to who cannot see it, what it stands at', async () => {
  render(<Scale />);
  const thumb = screen.getByRole('slider', { name: 'seat' });
  const says = () => thumb.getAttribute('aria-valuetext');
  expect(says()).toBe('as measured');
  expect(screen.getAllByText('as measured')).toHaveLength(1);
  thumb.focus();
  await userEvent.keyboard('{ArrowRight}');
  expect(says()).toBe('forward');
  await userEvent.keyboard('{Home}');
  expect(says()).toBe('back');
  await userEvent.keyboard('{ArrowLeft}');
  expect(says()).toBe('back');
});
