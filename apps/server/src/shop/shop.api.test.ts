import { randomUUID } from 'node:crypto';
import { type Fault, readShop, type RuleBook, type Shop } from '@gyrus/core';
import request from 'supertest';
import { startTestApp, type TestApp } from '../testing/testApp.ts';

let server: TestApp;
const http = () => request(server.app.getHttpServer());
const faultIn = (body: unknown) => (body as { error: Fault }).error;
const mm = (value: number) => ({ mm: value, typed: `${value} mm` });
const deg = (value: number) => ({ deg: value, typed: String(value) });

beforeAll(async () => {
  server = await startTestApp({ demo: false });
});
afterAll(() => server.stop());

const die = {
  name: '45 mm',
  od: mm(45),
  clr: mm(135),
  reference: 'centre',
  offset: mm(-5),
  clampLength: mm(90),
  trailing: mm(60),
  largestAngle: null,
  finishedRadius: null,
  takes: [],
};
const testBend = {
  od: mm(45),
  wall: mm(2.5),
  kind: null,
  batch: 'E-1',
  reading: deg(93),
  released: deg(90),
  sound: true,
  note: '',
};

async function newDie(): Promise<{ machine: string; die: string }> {
  const withMachine = (
    await http().post('/api/shop/machines').send({ name: 'Ram', note: '', setting: null }).expect(201)
  ).body as Shop;
  const machine = withMachine.machines.at(-1)?.id ?? '';
  const shop = (await http().post(`/api/shop/machines/${machine}/dies`).send(die).expect(201)).body as Shop;
  return { machine, die: shop.machines.at(-1)?.dies[0]?.id ?? '' };
}

test('an empty shop is a shop, and the book from memory ships with it', async () => {
  const shop = (await http().get('/api/shop').expect(200)).body as Shop;
  expect(readShop(shop).ok).toBe(true);
  const books = (await http().get('/api/rule-books').expect(200)).body as RuleBook[];
  expect(books.map((book) => book.provenance)).toEqual(['from-memory']);
  await http().get(`/api/rule-books/${books[0]?.id}`).expect(200);
  await http().get('/api/rule-books/nowhere').expect(404);
});

test('a machine, its die and its test bends are kept and read back as a shop document', async () => {
  const made = await newDie();
  const shop = (await http().post(`/api/shop/dies/${made.die}/tests`).send(testBend).expect(201))
    .body as Shop;
  const kept = shop.machines.find((one) => one.id === made.machine);
  expect(kept?.dies[0]).toMatchObject({ ...die, machine: 'Ram', tests: [testBend] });
  expect(readShop(shop).ok).toBe(true);
});

test('a die is changed, and what belongs to a removed machine goes with it', async () => {
  const made = await newDie();
  const changed = (
    await http()
      .put(`/api/shop/dies/${made.die}`)
      .send({ ...die, clr: mm(150), largestAngle: deg(120) })
      .expect(200)
  ).body as Shop;
  expect(changed.machines.find((one) => one.id === made.machine)?.dies[0]).toMatchObject({
    clr: mm(150),
    largestAngle: deg(120),
  });
  await http().post(`/api/shop/dies/${made.die}/tests`).send(testBend).expect(201);
  const gone = (await http().delete(`/api/shop/machines/${made.machine}`).expect(200)).body as Shop;
  expect(gone.machines.some((one) => one.id === made.machine)).toBe(false);
  await http().put(`/api/shop/dies/${made.die}`).send(die).expect(404);
});

const setting = {
  kind: 'draw-hydraulic',
  swing: 'left',
  height: mm(950),
  walls: { ahead: mm(4000), behind: null, left: mm(3000), right: null },
  frame: [
    { id: randomUUID(), name: 'vice', from: [mm(0), mm(500), mm(0)], to: [mm(200), mm(700), mm(1000)] },
  ],
  operator: { forward: mm(-500), left: mm(-800) },
  dialStep: deg(1),
  dialZero: null,
  roller: { gauge: mm(300), lead: mm(80), leastRadius: mm(600) },
};
const withSetting = (changes: object) => ({ name: 'Bender', note: '', setting: { ...setting, ...changes } });

