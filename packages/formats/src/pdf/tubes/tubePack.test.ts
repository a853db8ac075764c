import { copesIn, curveOf, evaluate, formatAngle, INCHES, wrapLength } from '@gyrus/core';
import { demoBooks, demoPlan, demoShop } from '@gyrus/demo';
import { inUtc } from '../../testing/inUtc.ts';
import { pdfLines } from '../../testing/pdfLines.ts';
import { pdfText } from '../../testing/pdfText.ts';
import { dieWords } from '../../words/bend/dial.ts';
import { type TubePart, tubePackPdf, type TubePackRequest } from '../index.ts';

const evaluation = evaluate(demoPlan, demoShop, demoBooks);
const copes = copesIn(demoPlan, evaluation, demoBooks);
const SHEETS: TubePart[] = ['copes'];
const ROUND = 44.45;
const request = (changes: Partial<TubePackRequest> = {}): TubePackRequest => ({
  plan: demoPlan,
  evaluation,
  copes,
  pieces: copes.lengths.map(({ piece }) => piece),
  ends: ['a', 'b'],
  parts: ['copes', 'templates'],
  findings: [],
  job: 'a job',
  revision: 3,
  printed: inUtc('2026-11-25T10:25:00Z'),
  paper: 'a4',
  style: INCHES,
  curve: 'seating',
  straight: false,
  ...changes,
});

async function bytesOf(given: TubePackRequest): Promise<Buffer> {
  const chunks: Buffer[] = [];
  for await (const chunk of tubePackPdf(given) as unknown as AsyncIterable<Buffer>) chunks.push(chunk);
  return Buffer.concat(chunks);
}
const pagesIn = (pdf: Buffer) => pdf.toString('latin1').match(/\/Type \/Page\b/g)?.length;

test('a sheet for every tube, and templates many to a page', async () => {
  const sheets = pagesIn(await bytesOf(request({ parts: SHEETS })));
  // Where the saw goes in twice at an end, the marks by hand go on a second page, and over no footer.
  const twice = new Set(copes.ends.flatMap(({ piece, passes }) => (passes.length > 1 ? [piece] : [])));
  expect(twice.size).toBeGreaterThan(0);
  expect(sheets).toBe(copes.lengths.length + twice.size);
  const templates = copes.ends.filter(({ outer }) => outer.length > 0).length;
  const pages = pagesIn(await bytesOf(request({ parts: ['templates'] }))) ?? 0;
  expect(pages).toBeLessThan(templates / 2);
});

test.each([
  ['a4', 'outer'],
  ['letter', 'seating'],
] as const)('a template on %s is to scale: its %s line read back from the file', async (paper, curve) => {
  const cut = copes.ends.find(({ stamp, end }) => stamp === 'D1' && end === 'b');
  if (!cut) throw new Error('the demo has a diagonal');
  const one = { pieces: [cut.piece], ends: ['b' as const], parts: ['templates'] as TubePart[], paper, curve };
  const [page = []] = pdfLines(await bytesOf(request(one)));
  const mm = (points: number) => (points * 25.4) / 72;
  // The curve's chords are the first lines drawn, from the face line on.
  const chords = page.slice(0, 180);
  const setbacks = curveOf(cut, curve).map((setback) => setback ?? NaN);
  const low = Math.min(...setbacks);
  const [x, y] = chords[0]?.from ?? [0, 0];
  const up = (points: number) => mm(points - y) + (setbacks[0] ?? 0) - low;
  for (const [k, { from }] of chords.entries()) {
    expect(mm(from[0] - x)).toBeCloseTo((wrapLength(ROUND, 0.1) * k) / 180, 2);
    expect(up(from[1])).toBeCloseTo((setbacks[k] ?? NaN) - low, 2);
  }
  const last = chords[179]?.to ?? [0, 0];
  expect(Math.abs(mm(last[0] - x) - Math.PI * (ROUND + 0.1))).toBeLessThan(0.1);
});

test('no tube, no sheet', () => {
  expect(tubePackPdf(request({ pieces: ['nowhere'] }))).toBeNull();
});

test('a foot’s page says how the saw is set and where the long side lies; a saw that stops short says what to do', async () => {
  const feet = copes.ends.filter(({ stamp, method }) => stamp === 'MH' && method === 'plane');
  const [left] = feet;
  if (!left?.foot) throw new Error('the demo’s hoop stands on its feet');
  const one = { pieces: [left.piece], parts: SHEETS };
  const pageOf = async (changes: Partial<TubePackRequest>) =>
    (await pdfText(await bytesOf(request({ ...one, ...changes })))).join(' ').replace(/\s+/g, ' ');
  const text = await pageOf({});
  expect(text).toContain(`${formatAngle(left.foot.angle)}°`);
  expect(text).toContain('it lies toward');
  expect(text).toContain('From long side A to long side B');
  expect(text.match(/Set the saw, turn the tube/g)).toHaveLength(2);
  const sawSwing = { deg: 5, typed: '5' };
  const stops = await pageOf({ plan: { ...demoPlan, coping: { ...demoPlan.coping, sawSwing } } });
  expect(stops).toContain('The saw stops at 5°');
  expect(stops).toContain(`a wedge of ${formatAngle(left.foot.angle - 5)}°`);
});

test('all of one tube: its bend sheet, its cope sheet and its templates in one print, its die and its job on each', async () => {
  const bent = evaluation.members.flatMap(({ pieces }) => pieces).find(({ sheet }) => sheet?.bends[0]);
  const [first] = bent?.sheet?.bends ?? [];
  if (!bent || !first) throw new Error('the demo has a tube that is bent');
  const pages = await pdfText(
    await bytesOf(request({ pieces: [bent.piece], parts: ['bends', 'copes', 'templates'] })),
  );
  expect(pages[0]).toContain('bend sheet, revision 3');
  expect(pages[1]).toContain('cope sheet, revision 3');
  expect(pages.at(-1)).toContain('Wrap templates at true size');
  for (const [i, page] of pages.slice(0, 2).entries()) {
    expect(page).toContain(`a job · ${demoPlan.brief.car} · revision 3 · printed 2026-11-25 10:25 (UTC)`);
    expect(page).toContain(`page ${i + 1} of ${pages.length}`);
    expect(page.replaceAll('⁄', '/')).toContain(dieWords(first.die));
  }
});

test('all bend sheets in one print: one page for each tube with marks, in the order of the members', async () => {
  const pages = await pdfText(await bytesOf(request({ parts: ['bends'] })));
  const marked = evaluation.members.flatMap(({ pieces }) => pieces).filter(({ sheet }) => sheet !== null);
  expect(pages).toHaveLength(marked.length);
  for (const [i, { stamp }] of marked.entries()) expect(pages[i]).toContain(stamp);
  const without = { ...request(), evaluation: { ...evaluation, members: [] }, parts: ['bends' as const] };
  expect(tubePackPdf(without)).toBeNull();
});
