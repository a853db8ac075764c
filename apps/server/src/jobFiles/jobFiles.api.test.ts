import { randomUUID } from 'node:crypto';
import { type JobDetail, type PhotoKept, type RevisionSummary } from '@gyrus/contract';
import { type Fault, type JobFileHead, type Plan } from '@gyrus/core';
import { demoPlan } from '@gyrus/demo';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import request from 'supertest';
import { JPEG } from '../testing/jpeg.ts';
import { startTestApp, type TestApp } from '../testing/testApp.ts';

let server: TestApp;
const http = () => request(server.app.getHttpServer());
const faultIn = (body: unknown) => (body as { error: Fault }).error;
const detail = async (id: string, branch = 'main') =>
  (await http().get(`/api/jobs/${id}?branch=${branch}`).expect(200)).body as JobDetail;
const revisionsOf = async (id: string) =>
  (await http().get(`/api/jobs/${id}/revisions`).expect(200)).body as RevisionSummary[];

const fileOf = async (id: string): Promise<Buffer> => {
  const answer = await http().get(`/api/jobs/${id}/file`).responseType('blob').expect(200);
  expect(answer.headers['content-type']).toBe('application/zip');
  return answer.body as Buffer;
};
const open = (bytes: Buffer | Uint8Array) =>
  http().post('/api/jobs/files').attach('job', Buffer.from(bytes), 'a job.gyrus.zip');

/** A file with its entries changed. */
function changed(file: Buffer, change: (entries: Record<string, Uint8Array>) => void): Uint8Array {
  const entries = unzipSync(file);
  change(entries);
  return zipSync(entries);
}
const headIn = (entries: Record<string, Uint8Array>) =>
  JSON.parse(strFromU8(entries['job.json'] ?? new Uint8Array())) as JobFileHead;
const withHead = (file: Buffer, change: (head: JobFileHead) => void) =>
  changed(file, (entries) => {
    const head = headIn(entries);
    change(head);
    entries['job.json'] = strToU8(JSON.stringify(head));
  });

let job: string;
let photo: PhotoKept;
let file: Buffer;

async function save(plan: Plan, parent: string, branch: string): Promise<RevisionSummary> {
  const said = { id: randomUUID(), parent, branch, author: 'A. Berg', note: 'for the file', changes: 'all' };
  return (
    await http()
      .post(`/api/jobs/${job}/revisions`)
      .send({ ...said, plan })
      .expect(201)
  ).body as RevisionSummary;
}

beforeAll(async () => {
  server = await startTestApp({ demo: false });
  const made = (
    await http().post('/api/jobs').send({ name: 'Dunlin 900', car: 'Dunlin', length: 'mm' }).expect(201)
  ).body as JobDetail;
  job = made.id;
  photo = (await http().post(`/api/jobs/${job}/photos`).attach('photo', JPEG, 'weld at MH.jpg').expect(201))
    .body as PhotoKept;
  const answers = {
    'a/question': { answer: 'yes' as const, by: 'A. Berg', note: 'seen', on: null, photos: [photo] },
  };
  const second = await save({ ...demoPlan, answers }, made.head.id, 'main');
  await save(demoPlan, second.id, 'lower hoop');
  file = await fileOf(job);
});
afterAll(() => server.stop());

