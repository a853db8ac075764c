/** @jest-environment jsdom */
import { turnedFlat, type Welded, type WeldProcedure } from '@gyrus/core';
import { jest } from '@jest/globals';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { type ReactNode, useState } from 'react';

// The router wants more of a browser than there is here: a link is its address.
jest.unstable_mockModule('react-router', () => ({
  Link: ({ to, children }: { to: string; children: ReactNode }) => <a href={to}>{children}</a>,
}));
const { ByProcedure, useProcedures } = await import('./ByProcedure.tsx');

const sample = { id: 's', position: 'overhead', who: 'Eero', at: '', note: '', photo: null } as const;
const procedure = (changes: Partial<WeldProcedure>): WeldProcedure => ({
  ...{
    id: 'thin',
    name: 'TIG thin',
    wall: { mm: 2.4, typed: '2.4 mm' },
    positions: ['vertical', 'overhead'],
  },
  ...{ process: 'tig', filler: '1.6 mm', amperes: { least: 60, most: 85 }, gas: '', preheat: '', passes: 1 },
  ...{ who: 'Aino', at: '2026-11-27T10:00:00Z', setAside: false, samples: [] },
  ...changes,
});
const seam = (wall: number, changes: Partial<Welded> = {}) =>
  ({ ...{ tick: 'w', stamp: 'D1', wall, positions: turnedFlat(0) }, ...changes }) as Welded;

/** The choice with somebody who keeps it, as the step's form does. */
function Keeper({ seams, kept }: { seams: Welded[]; kept: string | null }) {
  const [id, setId] = useState(kept);
  const { fitting, chosen } = useProcedures(seams, id);
  return (
    <>
      <ByProcedure {...{ seams, fitting, chosen }} choose={setId} />
      <output>{chosen?.id ?? 'none'}</output>
    </>
  );
}

function shown(procedures: WeldProcedure[], seams: Welded[], kept: string | null = null) {
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } });
  client.setQueryData(['welding'], procedures);
  // It is asked for again in the background: nobody answers here, and what is there stays.
  globalThis.fetch = () => new Promise(() => undefined);
  const around = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  render(<Keeper seams={seams} kept={kept} />, { wrapper: around });
}
const options = () => screen.getAllByRole('option').map((one) => one.textContent);
const chosen = () => screen.getByRole('status').textContent;

test('without a procedure for the wall it asks, and says where one is written down', () => {
  shown([procedure({ wall: { mm: 3.05, typed: '.120' } }), procedure({ setAside: true })], [seam(2.413)]);
  expect(screen.getByText(/No welding procedure is written down for this wall/)).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Write one down' }).getAttribute('href')).toBe('/shop/welding');
});

test('only what is for every wall of the step is offered', () => {
  const thick = procedure({ id: 'thick', name: 'MIG thick', wall: { mm: 3.05, typed: '.120' } });
  shown([procedure({}), thick], [seam(2.413), seam(2.4)]);
  expect(options()).toEqual(['not said', 'TIG thin']);
});

test('a procedure that is no more for this wall is not taken, though the browser kept it', () => {
  shown([procedure({})], [seam(2.413)], 'thick');
  expect([chosen(), options()]).toEqual(['none', ['not said', 'TIG thin']]);
});

test('what its samples say of how the seams lie: every position once, what was not tried is to be looked at', async () => {
  const positions = { flat: 3, horizontal: 0, vertical: 40, overhead: 60 };
  shown(
    [
      procedure({
        samples: [
          { ...sample, sound: false },
          { ...sample, sound: true },
        ],
      }),
    ],
    [seam(2.413, { positions }), seam(2.413, { positions: { ...positions, horizontal: 20 } })],
  );
  await userEvent.selectOptions(screen.getByLabelText('welded by procedure'), 'TIG thin');
  expect(chosen()).toBe('thin');
  expect(screen.getByText(/TIG, wall 2\.4 mm, 1\.6 mm, 60 to 85 A, one pass/)).toBeTruthy();
  expect(screen.getAllByRole('listitem').map((one) => one.textContent)).toEqual([
    'clear overhead: sample of Eero, sound',
    'look vertical: no sample of it was cut open',
    'look horizontal: the procedure is not for it',
  ]);
  await userEvent.selectOptions(screen.getByLabelText('welded by procedure'), 'not said');
  expect([chosen(), screen.queryAllByRole('listitem')]).toEqual(['none', []]);
});
