import { randomUUID } from 'node:crypto';
import { type Fault, type Shop } from '@gyrus/core';
import jpeg from 'jpeg-js';
import request from 'supertest';
import { startTestApp, type TestApp } from '../testing/testApp.ts';

let server: TestApp;
let tube = '';
const http = () => request(server.app.getHttpServer());
const faultIn = (body: unknown) => (body as { error: Fault }).error;
const mm = (value: number) => ({ mm: value, typed: `${value} mm` });
const stock = (changes: object = {}) => ({
  ...{ od: mm(45), wall: mm(2.5), kind: 'cold-drawn-seamless', batch: 'E-1', certificate: 'C-77' },
  ...{ stickLength: mm(6000), price: null },
  ...changes,
});
const tubeIn = (shop: unknown, id = tube) => (shop as Shop).tubes.find((one) => one.id === id);

beforeAll(async () => {
  server = await startTestApp({ demo: false });
  const steel = {
    tensile: { mpa: 540, typed: '540 MPa' },
    yield: { mpa: 450, typed: '450' },
    elongation: 14,
  };
  const made = await http().post('/api/shop/tubes').send(stock(steel)).expect(201);
  tube = (made.body as Shop).tubes[0]?.id ?? '';
  expect(tubeIn(made.body)).toMatchObject({ ...steel, certificateFile: null });
});
afterAll(() => server.stop());

const attach = (bytes: Buffer, filename: string, to = tube) =>
  http().post(`/api/shop/tubes/${to}/certificate`).attach('certificate', bytes, { filename });
const PDF = Buffer.from('%PDF-1.4\n%…\n', 'utf8');

test('a certificate is kept with its tube, shown as what it is, and replaced by another', async () => {
  await http().get(`/api/shop/tubes/${tube}/certificate`).expect(404);
  const kept = await attach(PDF, 'mill/C-77.pdf').expect(201);
  expect(tubeIn(kept.body)?.certificateFile).toBe('C-77.pdf');
  const shown = await http().get(`/api/shop/tubes/${tube}/certificate`).expect(200);
  expect(shown.headers).toMatchObject({
    'content-type': 'application/pdf',
    'x-content-type-options': 'nosniff',
  });
  const picture = jpeg.encode({ width: 2, height: 2, data: Buffer.alloc(16, 200) }, 80).data;
  const again = await attach(picture, 'scan.jpg').expect(201);
  expect(tubeIn(again.body)?.certificateFile).toBe('scan.jpg');
  const scan = await http().get(`/api/shop/tubes/${tube}/certificate`).expect(200);
  expect(scan.headers['content-type']).toBe('image/jpeg');
});

test('what is neither a PDF nor a picture is refused, and what was there stays', async () => {
  await attach(PDF, 'C-77.pdf').expect(201);
  const refused = await attach(Buffer.from('<script>alert(1)</script>'), 'C.pdf').expect(422);
  expect(faultIn(refused.body)).toMatchObject({ code: 'no-certificate', path: '/certificate' });
  await attach(PDF, 'C.pdf', randomUUID()).expect(404);
  await http().post(`/api/shop/tubes/${tube}/certificate`).expect(422);
  const shop = await http().get('/api/shop').expect(200);
  expect(tubeIn(shop.body)?.certificateFile).toBe('C-77.pdf');
});

test.each([
  ['a strength of no steel', { tensile: { mpa: 5, typed: '5' } }, '/tensile/mpa'],
  ['a strength that is none', { yield: 'strong' }, '/yield'],
  ['an elongation of no metal', { elongation: 400 }, '/elongation'],
])('%s is refused where it is', async (_, changes, path) => {
  const refused = await http().post('/api/shop/tubes').send(stock(changes)).expect(422);
  expect(faultIn(refused.body).path).toBe(path);
});

test('a tube that is taken out takes its certificate with it', async () => {
  const made = await http()
    .post('/api/shop/tubes')
    .send(stock({ batch: 'E-2' }))
    .expect(201);
  const id = (made.body as Shop).tubes.find(({ batch }) => batch === 'E-2')?.id ?? '';
  await attach(PDF, 'C-78.pdf', id).expect(201);
  await http().delete(`/api/shop/tubes/${id}`).expect(200);
  await http().get(`/api/shop/tubes/${id}/certificate`).expect(404);
});
