import { PAGES_HEADER } from '@gyrus/contract';
import { evaluate, type Fault, mainHoopOf } from '@gyrus/core';
import { demoBooks, demoJobs, demoPlan, demoShop } from '@gyrus/demo';
import request from 'supertest';
import { extractText, getDocumentProxy } from 'unpdf';
import { startTestApp, type TestApp } from '../testing/testApp.ts';

let server: TestApp;
const http = () => request(server.app.getHttpServer());
const [job] = demoJobs.filter(({ plan }) => plan === demoPlan);
const from = `/api/jobs/${job?.id}/revisions/1`;
const hoop = mainHoopOf(demoPlan)?.pieces[0]?.id ?? '';
/** What each page says, read back by a reader of other people's making. */
const pagesOf = async (path: string): Promise<string[]> => {
  const answer = await http().get(`${from}/${path}`).responseType('blob').expect(200);
  const document = await getDocumentProxy(new Uint8Array(answer.body as Buffer));
  return (await extractText(document, { mergePages: false })).text;
};

beforeAll(async () => {
  server = await startTestApp({ demo: true });
});
afterAll(() => server.stop());

test('all bend sheets in one print: as many pages as tubes with marks, told before by the header alone', async () => {
  const marked = evaluate(demoPlan, demoShop, demoBooks)
    .members.flatMap(({ pieces }) => pieces)
    .filter(({ sheet }) => sheet !== null);
  const path = 'tubes.pdf?what=bends&unit=in&paper=letter';
  const head = await http().head(`${from}/${path}`).expect(200);
  expect(Number(head.headers[PAGES_HEADER.toLowerCase()])).toBe(marked.length);
  expect(head.text).toBeUndefined();
  const pages = await pagesOf(path);
  expect(pages).toHaveLength(marked.length);
  for (const page of pages) expect(page).toContain('bend sheet, revision 1');
});

test('all of one tube is its bend sheet, its cope sheet and its templates, by the clock of the shop', async () => {
  await http().put('/api/shop/settings').send({ zone: 'Pacific/Auckland' }).expect(200);
  const pages = await pagesOf(`tubes.pdf?what=all&unit=in&piece=${hoop}`);
  expect(pages[0]).toContain('bend sheet');
  expect(pages[0]).toContain('(Pacific/Auckland)');
  expect(pages[1]).toContain('cope sheet');
});

test('a tube that is not there is told, and so is what is not a choice', async () => {
  const none = await http().get(`${from}/tubes.pdf?what=all&unit=in&piece=nowhere`).expect(422);
  expect((none.body as { error: Fault }).error.code).toBe('no-tube');
  await http().head(`${from}/tubes.pdf?what=all&unit=in&piece=nowhere`).expect(422);
  await http().get(`${from}/tubes.pdf?what=some&unit=in`).expect(422);
});

test('a window that was opened on a sheet that there is not shows the reason as a sentence', async () => {
  const browser = 'text/html,application/xhtml+xml,application/xml;q=0.9,*/*;q=0.8';
  const shown = await http()
    .get(`${from}/tubes.pdf?what=all&unit=in&piece=nowhere`)
    .set('Accept', browser)
    .expect(422);
  expect(shown.headers['content-type']).toContain('text/plain');
  expect(shown.text).toMatch(/^there is nothing to print of this tube yet\n/);
});
