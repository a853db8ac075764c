import { type JobDetail, type JobSummary } from '@gyrus/contract';
import { type RuleBook } from '@gyrus/core';
import { demoPlan } from '@gyrus/demo';
import request from 'supertest';
import { startTestApp, type TestApp } from '../testing/testApp.ts';

let server: TestApp;
const http = () => request(server.app.getHttpServer());

beforeAll(async () => {
  server = await startTestApp({ demo: false });
});
afterAll(() => server.stop());

test('an example is a job of its own with the book that it is measured against; it can be put away', async () => {
  const start = async () => (await http().post('/api/examples').expect(201)).body as JobDetail;
  const [first, second] = [await start(), await start()];
  expect(first.head.plan).toEqual(demoPlan);
  expect(second.id).not.toBe(first.id);
  const books = (await http().get('/api/rule-books').expect(200)).body as RuleBook[];
  expect(books.filter(({ id }) => id === demoPlan.brief.books[0]?.book)).toHaveLength(1);
  await http().patch(`/api/jobs/${first.id}`).send({ archived: true }).expect(200);
  const jobs = (await http().get('/api/jobs').expect(200)).body as JobSummary[];
  expect(jobs.find(({ id }) => id === first.id)?.archived).toBe(true);
});
