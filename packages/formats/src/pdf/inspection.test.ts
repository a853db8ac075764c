import { copesIn, evaluate, findingsIn, INCHES, type Plan } from '@gyrus/core';
import { demoBooks, demoJobs, demoShop } from '@gyrus/demo';
import { findingWords } from '../words/finding.ts';
import { inspectionPdf } from './index.ts';

/** The sheet as its uncompressed frame: pages and pictures are counted in it. */
async function sheetOf(plan: Plan, photos = new Map<string, Buffer>()): Promise<string> {
  const evaluation = evaluate(plan, demoShop, demoBooks);
  const findings = findingsIn(plan, evaluation, copesIn(plan, evaluation, demoBooks), demoBooks);
  const doc = inspectionPdf({
    plan,
    evaluation,
    shop: demoShop,
    findings,
    photos,
    job: 'a job',
    revision: 2,
    printed: new Date(0),
    paper: 'a4',
    style: INCHES,
  });
  const chunks: Buffer[] = [];
  for await (const chunk of doc as unknown as AsyncIterable<Buffer>) chunks.push(chunk);
  return Buffer.concat(chunks).toString('latin1');
}

const count = (text: string, what: RegExp): number => text.match(what)?.length ?? 0;

test.each(demoJobs.map(({ name, plan }) => [name, plan] as const))(
  '%s has a sheet for the inspector of a few pages',
  async (_, plan) => {
    const pages = count(await sheetOf(plan), /\/Type \/Page\b/g);
    expect(pages).toBeGreaterThan(2);
    expect(pages).toBeLessThan(20);
  },
);

test('no sentence of a finding says approved or compliant', () => {
  for (const { plan } of demoJobs)
    for (const finding of evaluate(plan, demoShop, demoBooks).findings)
      expect(findingWords(finding, INCHES)).not.toMatch(/approv|complian|certifie[ds]/i);
});

test('a damaged photo is told in its place, and the sheet is printed all the same', async () => {
  const [job] = demoJobs;
  if (!job) throw new Error('there are demo jobs');
  const [asked] = evaluate(job.plan, demoShop, demoBooks).findings.filter(({ code }) => code === 'asked');
  const answer = { answer: 'yes' as const, by: 'E. L.', note: '', on: '2026-11-20T09:30:00.000Z' };
  const plan: Plan = {
    ...job.plan,
    answers: { [asked?.key ?? '']: { ...answer, photos: [{ file: 'damaged', name: 'weld' }] } },
  };
  const sheet = await sheetOf(plan, new Map([['damaged', Buffer.from([0xff, 0xd8, 0xff, 0xe0, 0, 1])]]));
  expect(count(sheet, /\/Subtype \/Image/g)).toBe(0);
  expect(count(sheet, /\/Type \/Page\b/g)).toBeGreaterThan(2);
});
