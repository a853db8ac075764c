import {
  copesIn,
  evaluate,
  type Finding,
  findingsIn,
  INCHES,
  type LengthStyle,
  MILLIMETRES,
  type Plan,
} from '@gyrus/core';
import { demoBooks, demoJobs, demoShop } from '@gyrus/demo';
import { inUtc } from '../../testing/inUtc.ts';
import { pdfText } from '../../testing/pdfText.ts';
import { findingWords } from '../../words/findings/finding.ts';
import { findingKind } from '../../words/findings/findingKinds.ts';
import { findingStamps } from '../../words/findings/findingLines.ts';
import { type Paper } from '../page.ts';
import { type InspectionForm, inspectionPdf } from './index.ts';

interface Printed {
  bytes: Buffer;
  findings: Finding[];
}

interface How {
  photos?: Map<string, Buffer>;
  form?: InspectionForm;
  paper?: Paper;
  style?: LengthStyle;
}

const JOB = 'Kestrel and sons';

async function printed(plan: Plan, how: How = {}): Promise<Printed> {
  const evaluation = evaluate(plan, demoShop, demoBooks);
  const findings = findingsIn(plan, evaluation, copesIn(plan, evaluation, demoBooks), demoBooks);
  const doc = inspectionPdf({
    plan,
    evaluation,
    shop: demoShop,
    books: demoBooks,
    findings,
    photos: how.photos ?? new Map<string, Buffer>(),
    job: JOB,
    revision: { number: 7, author: 'T. Moreau', on: inUtc('2027-03-01T10:00:00Z') },
    printed: inUtc('2027-03-04T09:00:00Z'),
    form: how.form ?? 'long',
    paper: how.paper ?? 'a4',
    style: how.style ?? INCHES,
  });
  const chunks: Buffer[] = [];
  for await (const chunk of doc as unknown as AsyncIterable<Buffer>) chunks.push(chunk);
  return { bytes: Buffer.concat(chunks), findings };
}

/** The words of a page in one line: where a sentence was broken does not count. */
const oneLine = (text: string): string => text.replaceAll(/\s+/g, ' ');
/** Fractions are set with a slash of their own. */
const typeset = (text: string): string => oneLine(text.replaceAll(/(\d)\/(\d)/g, '$1⁄$2'));

describe.each(
  demoJobs.flatMap(({ name, plan }) =>
    (
      [
        ['a4', MILLIMETRES],
        ['letter', INCHES],
      ] as const
    ).map(([paper, style]) => [`${name}, ${paper}, ${style.unit}`, plan, paper, style] as const),
  ),
)('%s', (_, plan, paper, style) => {
  let pages: string[];
  let findings: Finding[];
  beforeAll(async () => {
    const sheet = await printed(plan, { paper, style });
    pages = (await pdfText(sheet.bytes)).map(oneLine);
    findings = sheet.findings;
  });

  test('every page says whose it is, which revision, when it was printed, and how many there are', () => {
    for (const [i, page] of pages.entries()) {
      expect(page).toContain(JOB);
      expect(page).toContain('revision 7');
      expect(page).toContain('printed 2027-03-04');
      expect(page).toContain(`page ${i + 1} of ${pages.length}`);
    }
  });

  test('all that is out stands on the first page, each kind with the stamps of its tubes', () => {
    const [first = ''] = pages;
    const out = findings.filter(({ status }) => status === 'out');
    for (const finding of out) {
      expect(first).toContain(`out ${findingKind(finding.code)}`);
      for (const stamp of findingStamps(finding, plan)) expect(first).toMatch(new RegExp(`\\b${stamp}\\b`));
    }
    expect(first).toContain(`${out.length} out`);
    expect(first).toContain('saved by T. Moreau on 2027-03-01');
  });

  test('what is out stands beside the rule’s own text, and pages of a book repeat its name and the heads of its columns', () => {
    const all = pages.join(' ');
    for (const { rule, status } of findings)
      if (rule && status === 'out') expect(all).toContain(typeset(rule.text));
    const heads = 'clause the rule, as it was entered found tubes and parts what measured limit margin';
    for (const { book } of plan.brief.books) {
      const title = demoBooks.find(({ id }) => id === book)?.title ?? '';
      const own = pages.filter((page) => page.includes(`${title}, edition`) && !page.includes('initials'));
      expect(own.length).toBeGreaterThan(0);
      expect(own.filter((page) => !page.includes(heads) && !page.includes('Not about this cage'))).toEqual(
        [],
      );
    }
  });

  test('each question is asked once, with room for the answer', () => {
    const questions = pages
      .filter((page) => page.includes('book and clause tubes and parts question'))
      .join(' ');
    const asked = new Set(
      findings
        .filter(({ code, status }) => code === 'asked' && status === 'ask')
        .map((one) => findingWords(one, style)),
    );
    for (const question of asked) expect(questions.split(typeset(question))).toHaveLength(2);
  });

  test('one unit, one minus and one percent throughout what the program says', () => {
    const own = pages.filter((page) => /For the inspector|As built|Besides the books/.test(page)).join(' ');
    expect(own).not.toMatch(style.unit === 'in' ? /\d (mm|kg|m)\b/ : /\d (in|lb|ft)\b/);
    expect(pages.join(' ')).not.toMatch(/(^|[\s(])-\d/);
    expect(pages.join(' ')).not.toMatch(/\d%/);
  });

  test('the short form is two pages, the findings and the tubes with their certificates', async () => {
    const short = (await pdfText((await printed(plan, { paper, style, form: 'short' })).bytes)).map(oneLine);
    expect(short.length).toBeLessThanOrEqual(2);
    expect(short[0]).toBe(pages[0]?.replace(/of \d+/, 'of 2'));
    expect(short[1]).toContain('batch certificate');
  });
});

const count = (pdf: Buffer, what: RegExp): number => pdf.toString('latin1').match(what)?.length ?? 0;

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
  const photos = new Map([['damaged', Buffer.from([0xff, 0xd8, 0xff, 0xe0, 0, 1])]]);
  const { bytes } = await printed(plan, { photos });
  expect(count(bytes, /\/Subtype \/Image/g)).toBe(0);
  expect((await pdfText(bytes)).join(' ')).toContain('this photo cannot be shown');
});