test('where a machine stands is kept, and its dies have its dial', async () => {
  const made = await newDie();
  const shop = (await http().put(`/api/shop/machines/${made.machine}`).send(withSetting({})).expect(200))
    .body as Shop;
  const kept = shop.machines.find((one) => one.id === made.machine);
  expect(kept?.setting).toEqual(setting);
  expect(kept?.dies[0]).toMatchObject({ dialStep: deg(1), dialZero: null });
  expect(readShop(shop).ok).toBe(true);
  const without = (
    await http()
      .put(`/api/shop/machines/${made.machine}`)
      .send({ name: 'Bender', note: '', setting: null })
      .expect(200)
  ).body as Shop;
  expect(without.machines.find((one) => one.id === made.machine)?.dies[0]?.dialStep).toBeNull();
});

test('the tube that a die uses is kept as a table', async () => {
  const made = await newDie();
  const takes = [{ angle: deg(54), tube: mm(171.45) }];
  const shop = (
    await http()
      .put(`/api/shop/dies/${made.die}`)
      .send({ ...die, takes })
      .expect(200)
  ).body as Shop;
  expect(shop.machines.find((one) => one.id === made.machine)?.dies[0]?.takes).toEqual(takes);
});

test.each([
  [{ kind: 'press' }, '/setting/kind'],
  [{ swing: 'sideways' }, '/setting/swing'],
  [{ height: mm(0) }, '/setting/height'],
  [{ walls: { ...setting.walls, left: mm(-5) } }, '/setting/walls/left'],
  [{ walls: undefined }, '/setting/walls'],
  [{ frame: [{ ...setting.frame[0], name: ' ' }] }, '/setting/frame/0/name'],
  [{ frame: [{ ...setting.frame[0], from: [mm(0)] }] }, '/setting/frame/0/from'],
  [{ operator: { forward: mm(1) } }, '/setting/operator/left'],
  [{ dialStep: deg(20) }, '/setting/dialStep'],
  [{ roller: { gauge: mm(0), lead: mm(80), leastRadius: mm(600) } }, '/setting/roller/gauge'],
  [{ roller: { gauge: mm(300), lead: mm(-1), leastRadius: mm(600) } }, '/setting/roller/lead'],
  [{ roller: { gauge: mm(300), lead: mm(1) } }, '/setting/roller/leastRadius'],
  [{ colour: 'red' }, '/setting/colour'],
])('a bad setting is refused at its field (%#)', async (changes, path) => {
  const refused = await http().post('/api/shop/machines').send(withSetting(changes)).expect(422);
  expect(faultIn(refused.body).path).toBe(path);
});

test('tube is added and removed', async () => {
  const tube = {
    od: mm(45),
    wall: mm(2.5),
    kind: 'cold-drawn-seamless',
    batch: 'E-1',
    stickLength: mm(6000),
  };
  const shop = (await http().post('/api/shop/tubes').send(tube).expect(201)).body as Shop;
  const id = shop.tubes.at(-1)?.id ?? '';
  const without = (await http().delete(`/api/shop/tubes/${id}`).expect(200)).body as Shop;
  expect(without.tubes.some((one) => one.id === id)).toBe(false);
  await http().delete(`/api/shop/tubes/${id}`).expect(404);
});

test.each([
  [{ ...die, clr: mm(0) }, '/clr'],
  [{ ...die, clr: { mm: 'wide', typed: '' } }, '/clr/mm'],
  [{ ...die, clr: undefined }, '/clr'],
  [{ ...die, reference: 'middle' }, '/reference'],
  [{ ...die, largestAngle: deg(300) }, '/largestAngle'],
  [{ ...die, name: '' }, '/name'],
  [{ ...die, colour: 'red' }, '/colour'],
  [{ ...die, takes: [{ angle: deg(0), tube: mm(10) }] }, '/takes/0/angle'],
  [{ ...die, takes: undefined }, '/takes'],
])('a bad die is refused at its field (%#)', async (body, path) => {
  const { machine } = await newDie();
  const refused = await http().post(`/api/shop/machines/${machine}/dies`).send(body).expect(422);
  expect(faultIn(refused.body).path).toBe(path);
});

test.each([
  [{ ...testBend, released: deg(95) }, '/released'],
  [{ ...testBend, wall: mm(22.5) }, '/wall'],
  [{ ...testBend, reading: deg(0) }, '/reading'],
])('a test bend against physics is refused at its field (%#)', async (body, path) => {
  const made = await newDie();
  const refused = await http().post(`/api/shop/dies/${made.die}/tests`).send(body).expect(422);
  expect(faultIn(refused.body).path).toBe(path);
});

test('a die for a machine that is not here is told', async () => {
  await http().post(`/api/shop/machines/${randomUUID()}/dies`).send(die).expect(404);
});
