/** @jest-environment jsdom */
import { EMPTY_SHOP, evaluate, type Finding, finding, type Plan } from '@gyrus/core';
import { bar, cageOf, mm, point } from '@gyrus/core/testing';
import { handsOf } from '@gyrus/formats';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { EvaluationContext } from '../../../answers/useAnswers.ts';
import { openJobWith } from '../../../job/store/firstRevision.ts';
import { usePlanStore } from '../../../job/store/planStore.ts';
import { HandsCard } from './HandsCard.tsx';

const base = cageOf(bar('stay', 'backstay', point(0, 450, 900), point(-900, 450, 200)));
const stay = base.members.find(({ id }) => id === 'm-stay');
const sheet = (id: string): Plan['gussets'][number] => ({
  id,
  stamp: id.toUpperCase(),
  kind: 'flat',
  between: [{ member: 'm-hoop' }, { member: 'm-stay' }],
  legs: [mm(100), mm(100)],
  thickness: mm(1),
  holes: [],
  twin: false,
});
const plan: Plan = { ...base, gussets: [sheet('g1'), sheet('g2')] };
const now = () => usePlanStore.getState().history?.present ?? plan;

const thin = (gusset: string): Finding =>
  finding({
    key: `book/thin/${gusset}`,
    code: 'gusset-thickness',
    status: 'out',
    measured: { mm: 1 },
    limit: { mm: 2 },
    margin: { mm: -1 },
    remedy: { kind: 'gusset', gusset, leg: 0, thickness: mm(2) },
    facts: { stamp: { text: gusset.toUpperCase() } },
  });

const lit: string[] = [];
function card(findings: Finding[]) {
  const [line] = handsOf(findings, plan).open;
  if (!line) throw new Error('something is open');
  render(
    <MemoryRouter>
      <QueryClientProvider client={new QueryClient()}>
        <EvaluationContext value={evaluate(plan, EMPTY_SHOP, [])}>
          <ul>
            <HandsCard line={line} light={{ lit: null, onLight: (member) => lit.push(member) }} />
          </ul>
        </EvaluationContext>
      </QueryClientProvider>
    </MemoryRouter>,
  );
}

beforeEach(() => {
  lit.length = 0;
  openJobWith(plan);
});

test('what one press mends is mended by it in one undo step, on every thing that it is about', async () => {
  card([thin('g1'), thin('g2')]);
  expect(screen.getByRole('heading').textContent).toBe('Sheet of a gusset');
  await userEvent.click(screen.getByRole('button', { name: 'Do this for all 2' }));
  // A sheet is taken a hair above its limit at the least, and never below.
  for (const { thickness } of now().gussets) expect(thickness.mm).toBeGreaterThanOrEqual(2);
  act(() => usePlanStore.getState().undo());
  expect(now().gussets.map(({ thickness }) => thickness.mm)).toEqual([1, 1]);
});

test('it leads to the tube at the page where it is dealt with, and its stamp lights it', async () => {
  const stamp = stay?.pieces[0]?.stamp ?? '';
  card([
    finding({
      key: 'k',
      code: 'angle',
      status: 'look',
      member: 'm-stay',
      measured: { deg: 20 },
      limit: { deg: 25 },
      facts: { stamp: { text: stamp }, from: { text: 'vertical' }, side: { text: 'least' } },
    }),
  ]);
  const link = screen.getByRole('link', { name: 'Change it at Design' });
  expect(link.getAttribute('href')).toContain(`design?tube=${stay?.pieces[0]?.id ?? 'none'}`);
  await userEvent.click(screen.getByRole('button', { name: `Light ${stamp}` }));
  expect(lit).toEqual(['m-stay']);
});

test('a question is answered on its card, with a name, and has no way to a field', async () => {
  card([
    finding({
      key: 'book/hole/x',
      code: 'asked',
      status: 'ask',
      facts: { question: { text: 'Is it drilled?' } },
    }),
  ]);
  expect(screen.getByRole('heading').textContent).toBe('Is it drilled?');
  expect(screen.queryByRole('link')).toBeNull();
  await userEvent.click(screen.getByRole('radio', { name: 'yes' }));
  await userEvent.type(screen.getByRole('textbox', { name: 'who checked' }), 'E. L.');
  expect(now().answers['book/hole/x']).toMatchObject({ answer: 'yes', by: 'E. L.' });
});
