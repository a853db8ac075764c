import { inflateSync } from 'node:zlib';
import { copesIn, evaluate, formatAngle, INCHES, type Plan } from '@gyrus/core';
import { demoBooks, demoPlan, demoShop } from '@gyrus/demo';
import { inUtc } from '../../../testing/inUtc.ts';
import { pdfText } from '../../../testing/pdfText.ts';
import { bendSheetPdf, type SheetRequest } from '../../index.ts';

const request = (plan: Plan, changes: Partial<SheetRequest> = {}): SheetRequest => ({
  plan,
  evaluation: evaluate(plan, demoShop, demoBooks),
  piece: plan.members[0]?.pieces[0]?.id ?? '',
  revision: 3,
  job: 'A job',
  printed: inUtc('2026-11-25T10:25:00Z'),
  paper: 'a4',
  style: INCHES,
  datum: 'centre',
  ears: null,
  findings: evaluate(plan, demoShop, demoBooks).findings,
  ...changes,
});

async function bytesOf(given: SheetRequest): Promise<Buffer> {
  const doc = bendSheetPdf(given);
  if (!doc) throw new Error('no sheet');
  const chunks: Buffer[] = [];
  for await (const chunk of doc as unknown as AsyncIterable<Buffer>) chunks.push(chunk);
  return Buffer.concat(chunks);
}

test.each([
  ['a4', '841.89 595.28'],
  ['letter', '792 612'],
] as const)('one page of %s, landscape', async (paper, box) => {
  const pdf = (await bytesOf(request(demoPlan, { paper }))).toString('latin1');
  expect(pdf.startsWith('%PDF-')).toBe(true);
  expect(pdf).toContain(`/MediaBox [0 0 ${box}]`);
  expect(pdf.match(/\/Type \/Page\b/g)).toHaveLength(1);
});

test('the page is drawn and written on', async () => {
  const pdf = await bytesOf(request(demoPlan));
  const text = pdf.toString('latin1');
  const start = text.indexOf('stream\n') + 7;
  const content = inflateSync(pdf.subarray(start, text.indexOf('\nendstream', start))).toString('latin1');
  expect(content.match(/ Tf/g)?.length).toBeGreaterThan(40);
});

test('a tube without marks has no sheet', () => {
  const plan: Plan = { ...demoPlan, survey: { ...demoPlan.survey, measures: {} } };
  expect(bendSheetPdf(request(plan))).toBeNull();
});

test('the saw’s setting for a foot on the floor is on the bend sheet what it is at Cope', async () => {
  // Without plates the feet stand on the floor as it was measured.
  const plan: Plan = { ...demoPlan, plates: [] };
  const text = (await pdfText(await bytesOf(request(plan)))).join(' ').replace(/\s+/g, ' ');
  const feet = copesIn(plan, evaluate(plan, demoShop, demoBooks), demoBooks).ends.filter(
    ({ stamp }) => stamp === 'MH',
  );
  for (const [i, side] of ['left', 'right'].entries())
    expect(text).toContain(`${side} ${formatAngle(feet[i]?.foot?.angle ?? NaN)}° at the saw`);
});
