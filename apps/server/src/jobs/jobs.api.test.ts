import { randomUUID } from 'node:crypto';
import {
  type Clash,
  type JobDetail,
  type JobSummary,
  MOST_CHANGES,
  type Revision,
  REVISION_PAGE,
  type RevisionSummary,
} from '@gyrus/contract';
import { type Fault, type Plan } from '@gyrus/core';
import request from 'supertest';
import { startTestApp, type TestApp } from '../testing/testApp.ts';

let server: TestApp;
const http = () => request(server.app.getHttpServer());
const faultIn = (body: unknown) => (body as { error: Fault }).error;

beforeAll(async () => {
  server = await startTestApp({ demo: false });
});
afterAll(() => server.stop());

async function newJob(name = 'A job'): Promise<JobDetail> {
  const response = await http()
    .post('/api/jobs')
    .send({ name, car: 'Wheatear 1200', length: 'in' })
    .expect(201);
  return response.body as JobDetail;
}
const saveOf = (parent: string | null, plan: Plan, changes: object = {}) => ({
  id: randomUUID(),
  parent,
  branch: 'main',
  author: 'E. L.',
  note: '',
  plan,
  ...changes,
});
const renamed = (plan: Plan, car: string): Plan => ({ ...plan, brief: { ...plan.brief, car } });

test('a new job starts with a plan of its own and stands in the list', async () => {
  const job = await newJob('Hill climber');
  expect(job.head).toMatchObject({ number: 1, parent: null, branch: 'main' });
  expect(job.head.plan.brief.car).toBe('Wheatear 1200');
  const list = (await http().get('/api/jobs').expect(200)).body as JobSummary[];
  expect(list).toContainEqual(
    expect.objectContaining({ id: job.id, name: 'Hill climber', car: 'Wheatear 1200', revision: 1 }),
  );
});

test('saving appends: every revision stays as it was, with its parent', async () => {
  const job = await newJob();
  const second = (
    await http()
      .post(`/api/jobs/${job.id}/revisions`)
      .send(saveOf(job.head.id, renamed(job.head.plan, 'two')))
      .expect(201)
  ).body as Revision;
  expect(second).toMatchObject({ number: 2, parent: job.head.id, author: 'E. L.' });
  const first = (await http().get(`/api/jobs/${job.id}/revisions/1`).expect(200)).body as Revision;
  expect(first.plan).toEqual(job.head.plan);
  const list = (await http().get(`/api/jobs/${job.id}/revisions`).expect(200)).body as RevisionSummary[];
  expect(list.map((one) => one.number)).toEqual([2, 1]);
  const detail = (await http().get(`/api/jobs/${job.id}`).expect(200)).body as JobDetail;
  expect(detail.head.plan.brief.car).toBe('two');
});

test('two saves from one revision clash: the later is told, shown the other, and nothing is lost', async () => {
  const job = await newJob();
  await http()
    .post(`/api/jobs/${job.id}/revisions`)
    .send(saveOf(job.head.id, renamed(job.head.plan, 'theirs')))
    .expect(201);
  const answer = await http()
    .post(`/api/jobs/${job.id}/revisions`)
    .send(saveOf(job.head.id, renamed(job.head.plan, 'mine')))
    .expect(409);
  const clash = answer.body as Clash;
  expect(clash.error).toMatchObject({ code: 'clash', path: '/parent' });
  expect(clash.head.plan.brief.car).toBe('theirs');
  // Mine goes on top of theirs once I say so.
  await http()
    .post(`/api/jobs/${job.id}/revisions`)
    .send(saveOf(clash.head.id, renamed(job.head.plan, 'mine')))
    .expect(201);
  const third = (await http().get(`/api/jobs/${job.id}/revisions/3`).expect(200)).body as Revision;
  expect(third).toMatchObject({ parent: clash.head.id, plan: { brief: { car: 'mine' } } });
});

test('of twenty saves at once from one revision exactly one passes', async () => {
  const job = await newJob();
  const answers = await Promise.all(
    Array.from({ length: 20 }, (_, i) =>
      http()
        .post(`/api/jobs/${job.id}/revisions`)
        .send(saveOf(job.head.id, renamed(job.head.plan, `save ${i}`))),
    ),
  );
  const statuses = answers.map((answer) => answer.status).sort();
  expect(statuses).toEqual([201, ...Array.from({ length: 19 }, () => 409)]);
});

test('a save whose answer was lost and is sent again is one save', async () => {
  const job = await newJob();
  const save = saveOf(job.head.id, renamed(job.head.plan, 'once'));
  const first = (await http().post(`/api/jobs/${job.id}/revisions`).send(save).expect(201)).body as Revision;
  const again = (await http().post(`/api/jobs/${job.id}/revisions`).send(save).expect(201)).body as Revision;
  expect(again).toEqual(first);
  const other = await newJob();
  const taken = await http().post(`/api/jobs/${other.id}/revisions`).send(save).expect(409);
  expect(faultIn(taken.body).code).toBe('id-taken');
});

