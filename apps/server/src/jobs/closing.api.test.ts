import { randomUUID } from 'node:crypto';
import { type JobDetail, type JobSummary, type RevisionSummary } from '@gyrus/contract';
import { assumedIn, type Fault } from '@gyrus/core';
import request from 'supertest';
import { startTestApp, type TestApp } from '../testing/testApp.ts';

const DEMO = '0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c01';
let server: TestApp;
const http = () => request(server.app.getHttpServer());
const faultIn = (body: unknown) => (body as { error: Fault }).error;
const detailOf = async (id: string) => (await http().get(`/api/jobs/${id}`).expect(200)).body as JobDetail;

beforeAll(async () => {
  server = await startTestApp({ demo: true });
});
afterAll(() => server.stop());

const newJob = async () =>
  (await http().post('/api/jobs').send({ name: 'Closed', car: '', length: 'mm' }).expect(201))
    .body as JobDetail;
const save = ({ id, head }: JobDetail) =>
  http()
    .post(`/api/jobs/${id}/revisions`)
    .send({ id: randomUUID(), parent: head.id, branch: 'main', author: '', note: '', plan: head.plan });
const build = (id: string) =>
  http()
    .post(`/api/jobs/${id}/build`)
    .send({
      ...{ id: randomUUID(), branch: 'main', kind: 'note', ticks: ['plate:p'], who: 'Aino', title: 'x' },
      ...{
        at: '2026-11-27T10:00:00Z',
        took: null,
        readings: [],
        note: 'a note',
        photos: [],
        procedure: null,
      },
    });

test('a closed job is not changed, neither its plan nor what was built; opened again it is', async () => {
  const job = await newJob();
  await http()
    .patch(`/api/jobs/${job.id}`)
    .send({ closed: { by: ' Aino ' } })
    .expect(200);
  const { closed } = await detailOf(job.id);
  expect(closed?.by).toBe('Aino');
  expect(Date.now() - new Date(closed?.at ?? 0).getTime()).toBeLessThan(60_000);
  expect((await http().get('/api/jobs').expect(200)).body as JobSummary[]).toContainEqual(
    expect.objectContaining({ id: job.id, closed }),
  );
  for (const refused of [await save(job), await build(job.id)]) {
    expect([refused.status, faultIn(refused.body).code]).toEqual([422, 'closed']);
    expect(faultIn(refused.body).message).toContain('Aino');
  }
  expect((await detailOf(job.id)).revision).toBe(1);
  // A change of name says nothing of it, and leaves it closed.
  await http().patch(`/api/jobs/${job.id}`).send({ name: 'Done' }).expect(200);
  expect((await detailOf(job.id)).closed).toEqual(closed);
  await http().patch(`/api/jobs/${job.id}`).send({ closed: null }).expect(200);
  expect((await detailOf(job.id)).closed).toBeNull();
  await save(job).expect(201);
  await build(job.id).expect(201);
});

test('the next car of the model begins with the cage of the last, and with nothing of it measured', async () => {
  const last = await detailOf(DEMO);
  const copies = `/api/jobs/${DEMO}/copies`;
  const dto = { name: 'Ptarmigan, the second', car: '', branch: 'main' };
  const next = (await http().post(copies).send(dto).expect(201)).body as JobDetail;
  expect(next).toMatchObject({
    name: 'Ptarmigan, the second',
    car: last.car,
    revision: 1,
    copiedFrom: { id: DEMO, name: last.name, revision: last.revision },
  });
  expect(next.head.plan.members.map(({ stamp }) => stamp)).toEqual(
    last.head.plan.members.map(({ stamp }) => stamp),
  );
  expect(assumedIn(next.head.plan).things.length).toBeGreaterThan(assumedIn(last.head.plan).things.length);
  const revisions = (await http().get(`/api/jobs/${next.id}/revisions`).expect(200))
    .body as RevisionSummary[];
  expect(revisions.map(({ note }) => note)).toEqual([`copy of ${last.name}, revision ${last.revision}`]);
  // What was built of the last car was not built of this one.
  expect((await http().get(`/api/jobs/${next.id}/build`).expect(200)).body).toEqual([]);
  expect((await detailOf(DEMO)).revision).toBe(last.revision);
  await http()
    .post(copies)
    .send({ ...dto, branch: 'none' })
    .expect(404);
  await http().post(`/api/jobs/${randomUUID()}/copies`).send(dto).expect(404);
});

test.each([
  ['nobody closes it', 'patch', { closed: { by: ' ' } }, '/closed/by'],
  ['closed by a word', 'patch', { closed: true }, '/closed'],
  ['a copy without a name', 'post', { name: ' ', car: '', branch: 'main' }, '/name'],
] as const)('%s: refused where it is', async (_, method, body, path) => {
  const job = await newJob();
  const address = method === 'patch' ? `/api/jobs/${job.id}` : `/api/jobs/${job.id}/copies`;
  const refused = await http()[method](address).send(body).expect(422);
  expect(faultIn(refused.body).path).toBe(path);
});
