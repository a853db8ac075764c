import { type ShopSettings } from '@gyrus/contract';
import { type Fault } from '@gyrus/core';
import request from 'supertest';
import { startTestApp, type TestApp } from '../testing/testApp.ts';

let server: TestApp;
const http = () => request(server.app.getHttpServer());
const settings = async () => (await http().get('/api/shop/settings').expect(200)).body as ShopSettings;
const settle = async (change: object) =>
  (await http().put('/api/shop/settings').send(change).expect(200)).body as ShopSettings;

beforeAll(async () => {
  server = await startTestApp({ demo: false });
});
afterAll(() => server.stop());

test('a new shop has no unit yet, and the clock of the machine that it runs on', async () => {
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
  expect(await settings()).toEqual({ unit: null, zone: timeZone, chosen: false });
});

test('what is settled is kept, each by itself; null gives the clock back to the machine', async () => {
  await settle({ unit: 'mm' });
  await settle({ zone: 'Asia/Kolkata' });
  expect(await settings()).toEqual({ unit: 'mm', zone: 'Asia/Kolkata', chosen: true });
  const given = await settle({ zone: null });
  expect(given).toMatchObject({ unit: 'mm', chosen: false });
});

test.each([
  [{ unit: 'cubit' }, 'units are in or mm'],
  [{ zone: 'Gyrus/Bench' }, 'IANA'],
  [{ zone: 7 }, 'IANA'],
])('%j is refused, and nothing changes', async (change, words) => {
  const before = await settings();
  const refused = await http().put('/api/shop/settings').send(change).expect(422);
  expect((refused.body as { error: Fault }).error.message).toContain(words);
  expect(await settings()).toEqual(before);
});
