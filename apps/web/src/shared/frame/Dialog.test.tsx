/** @jest-environment jsdom */
import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { type ReactNode, useState } from 'react';
import { Dialog } from './Dialog.tsx';

function Page({ children }: { children: ReactNode }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button">before</button>
      <button type="button" onClick={() => setOpen(true)}>
        Open it
      </button>
      <Dialog title="A form" open={open} onClose={() => setOpen(false)}>
        {children}
      </Dialog>
    </>
  );
}
const openIt = async (children: ReactNode) => {
  render(<Page>{children}</Page>);
  await userEvent.click(screen.getByRole('button', { name: 'Open it' }));
};

test('it begins at its first field, and gives the focus back to what opened it', async () => {
  await openIt(
    <>
      <button type="button">a button before the field</button>
      <input aria-label="name" />
      <input aria-label="other" />
    </>,
  );
  expect(document.activeElement).toBe(screen.getByRole('textbox', { name: 'name' }));
  await userEvent.keyboard('{Escape}');
  expect(screen.queryByRole('dialog')).toBeNull();
  expect(document.activeElement).toBe(screen.getByRole('button', { name: 'Open it' }));
});

test('of a row of choices it begins at the one that is chosen', async () => {
  await openIt(
    <>
      <input type="radio" name="what" aria-label="one" />
      <input type="radio" name="what" aria-label="two" defaultChecked />
    </>,
  );
  expect(document.activeElement).toBe(screen.getByRole('radio', { name: 'two' }));
});

test('a form that comes later has the focus then, unless somebody is somewhere in it already', async () => {
  function Late({ children }: { children: ReactNode }) {
    const [there, setThere] = useState(false);
    return (
      <>
        <button type="button" onClick={() => setThere(true)}>
          fetched
        </button>
        {there && children}
      </>
    );
  }
  await openIt(
    <Late>
      <input aria-label="name" />
    </Late>,
  );
  expect(document.activeElement).not.toBe(document.body);
  screen.getByRole('button', { name: 'Close' }).focus();
  const fetched = screen.getByRole('button', { name: 'fetched' });
  // As an answer of the server would: without a press that takes the focus.
  await act(async () => {
    fetched.click();
    await Promise.resolve();
  });
  expect(document.activeElement).toBe(screen.getByRole('textbox', { name: 'name' }));
});

test('what was typed is asked about before it is thrown away', async () => {
  await openIt(<input aria-label="name" />);
  await userEvent.keyboard('A. Berg{Escape}');
  expect(screen.getByRole('alert').textContent).toContain('Throw it away?');
  await userEvent.click(screen.getByRole('button', { name: 'Throw it away' }));
  expect(screen.queryByRole('dialog')).toBeNull();
});
