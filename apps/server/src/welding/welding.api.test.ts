import { randomUUID } from 'node:crypto';
import { type Fault, type WeldProcedure } from '@gyrus/core';
import jpeg from 'jpeg-js';
import request from 'supertest';
import { startTestApp, type TestApp } from '../testing/testApp.ts';

let server: TestApp;
const http = () => request(server.app.getHttpServer());
const faultIn = (body: unknown) => (body as { error: Fault }).error;
const all = async () => (await http().get('/api/welding').expect(200)).body as WeldProcedure[];
const find = async (id: string) => (await all()).find((one) => one.id === id);

beforeAll(async () => {
  server = await startTestApp({ demo: false });
});
afterAll(() => server.stop());

const procedure = (changes: object = {}) => ({
  ...{
    id: randomUUID(),
    name: 'TIG 2.4',
    wall: { mm: 2.4, typed: '2.4 mm' },
    positions: ['flat', 'overhead'],
  },
  ...{
    process: 'tig',
    filler: '1.6 mm',
    amperes: { least: 60, most: 85 },
    gas: 'argon',
    preheat: '',
    passes: 1,
  },
  ...{ who: 'Aino', at: '2026-11-27T10:00:00.000Z' },
  ...changes,
});
const sample = (changes: object = {}) => ({
  ...{
    id: randomUUID(),
    position: 'overhead',
    who: 'Eero',
    at: '2026-11-27T11:00:00.000Z',
    sound: true,
    note: '',
  },
  ...changes,
});
const write = (body: object) => http().post('/api/welding').send(body);
const cut = (of: string, body: object) => http().post(`/api/welding/${of}/samples`).send(body);

test('a procedure is written once, with its samples in the order in which they were cut open', async () => {
  const own = procedure();
  await Promise.all([1, 2, 3].map(() => write(own).expect(201)));
  const refused = await write({ ...own, passes: 2 }).expect(409);
  expect(faultIn(refused.body)).toMatchObject({ code: 'clash', path: '/id' });
  const [bad, good] = [sample({ sound: false, note: 'cold' }), sample()];
  await cut(own.id, bad).expect(201);
  await cut(own.id, good).expect(201);
  await cut(own.id, good).expect(201);
  await cut(own.id, { ...good, sound: false }).expect(409);
  await cut(randomUUID(), sample()).expect(404);
  expect(await find(own.id)).toEqual({
    ...{ ...own, setAside: false },
    samples: [
      { ...bad, photo: null },
      { ...good, photo: null },
    ],
  });
});

test('a procedure is set aside and taken up again; a flame has no amperes', async () => {
  const gas = procedure({ process: 'oxy-fuel', amperes: null });
  await write(gas).expect(201);
  for (const setAside of [true, false]) {
    await http().patch(`/api/welding/${gas.id}`).send({ setAside }).expect(200);
    expect(await find(gas.id)).toMatchObject({ setAside, amperes: null });
  }
  await http().patch(`/api/welding/${randomUUID()}`).send({ setAside: true }).expect(404);
});

test('the picture of a cut is kept once, and shown as a picture only', async () => {
  const own = procedure();
  const of = sample();
  await write(own).expect(201);
  await cut(own.id, of).expect(201);
  const address = `/api/welding/samples/${of.id}/photo`;
  await http().get(address).expect(404);
  const refused = await http()
    .post(address)
    .attach('photo', Buffer.from('no picture'), { filename: 'a.jpg' });
  expect([refused.status, faultIn(refused.body).path]).toEqual([422, '/photo']);
  const picture = jpeg.encode({ width: 2, height: 2, data: Buffer.alloc(16, 200) }, 80).data;
  await http().post(address).attach('photo', picture, { filename: 'cuts/root.jpg' }).expect(201);
  await http().post(address).attach('photo', picture, { filename: 'other.jpg' }).expect(201);
  expect((await find(own.id))?.samples[0]?.photo).toBe('root.jpg');
  const shown = await http().get(address).expect(200);
  expect(shown.headers).toMatchObject({
    'content-type': 'image/jpeg',
    'x-content-type-options': 'nosniff',
  });
  await http()
    .post(`/api/welding/samples/${randomUUID()}/photo`)
    .attach('photo', picture, { filename: 'a.jpg' })
    .expect(404);
});

test.each([
  ['no name', { name: ' ' }, '/name'],
  ['no wall', { wall: { mm: 0, typed: '0' } }, '/wall'],
  ['for no position', { positions: [] }, '/positions'],
  ['a position twice', { positions: ['flat', 'flat'] }, '/positions'],
  ['upside down', { positions: ['upside down'] }, '/positions'],
  ['no such process', { process: 'glue' }, '/process'],
  ['from more to less', { amperes: { least: 90, most: 60 } }, '/amperes/least'],
  ['half a current', { amperes: { least: 90 } }, '/amperes/most'],
  ['no pass', { passes: 0 }, '/passes'],
  ['nobody', { who: '' }, '/who'],
])('%s is refused where it is, and nothing is written', async (_, changes, path) => {
  const own = procedure(changes);
  const refused = await write(own).expect(422);
  expect(faultIn(refused.body).path).toBe(path);
  expect(await find(own.id)).toBeUndefined();
});
