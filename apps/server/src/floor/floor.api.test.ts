import { randomUUID } from 'node:crypto';
import {
  type FloorState,
  type FloorTick,
  type IssuedSheet,
  type IssuedSummary,
  type JobDetail,
  type MadeBend,
  type SheetNews,
} from '@gyrus/contract';
import { type Fault, floorSteps, itemAt, type Plan, type Shop } from '@gyrus/core';
import { demoPlan } from '@gyrus/demo';
import request from 'supertest';
import { startTestApp, type TestApp } from '../testing/testApp.ts';

let server: TestApp;
let job: JobDetail;
const http = () => request(server.app.getHttpServer());
const faultIn = (body: unknown) => (body as { error: Fault }).error;
const deg = (value: number) => ({ deg: value, typed: String(value) });
const hoop = itemAt(itemAt(demoPlan.members, 0).pieces, 0).id;
const device = randomUUID();

beforeAll(async () => {
  server = await startTestApp({ demo: true });
});
afterAll(() => server.stop());
beforeEach(async () => {
  const made = await http().post('/api/jobs').send({ name: 'floor', car: '', length: 'in' }).expect(201);
  job = made.body as JobDetail;
  await save(demoPlan);
});

async function save(plan: Plan): Promise<void> {
  const body = { id: randomUUID(), parent: job.head.id, branch: 'main', author: '', note: '', plan };
  await http().post(`/api/jobs/${job.id}/revisions`).send(body).expect(201);
  job = (await http().get(`/api/jobs/${job.id}`).expect(200)).body as JobDetail;
}
const issue = (changes: object = {}) =>
  http()
    .post(`/api/jobs/${job.id}/issued`)
    .send({ id: randomUUID(), revision: 2, piece: hoop, by: 'Aino', ...changes });
const issued = async () => (await issue().expect(201)).body as IssuedSheet;
const tick = (changes: object = {}) => ({
  step: 'mark',
  time: 1,
  again: false,
  device,
  who: 'Aino',
  at: '2026-11-27T10:30:00.000Z',
  measured: null,
  ...changes,
});
const put = (sheet: IssuedSheet, body: object, id: string = randomUUID()) =>
  http().put(`/api/issued/${sheet.id}/ticks/${id}`).send(body);
const state = async ({ id }: IssuedSheet) =>
  (await http().get(`/api/issued/${id}/state`).expect(200)).body as FloorState;
const news = async ({ id }: IssuedSheet) =>
  (await http().get(`/api/issued/${id}/news`).expect(200)).body as SheetNews;
const measured = (changes: object = {}) => ({
  reading: deg(60),
  released: deg(55),
  place: null,
  turn: null,
  zeroed: true,
  slipped: false,
  note: '',
  ...changes,
});

test('a sheet is issued with its answers, the revision, the editions and the program, and sent twice it is one', async () => {
  const id = randomUUID();
  const [first, second] = await Promise.all([issue({ id }).expect(201), issue({ id }).expect(201)]);
  expect(second.body).toEqual(first.body);
  const sheet = first.body as IssuedSheet;
  expect(sheet).toMatchObject({ revision: 2, branch: 'main', piece: hoop, by: 'Aino', program: '0.1.0' });
  expect(sheet.answers.sheet.bends.length).toBeGreaterThan(1);
  expect(sheet.books.length).toBe(demoPlan.brief.books.length);
  const listed = (await http().get(`/api/issued?job=${job.id}`).expect(200)).body as IssuedSummary[];
  expect(listed).toMatchObject([{ id, state: 'new', jobName: 'floor' }]);
  expect(faultIn((await issue({ id, piece: 'other' }).expect(409)).body).path).toBe('/id');
});

test('what cannot be issued says why', async () => {
  expect(faultIn((await issue({ piece: 'nowhere' }).expect(422)).body)).toMatchObject({ path: '/piece' });
  await issue({ revision: 99 }).expect(404);
  const noDie: unknown = (await issue({ revision: 1, piece: 'p' }).expect(422)).body;
  expect(faultIn(noDie).path).toBe('/piece');
  expect(faultIn((await issue({ by: ' ' }).expect(422)).body).path).toBe('/by');
  await http().get(`/api/issued/${randomUUID()}`).expect(404);
});

test('a step is ticked once, however often it is sent; ticks come back in the order in which they came', async () => {
  const sheet = await issued();
  const id = randomUUID();
  await Promise.all([1, 2, 3].map(() => put(sheet, tick(), id).expect(200)));
  const [, second] = floorSteps(sheet.answers.sheet);
  await put(sheet, tick({ step: second?.key }));
  expect((await state(sheet)).ticks.map(({ step }) => step)).toEqual(['mark', second?.key]);
});

test('a step that another device ticked is refused with that tick, and nothing is written', async () => {
  const sheet = await issued();
  await put(sheet, tick()).expect(200);
  const late = await put(sheet, tick({ device: randomUUID(), who: 'Ben' })).expect(409);
  expect(faultIn(late.body)).toMatchObject({ code: 'ticked', path: '/step' });
  expect((late.body as { tick: FloorTick }).tick).toMatchObject({ who: 'Aino', device });
  expect((await state(sheet)).ticks).toHaveLength(1);
});