test('a variant is a branch from a revision of the same job', async () => {
  const job = await newJob();
  const other = await newJob();
  await http()
    .post(`/api/jobs/${job.id}/revisions`)
    .send(saveOf(job.head.id, job.head.plan, { branch: 'X diagonal' }))
    .expect(201);
  const refused = await http()
    .post(`/api/jobs/${job.id}/revisions`)
    .send(saveOf(other.head.id, job.head.plan, { branch: 'third' }))
    .expect(422);
  expect(faultIn(refused.body)).toMatchObject({ code: 'unknown-parent', path: '/parent' });
});

test('jobs are renamed and put away, never deleted', async () => {
  const job = await newJob();
  const changed = (
    await http().patch(`/api/jobs/${job.id}`).send({ name: 'Renamed', archived: true }).expect(200)
  ).body as JobDetail;
  expect(changed).toMatchObject({ name: 'Renamed', archived: true });
  await http().delete(`/api/jobs/${job.id}`).expect(404);
});

test('what is typed with quotes, umlauts and brackets is kept as it is', async () => {
  const job = await newJob();
  const strange = `O'Brien "Å" <b>; DROP TABLE job; -- 41½`;
  await http()
    .post(`/api/jobs/${job.id}/revisions`)
    .send(saveOf(job.head.id, renamed(job.head.plan, strange)))
    .expect(201);
  const back = (await http().get(`/api/jobs/${job.id}`).expect(200)).body as JobDetail;
  expect(back.car).toBe(strange);
});

test.each([
  [{ name: '', car: '', length: 'in' }, '/name'],
  [{ name: '   ', car: '', length: 'in' }, '/name'],
  [{ name: 'x'.repeat(121), car: '', length: 'in' }, '/name'],
  [{ name: 'x', car: '', length: 'furlong' }, '/length'],
  [{ name: 'x', car: '', length: 'in', colour: 'red' }, '/colour'],
  [{ name: 'x', length: 'in' }, '/car'],
])('a bad job is refused at its field: %j', async (body, path) => {
  const refused = await http().post('/api/jobs').send(body).expect(422);
  expect(faultIn(refused.body).path).toBe(path);
});

test('a bad plan is refused at its field, and nothing is written', async () => {
  const job = await newJob();
  const plan = { ...job.head.plan, brief: { ...job.head.plan.brief, built: 'a boat' } };
  const refused = await http()
    .post(`/api/jobs/${job.id}/revisions`)
    .send(saveOf(job.head.id, plan as unknown as Plan))
    .expect(422);
  expect(faultIn(refused.body).path).toBe('/plan/brief/built');
  const list = (await http().get(`/api/jobs/${job.id}/revisions`).expect(200)).body as RevisionSummary[];
  expect(list).toHaveLength(1);
});

test('what is not here is told; what is no JSON or too large is refused; nothing leaks', async () => {
  await http().get(`/api/jobs/${randomUUID()}`).expect(404);
  await http().get('/api/jobs/not-an-id').expect(400);
  await http().get('/api/nowhere').expect(404);
  const broken = await http()
    .post('/api/jobs')
    .set('Content-Type', 'application/json')
    .send('{"name":')
    .expect(400);
  expect(faultIn(broken.body)).toMatchObject({ code: 'http-400', path: '' });
  const large = await http()
    .post('/api/jobs')
    .send({ name: 'x'.repeat(5_000_000) })
    .expect(413);
  expect(JSON.stringify(large.body)).not.toMatch(/node_modules|at /);
});

test('revisions say what they changed, and come in pages and by variant; the newest of each variant is one answer', async () => {
  const job = await newJob('Many');
  const plan = job.head.plan;
  let parent = job.head.id;
  const save = async (branch: string, changes?: string) => {
    const dto = saveOf(parent, plan, { branch, ...(changes === undefined ? {} : { changes }) });
    await http().post(`/api/jobs/${job.id}/revisions`).send(dto).expect(201);
    return dto.id;
  };
  for (let i = 2; i <= REVISION_PAGE + 5; i += 1) parent = await save('main', `step ${i}`);
  await save('with an X');
  const list = async (query: string) =>
    (await http().get(`/api/jobs/${job.id}/revisions?${query}`).expect(200)).body as RevisionSummary[];
  const first = await list('branch=main');
  expect(first).toHaveLength(REVISION_PAGE);
  expect(first[0]).toMatchObject({
    number: REVISION_PAGE + 5,
    changes: `step ${REVISION_PAGE + 5}`,
    author: 'E. L.',
  });
  const older = await list(`branch=main&before=${first.at(-1)?.number ?? 0}`);
  expect(older.map(({ number }) => number)).toEqual([5, 4, 3, 2, 1]);
  expect(older.at(-1)?.changes).toBe('');
  expect((await list(''))[0]).toMatchObject({ branch: 'with an X', changes: '' });
  const heads = (await http().get(`/api/jobs/${job.id}/variants`).expect(200)).body as RevisionSummary[];
  expect(heads.map(({ branch, number }) => [branch, number])).toEqual([
    ['main', REVISION_PAGE + 5],
    ['with an X', REVISION_PAGE + 6],
  ]);
  await http().get(`/api/jobs/${job.id}/revisions?before=none`).expect(422);
  const tooLong = saveOf(parent, plan, { changes: 'x'.repeat(MOST_CHANGES + 1) });
  const refused = await http().post(`/api/jobs/${job.id}/revisions`).send(tooLong).expect(422);
  expect(faultIn(refused.body).path).toBe('/changes');
});
