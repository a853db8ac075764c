import { randomUUID } from 'node:crypto';
import { type BuildEntry, type Fault, type TimeTaken } from '@gyrus/core';
import request from 'supertest';
import { startTestApp, type TestApp } from '../testing/testApp.ts';

const DEMO = '0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c01';
let server: TestApp;
let job = '';
const http = () => request(server.app.getHttpServer());
const faultIn = (body: unknown) => (body as { error: Fault }).error;

beforeAll(async () => {
  server = await startTestApp({ demo: true });
});
afterAll(() => server.stop());
beforeEach(async () => {
  const made = await http().post('/api/jobs').send({ name: 'build', car: '', length: 'mm' }).expect(201);
  job = (made.body as { id: string }).id;
});

const entry = (changes: object = {}) => ({
  id: randomUUID(),
  branch: 'main',
  kind: 'done',
  ticks: ['tack:p1'],
  who: 'Aino',
  at: '2026-11-27T10:30:00.000Z',
  title: 'D1 tacked to MH',
  took: { kind: 'tack', size: 1, minutes: 20 },
  readings: [],
  note: '',
  photos: [],
  procedure: null,
  ...changes,
});
const write = (body: object, to = job) => http().post(`/api/jobs/${to}/build`).send(body);
const entries = async (branch = 'main') =>
  (await http().get(`/api/jobs/${job}/build?branch=${branch}`).expect(200)).body as BuildEntry[];
const times = async () => (await http().get('/api/build-times').expect(200)).body as TimeTaken[];

test('a step is written down once, however often it is sent, and in the order in which it came', async () => {
  const first = entry();
  await Promise.all([1, 2, 3, 4].map(() => write(first).expect(201)));
  const later = entry({ kind: 'note', took: null, note: 'gap of 1', at: '2020-01-01T00:00:00.000Z' });
  await write(later).expect(201);
  expect((await entries()).map(({ id }) => id)).toEqual([first.id, later.id]);
  const refused = await write({ ...first, who: 'Eero' }).expect(409);
  expect(faultIn(refused.body)).toMatchObject({ code: 'clash', path: '/id' });
  // An entry of another job is not taken for this one.
  await write(first, DEMO).expect(409);
});

test('each variant has its own build, and a job that is not there has none', async () => {
  await write(entry({ branch: 'lower hoop' })).expect(201);
  expect(await entries()).toEqual([]);
  expect(await entries('lower%20hoop')).toHaveLength(1);
  await write(entry(), randomUUID()).expect(404);
  await http().get(`/api/jobs/${randomUUID()}/build`).expect(404);
});

test('hours are kept of what was done, and not of what was taken back', async () => {
  const before = (await times()).find(({ kind }) => kind === 'brace') ?? { minutes: 0, size: 0, steps: 0 };
  const took = { kind: 'brace', size: 1, minutes: 12 };
  await write(entry({ ticks: ['brace'], took })).expect(201);
  await write(entry({ ticks: ['vent:p'], took: { kind: 'vents', size: 4, minutes: null } })).expect(201);
  const taken = {
    kind: 'brace',
    minutes: before.minutes + 12,
    size: before.size + 1,
    steps: before.steps + 1,
  };
  expect(await times()).toContainEqual(taken);
  await write(entry({ kind: 'undone', ticks: ['brace'], took: null, at: '2026-11-27T11:00:00.000Z' })).expect(
    201,
  );
  expect((await times()).find(({ kind }) => kind === 'brace')?.minutes ?? 0).toBe(before.minutes);
});

test.each([
  ['nobody', { who: ' ' }, '/who'],
  ['about nothing', { ticks: [] }, '/ticks'],
  ['no moment', { at: 'today' }, '/at'],
  ['no such kind', { kind: 'finished' }, '/kind'],
  ['less than no time', { took: { kind: 'tack', size: 1, minutes: -1 } }, '/took/minutes'],
  [
    'a length that no car has',
    { readings: [{ what: 'feet', taped: { mm: -30000, typed: '-30000' }, turned: null }] },
    '/readings/0/taped',
  ],
  ['a procedure that nobody wrote down', { procedure: randomUUID() }, '/procedure'],
  ['a procedure by its name', { procedure: 'TIG' }, '/procedure'],
  ['a photo that is a path', { photos: [{ file: '../etc', name: '' }] }, '/photos/0/file'],
])('%s is refused where it is, and nothing is written', async (_, changes, path) => {
  const refused = await write(entry(changes)).expect(422);
  expect(faultIn(refused.body).path).toBe(path);
  expect(await entries()).toEqual([]);
});

test('the list of steps is printed with what was ticked off; a cage without tubes has none', async () => {
  const from = `/api/jobs/${DEMO}/revisions/1/build.pdf`;
  const printed = await http().get(`${from}?paper=letter&unit=in`).expect(200);
  expect((printed.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
  await http().get(`${from}?paper=a0&unit=in`).expect(422);
  const nothing = await http().get(`/api/jobs/${job}/revisions/1/build.pdf?unit=mm`).expect(422);
  expect(faultIn(nothing.body).code).toBe('no-tube');
});