test('of two devices at the very same moment one is first', async () => {
  const sheet = await issued();
  const answers = await Promise.all(
    Array.from({ length: 6 }, () => put(sheet, tick({ device: randomUUID() }))),
  );
  expect(answers.map(({ status }) => status).sort()).toEqual([200, 409, 409, 409, 409, 409]);
});

test('a measured bend goes into the log once, and is a test of its die at the shop', async () => {
  const sheet = await issued();
  const bend = itemAt(sheet.answers.sheet.bends, 0);
  const release = tick({ step: `${bend.number}/release`, measured: measured() });
  const id = randomUUID();
  await Promise.all([put(sheet, release, id).expect(200), put(sheet, release, id).expect(200)]);
  const bends = (await http().get(`/api/log/bends?job=${job.id}`).expect(200)).body as MadeBend[];
  expect(bends).toMatchObject([
    { id, issued: sheet.id, bend: bend.number, die: bend.die.id, who: 'Aino', aside: null },
  ]);
  const tests = async () => {
    const { machines } = (await http().get('/api/shop').expect(200)).body as Shop;
    return machines.flatMap(({ dies }) => dies).find((die) => die.id === bend.die.id)?.tests ?? [];
  };
  expect((await tests()).find((one) => one.id === id)).toMatchObject({
    made: 'production',
    reading: { deg: 60 },
    released: { deg: 55 },
    sound: true,
  });
  const aside = { id: randomUUID(), aside: true, why: 'the die was cold', who: 'Aino' };
  await http().post(`/api/log/bends/${id}/aside`).send(aside).expect(201);
  expect((await tests()).find((one) => one.id === id)).toMatchObject({ sound: false, note: aside.why });
  await http()
    .post(`/api/log/bends/${id}/aside`)
    .send({ ...aside, id: randomUUID(), aside: false })
    .expect(201);
  expect((await tests()).find((one) => one.id === id)?.sound).toBe(true);
});

test.each([
  [{ step: '77/pull' }, '/step'],
  [{ step: 'wash' }, '/step'],
  [{ measured: measured() }, '/measured'],
  [{ step: '1/release' }, '/measured'],
  [{ again: true }, '/again'],
  [{ step: '1/release', measured: measured({ released: deg(0) }) }, '/measured/released'],
  [{ who: '' }, '/who'],
  [{ time: 0 }, '/time'],
])('a bad tick is refused at its field (%#)', async (changes, path) => {
  const refused = await put(await issued(), tick(changes)).expect(422);
  expect(faultIn(refused.body).path).toBe(path);
});

test('what the plan has otherwise since is told; the issued sheet stays as it was', async () => {
  const sheet = await issued();
  expect(await news(sheet)).toEqual({ revision: 2, changes: [] });
  const [first, ...others] = demoPlan.members;
  if (!first) throw new Error('the demo has a hoop');
  await save({
    ...demoPlan,
    members: [{ ...first, bending: { ...first.bending, trimA: { mm: 100, typed: '100 mm' } } }, ...others],
  });
  expect((await state(sheet)).revision).toBe(3);
  const { changes } = await news(sheet);
  expect(changes.map(({ what }) => what)).toEqual(expect.arrayContaining(['blank', 'figure']));
  const again = (await http().get(`/api/issued/${sheet.id}`).expect(200)).body as IssuedSheet;
  expect(again).toEqual(sheet);
  await save({ ...demoPlan, members: others.slice(0, 0) });
  expect((await news(sheet)).changes).toContainEqual({ what: 'gone' });
});

test('a scrapped piece is written down once, with its sheet', async () => {
  const sheet = await issued();
  const { tube } = sheet.answers;
  const id = randomUUID();
  const body = {
    job: job.id,
    issued: sheet.id,
    stamp: sheet.stamp,
    tube: { od: tube.od, wall: tube.wall, kind: tube.kind, batch: tube.batch },
    reason: 'wrong plane',
    length: null,
    cost: 31.5,
    who: 'Aino',
    at: '2026-11-27T10:30:00.000Z',
    note: '=1+1',
  };
  const write = (changes: object = {}) =>
    http()
      .put(`/api/log/scrap/${id}`)
      .send({ ...body, ...changes });
  await Promise.all([write().expect(200), write().expect(200)]);
  expect((await state(sheet)).scrap).toMatchObject({ id, reason: 'wrong plane', cost: 31.5 });
  expect(faultIn((await write({ reason: 'slipped' }).expect(409)).body).path).toBe('/id');
  expect(faultIn((await write({ reason: ' ' }).expect(422)).body).path).toBe('/reason');
  await write({ issued: randomUUID() }).expect(404);
  const other = await http()
    .put(`/api/log/scrap/${randomUUID()}`)
    .send({ ...body, who: 'Ben' })
    .expect(409);
  expect(faultIn(other.body)).toMatchObject({ code: 'scrapped', path: '/issued' });
  expect(faultIn(other.body).message).toContain('Aino wrote this piece down');
  const csv = (await http().get('/api/log/scrap.csv').expect(200)).text;
  expect(csv).toContain('wrong plane,,31.5,');
  expect(csv).not.toMatch(/,=1\+1/);
});