test('a job goes out and comes in whole: revisions, variants, answers and photos, under ids of its own', async () => {
  const { id } = (await open(file).expect(201)).body as JobDetail;
  expect(id).not.toBe(job);
  const [before, after] = [await revisionsOf(job), await revisionsOf(id)];
  const said = ({ number, branch, author, note, changes, createdAt }: RevisionSummary) => ({
    ...{ number, branch, author, note, changes, createdAt },
  });
  expect(after.map(said)).toEqual(before.map(said));
  expect(after.some((one) => before.some((other) => other.id === one.id))).toBe(false);
  // Parents are the same revisions by their numbers.
  const parents = (list: RevisionSummary[]) =>
    list.map(({ parent }) => list.find((one) => one.id === parent)?.number ?? null);
  expect(parents(after)).toEqual(parents(before));

  const { name, head } = await detail(id);
  expect(name).toBe('Dunlin 900');
  const { answers, ...plan } = head.plan;
  expect({ ...plan, answers: {} }).toEqual({ ...demoPlan, answers: {} });
  const [kept] = answers['a/question']?.photos ?? [];
  expect(kept?.name).toBe('weld at MH.jpg');
  expect(kept?.file).not.toBe(photo.file);
  const shown = await http().get(`/api/jobs/${id}/photos/${kept?.file}`).expect(200);
  expect(Buffer.compare(shown.body as Buffer, JPEG)).toBe(0);
  expect((await detail(id, 'lower hoop')).head.plan).toEqual(demoPlan);
});

test('it is gone on with where it was left, and a closed job comes in closed', async () => {
  await http()
    .patch(`/api/jobs/${job}`)
    .send({ closed: { by: 'A. Berg' } })
    .expect(200);
  const closed = await fileOf(job);
  await http().patch(`/api/jobs/${job}`).send({ closed: null }).expect(200);
  const { id, closed: by, head } = (await open(closed).expect(201)).body as JobDetail;
  expect(by).toMatchObject({ by: 'A. Berg' });
  await http().patch(`/api/jobs/${id}`).send({ closed: null }).expect(200);
  const next = { id: randomUUID(), parent: head.id, branch: 'main', author: '', note: '', plan: demoPlan };
  const saved = await http().post(`/api/jobs/${id}/revisions`).send(next).expect(201);
  expect((saved.body as RevisionSummary).number).toBe(4);
});

test.each<[string, () => Uint8Array, string, string]>([
  ['what is no ZIP file', () => Buffer.from('a letter'), 'unreadable', ''],
  ['a ZIP file of something else', () => zipSync({ 'a.txt': strToU8('a') }), 'missing', '/job.json'],
  [
    'a head that is no JSON',
    () => changed(file, (all) => (all['job.json'] = strToU8('{'))),
    'not-json',
    '/job.json',
  ],
  [
    'a file of a later version',
    () => withHead(file, (head) => (head.version = 2 as 1)),
    'wrong-value',
    '/job.json/version',
  ],
  [
    'a file without a revision',
    () => changed(file, (all) => delete all['revisions/2.json']),
    'missing',
    '/revisions/2.json',
  ],
  [
    'a plan with a fault',
    () =>
      changed(file, (all) => (all['revisions/2.json'] = strToU8(JSON.stringify({ ...demoPlan, brief: 7 })))),
    'wrong-type',
    '/revisions/2.json/brief',
  ],
  [
    'a parent of another job',
    () => withHead(file, ({ revisions: [, two] }) => two && (two.parent = 'x')),
    'unknown-parent',
    '/job.json/revisions/1/parent',
  ],
  [
    'a photo that is not there',
    () => changed(file, (all) => delete all[`photos/${photo.file}.jpg`]),
    'missing',
    '/photos',
  ],
  [
    'a photo that is none',
    () => changed(file, (all) => (all[`photos/${photo.file}.jpg`] = strToU8('x'))),
    'no-photo',
    '/job.json/photos',
  ],
])('%s is refused with its place, and no job is made', async (_, bytes, code, at) => {
  const count = async () => ((await http().get('/api/jobs').expect(200)).body as unknown[]).length;
  const before = await count();
  const fault = faultIn((await open(bytes()).expect(422)).body);
  expect(fault.path.startsWith(at)).toBe(true);
  expect(fault.code).toBe(code);
  expect(await count()).toBe(before);
});

test('a job that is not there has no file, and nothing sent is told', async () => {
  await http().get(`/api/jobs/${randomUUID()}/file`).expect(404);
  expect(faultIn((await http().post('/api/jobs/files').expect(422)).body)).toMatchObject({ path: '/job' });
});
