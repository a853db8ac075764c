import { randomUUID } from 'node:crypto';
import { type Fault } from '@gyrus/core';
import { type HistorySources } from '@gyrus/formats';
import request from 'supertest';
import { startTestApp, type TestApp } from '../testing/testApp.ts';

const DEMO = '0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c01';
let server: TestApp;
const http = () => request(server.app.getHttpServer());
const faultIn = (body: unknown) => (body as { error: Fault }).error;

beforeAll(async () => {
  server = await startTestApp({ demo: true });
});
afterAll(() => server.stop());

const historyOf = async (job: string, branch = 'main') =>
  (await http().get(`/api/jobs/${job}/history?branch=${branch}`).expect(200)).body as HistorySources;

test('a job’s history has what was sawn, bent, thrown away and built for it, and nothing of other jobs', async () => {
  const mm = (value: number) => ({ mm: value, typed: `${value} mm` });
  const tube = { od: mm(45), wall: mm(2.5), kind: 'cold-drawn-seamless', batch: 'E-1' };
  const scrap = {
    ...{ job: DEMO, issued: null, stamp: 'MH', tube, reason: 'second bend turned wrong', length: mm(3000) },
    ...{ cost: null, who: 'Aino', at: '2026-11-27T09:00:00.000Z', note: '' },
  };
  await http().put(`/api/log/scrap/${randomUUID()}`).send(scrap).expect(200);
  const { entries, scrap: thrown, bends, sawn } = await historyOf(DEMO);
  expect(thrown.map(({ reason }) => reason)).toEqual(['second bend turned wrong']);
  // The demo's hoop was taped, put right, and taped again.
  expect(entries.map(({ title }) => title)).toContain('Hoop put right');
  expect([bends, sawn]).toEqual([[], []]);
  const other = (await http().post('/api/jobs').send({ name: 'other', car: '', length: 'mm' }).expect(201))
    .body as {
    id: string;
  };
  expect(await historyOf(other.id)).toEqual({
    ...{ entries: [], bends: [], scrap: [], sawn: [], procedures: [] },
  });
});

test('what was sawn of a plan of several jobs is in the history of the job that it was for', async () => {
  const id = randomUUID();
  const jobs = [{ id: DEMO, branch: 'main' }];
  const layOut = { id, jobs, kerf: { mm: 2.5, typed: '2.5 mm' }, guided: false, spares: 0, who: 'Aino' };
  await http().post('/api/cut-plans').send(layOut).expect(201);
  await http().post(`/api/cut-plans/${id}/promise`).send({ who: 'Aino' }).expect(201);
  await http()
    .post(`/api/cut-plans/${id}/sawn`)
    .send({ stick: 0, place: 0, who: 'Eero', at: '2026-11-27T10:00:00.000Z' })
    .expect(201);
  const { sawn } = await historyOf(DEMO);
  expect(sawn).toMatchObject([{ who: 'Eero', at: '2026-11-27T10:00:00.000Z' }]);
  expect(sawn[0]?.length).toBeGreaterThan(100);
});

test('it is printed; a job or a variant that is not there is refused', async () => {
  const printed = await http().get(`/api/jobs/${DEMO}/history.pdf?unit=in&paper=letter`).expect(200);
  expect((printed.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
  await http().get(`/api/jobs/${randomUUID()}/history`).expect(404);
  await http().get(`/api/jobs/${DEMO}/history.pdf?unit=in&branch=none`).expect(404);
  const refused = await http().get(`/api/jobs/${DEMO}/history.pdf?unit=ell`).expect(422);
  expect(faultIn(refused.body).path).toBe('/unit');
});
