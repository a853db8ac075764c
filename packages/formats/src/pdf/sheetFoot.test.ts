import { buildIn, copesIn, evaluate, findingsIn, INCHES, MILLIMETRES } from '@gyrus/core';
import { demoBooks, demoJobs, demoShop } from '@gyrus/demo';
import { buffer } from 'node:stream/consumers';
import { inUtc } from '../testing/inUtc.ts';
import { pdfPlaces } from '../testing/pdfPlaces.ts';
import { type Doc, pagesOf } from './page.ts';
import { buildListPdf, historyPdf, inspectionPdf, measuringPdf, tubePackPdf } from './index.ts';
import { FOOT } from './sheet.ts';

const printed = inUtc('2026-11-27T10:00:00Z');

/** What stands below where the foot begins, without the foot's own lines. */
async function overFoot(doc: Doc): Promise<string[]> {
  const pages = await pdfPlaces(await buffer(doc));
  expect(pages).toHaveLength(pagesOf(doc));
  return pages.flatMap((page) => {
    const low = page.filter(({ up }) => up < FOOT - 2).map(({ text }) => text);
    expect(low.join(' ')).toContain('It certifies nothing');
    return low.filter((text) => !/certifies nothing|printed 2026-11-27|^page \d+ of \d+$/.test(text));
  });
}

// Each job on one of the two papers: two of them on each.
const PRINTED = demoJobs.map((job, i) => ({
  ...job,
  paper: i % 2 === 0 ? ('a4' as const) : ('letter' as const),
}));

describe.each(PRINTED)('the sheets of $name', ({ name: job, plan, paper }) => {
  const evaluation = evaluate(plan, demoShop, demoBooks);
  const copes = copesIn(plan, evaluation, demoBooks);
  const findings = findingsIn(plan, evaluation, copes, demoBooks);
  const common = { plan, evaluation, copes, findings, job, printed, shop: demoShop, books: demoBooks };

  test(`print nothing over the foot of ${paper}`, async () => {
    const tubes = tubePackPdf({
      ...{ ...common, paper, style: INCHES, revision: 2, curve: 'outer', straight: false },
      ...{ pieces: copes.lengths.map(({ piece }) => piece), ends: ['a', 'b'], parts: ['bends', 'copes'] },
    });
    const sources = { entries: [], bends: [], scrap: [], sawn: [], procedures: [] };
    const sheet = { ...common, paper, style: MILLIMETRES, revision: 2 };
    const answer = buildIn(plan, evaluation, demoBooks);
    const saved = { number: 2, author: 'T. Moreau', on: printed };
    const docs = [
      ...(tubes ? [tubes] : []),
      inspectionPdf({ ...sheet, revision: saved, photos: new Map(), form: 'long' }),
      inspectionPdf({ ...sheet, revision: saved, photos: new Map(), form: 'short' }),
      measuringPdf(sheet),
      buildListPdf({ ...sheet, answer, car: plan.brief.car, ticked: new Map() }),
      historyPdf({ ...sheet, sources }),
    ];
    for (const doc of docs) expect(await overFoot(doc)).toEqual([]);
  });
});
