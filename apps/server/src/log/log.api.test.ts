import { randomUUID } from 'node:crypto';
import { type MadeBend } from '@gyrus/contract';
import { type Fault } from '@gyrus/core';
import request from 'supertest';
import { startTestApp, type TestApp } from '../testing/testApp.ts';

let server: TestApp;
let job = '';
const http = () => request(server.app.getHttpServer());
const faultIn = (body: unknown) => (body as { error: Fault }).error;
const mm = (value: number) => ({ mm: value, typed: `${value} mm` });
const deg = (value: number) => ({ deg: value, typed: String(value) });

beforeAll(async () => {
  server = await startTestApp({ demo: false });
  const made = await http().post('/api/jobs').send({ name: 'log', car: '', length: 'mm' }).expect(201);
  job = (made.body as { head: { id: string }; id: string }).id;
});
afterAll(() => server.stop());

const bend = (changes: object = {}) => ({
  job,
  piece: 'p',
  stamp: 'MH',
  bend: 2,
  die: 'd',
  dieName: '45 mm',
  machine: 'Ram',
  tube: { od: mm(45), wall: mm(2.5), kind: 'cold-drawn-seamless', batch: 'E-1' },
  target: deg(84),
  reading: deg(88),
  dialZero: null,
  released: deg(83.2),
  place: null,
  turn: null,
  wantedTurn: null,
  zeroed: true,
  slipped: false,
  who: 'Aino',
  at: '2026-11-27T10:30:00.000Z',
  note: '=1+1',
  ...changes,
});
const write = (id: string, body: object) => http().put(`/api/log/bends/${id}`).send(body);
const listed = async (query = '') =>
  (await http().get(`/api/log/bends${query}`).expect(200)).body as MadeBend[];

test('a bend is written down once, however often it is sent', async () => {
  const id = randomUUID();
  await Promise.all([1, 2, 3, 4].map(() => write(id, bend()).expect(200)));
  const again = (await write(id, bend()).expect(200)).body as MadeBend;
  expect(again).toEqual({ id, ...bend(), issued: null, aside: null });
  expect((await listed(`?job=${job}`)).filter((one) => one.id === id)).toEqual([again]);
});

test('another bend under the same id is refused, and what was written stays', async () => {
  const id = randomUUID();
  await write(id, bend()).expect(200);
  const refused = await write(id, bend({ released: deg(80) })).expect(409);
  expect(faultIn(refused.body)).toMatchObject({ code: 'clash', path: '/id' });
  expect((await listed()).find((one) => one.id === id)?.released).toEqual(deg(83.2));
});

test('the newest bend comes first; a job has its own', async () => {
  const early = randomUUID();
  await write(early, bend({ at: '2020-01-01T00:00:00.000Z' })).expect(200);
  expect((await listed()).at(-1)?.id).toBe(early);
  expect(await listed(`?job=${randomUUID()}`)).toEqual([]);
  await http().get('/api/log/bends?job=none').expect(400);
});

test('the log goes out as CSV in which nothing typed is a formula', async () => {
  const id = randomUUID();
  await write(id, bend({ stamp: 'XX', place: mm(-4), turn: deg(90) })).expect(200);
  await http()
    .post(`/api/log/bends/${id}/aside`)
    .send({ id: randomUUID(), aside: true, why: 'wrong plane', who: 'Aino' })
    .expect(201);
  const { text } = await http()
    .get('/api/log/bends.csv')
    .expect(200)
    .expect('Content-Type', /text\/csv/);
  const row = text.split('\n').find((line) => line.includes('wrong plane'));
  expect(row).toContain('XX,2,Ram,45 mm,45,2.5,cold-drawn-seamless,E-1,84,88,83.2,');
  expect(row).toContain(',90,yes,no,');
  expect(text).not.toMatch(/,=1\+1/);
});

test.each([
  [{ released: deg(0) }, '/released'],
  [{ target: undefined }, '/target'],
  [{ reading: { deg: 'far', typed: '' } }, '/reading/deg'],
  [{ who: ' ' }, '/who'],
  [{ at: 'yesterday' }, '/at'],
  [{ at: '2026-W48-5' }, '/at'],
  [{ at: '2026-11-27T25:00:00Z' }, '/at'],
  [{ bend: 0 }, '/bend'],
  [{ tube: { od: mm(45), wall: mm(2.5), kind: 'wood', batch: '' } }, '/tube/kind'],
  [{ job: 'x' }, '/job'],
  [{ colour: 'red' }, '/colour'],
])('a bad bend is refused at its field (%#)', async (changes, path) => {
  const refused = await write(randomUUID(), bend(changes)).expect(422);
  expect(faultIn(refused.body).path).toBe(path);
});

test('a bend of a job that is not here is told', async () => {
  await write(randomUUID(), bend({ job: randomUUID() })).expect(404);
});
