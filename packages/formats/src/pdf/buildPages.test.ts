import { buildIn, evaluate, MILLIMETRES } from '@gyrus/core';
import { demoBench, demoBooks, demoBuilt, demoPlan, demoShop, demoWelding, fourPointPlan } from '@gyrus/demo';
import { buffer } from 'node:stream/consumers';
import { inUtc } from '../testing/inUtc.ts';
import { pdfText } from '../testing/pdfText.ts';
import { stepTitle } from '../words/build/stepTitle.ts';
import { buildListPdf, historyPdf } from './index.ts';

const oneLine = (page: string): string => page.replace(/\s+/g, ' ');
const printed = inUtc('2026-11-27T10:00:00Z');

test('every step is printed with its number, its reasons, and who did it where it is done', async () => {
  const answer = buildIn(fourPointPlan, evaluate(fourPointPlan, demoShop, demoBooks), demoBooks);
  const [first] = answer.steps;
  const by = { who: 'Aino', at: '2026-11-20T09:00:00.000Z' };
  const ticked = new Map(first?.ticks.map((tick) => [tick, by]));
  const request = {
    answer,
    ticked,
    job: 'A job',
    car: 'A car',
    revision: 3,
    printed,
    paper: 'a4',
    style: MILLIMETRES,
  } as const;
  const pages = (await pdfText(await buffer(buildListPdf(request)))).map(oneLine);
  const text = pages.join(' ');
  for (const [i, step] of answer.steps.entries())
    expect(text).toContain(`${i + 1} ${stepTitle(step, MILLIMETRES)}`.replace(/\s+/g, ' '));
  expect(text.match(/Aino, 2026-11-20/g)).toHaveLength(1);
  expect(text).toContain('Order of build: A job');
  // Every page carries the caution at its foot.
  for (const page of pages) expect(page).toContain('It certifies nothing');
});

test('a history is printed with its tubes and what was done, and says so where nothing was', async () => {
  const entries = demoBuilt.find(({ entries: [one] }) => one?.id.endsWith('301'))?.entries ?? [];
  const request = {
    ...{ plan: demoPlan, shop: demoShop, books: demoBooks, job: 'A job', printed, style: MILLIMETRES },
    paper: 'letter',
  } as const;
  const nothing = { entries: [], bends: [], scrap: [], sawn: [], procedures: [] };
  const textOf = async (sources: typeof nothing | { entries: typeof entries }) =>
    oneLine(
      (await pdfText(await buffer(historyPdf({ ...request, sources: { ...nothing, ...sources } })))).join(
        ' ',
      ),
    );
  const text = await textOf({ entries });
  expect(text).toContain('batch 7731');
  expect(text).toContain('certificate C 7731-2, demo mill');
  expect(text).toMatch(/noted: Hoop put right “both crown bends pulled further/);
  expect(await textOf({ ...nothing, entries: [] })).toContain('Nothing is written down yet.');
});

test('who welded which seam is printed with its procedure and what its samples were found to be', async () => {
  const { entries } = demoBench();
  const request = {
    ...{ plan: fourPointPlan, shop: demoShop, books: demoBooks, job: 'A bar', printed, style: MILLIMETRES },
    paper: 'a4',
  } as const;
  const sources = { entries, bends: [], scrap: [], sawn: [], procedures: demoWelding };
  const text = oneLine((await pdfText(await buffer(historyPdf({ ...request, sources })))).join(' '));
  expect(text).toContain('Seams');
  expect(text).toMatch(/D1, end B A\. Lind 2026-09-22 \d\d:\d\d, procedure TIG \.095, all round/);
  expect(text).toContain(
    'samples: flat sound (A. Lind), horizontal sound (A. Lind), vertical sound (A. Lind)',
  );
  expect(text).toContain('welded on the bench by procedure TIG .095, all round');
});
