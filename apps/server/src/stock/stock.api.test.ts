import { randomUUID } from 'node:crypto';
import { type JobDetail, type KeptCutPlan, type OnRack } from '@gyrus/contract';
import { type Fault } from '@gyrus/core';
import { demoPlan } from '@gyrus/demo';
import request from 'supertest';
import { startTestApp, type TestApp } from '../testing/testApp.ts';

let server: TestApp;
/** Two jobs, each with the demo's cage. */
const jobs: string[] = [];
const http = () => request(server.app.getHttpServer());
const faultIn = (body: unknown) => (body as { error: Fault<string> }).error;
const mm = (value: number) => ({ mm: value, typed: `${value} mm` });
const at = '2026-11-27T10:30:00.000Z';

beforeAll(async () => {
  server = await startTestApp({ demo: true });
  for (const name of ['one', 'two']) {
    const made = (await http().post('/api/jobs').send({ name, car: '', length: 'in' })).body as JobDetail;
    const save = { id: randomUUID(), parent: made.head.id, branch: 'main', author: '', note: '' };
    await http()
      .post(`/api/jobs/${made.id}/revisions`)
      .send({ ...save, plan: demoPlan })
      .expect(201);
    jobs.push(made.id);
  }
});
afterAll(() => server.stop());

/** Of the tube that the demo's hoop is made of. */
const tube = (({ od, wall, kind, batch }) => ({ od, wall, kind, batch }))(
  demoPlan.members[0]?.tube ?? (undefined as never),
);
const stick = (length: number, ids: string[], changes: object = {}) => ({
  ...tube,
  ...{ ids, length: mm(length), whole: true, price: null, place: 'A3', note: '', bends: null },
  ...changes,
});
const rack = async () => (await http().get('/api/rack').expect(200)).body as OnRack[];
const put = async (body: object) => (await http().post('/api/rack').send(body).expect(201)).body as OnRack[];
const layOut = async (job: string | undefined, changes: object = {}) =>
  (
    await http()
      .post('/api/cut-plans')
      .send({
        id: randomUUID(),
        jobs: [{ id: job, branch: 'main' }],
        kerf: mm(2.5),
        guided: false,
        spares: 0,
        who: 'Aino',
        ...changes,
      })
      .expect(201)
  ).body as KeptCutPlan;
const promise = (id: string, who: string) => http().post(`/api/cut-plans/${id}/promise`).send({ who });
const sticksOf = ({ plan }: KeptCutPlan) => plan.groups.flatMap(({ sticks }) => sticks);
const ofRack = (plan: KeptCutPlan) =>
  sticksOf(plan).flatMap(({ from }) => ('rack' in from ? [from.rack] : []));

test('pieces are put on the rack once, however often they are sent, and taken off it', async () => {
  const ids: string[] = [randomUUID(), randomUUID()];
  await Promise.all([1, 2, 3].map(() => put(stick(400, ids, { whole: false }))));
  expect((await rack()).filter(({ id }) => ids.includes(id))).toHaveLength(2);
  await http().delete(`/api/rack/${ids[0]}`).expect(200);
  await http().delete(`/api/rack/${ids[0]}`).expect(404);
  await http().delete(`/api/rack/${ids[1]}`).expect(200);
  expect((await rack()).some(({ id }) => ids.includes(id))).toBe(false);
});

test.each([
  [{ length: mm(0) }, '/length'],
  [{ ids: [] }, '/ids'],
  [{ ids: ['x'] }, '/ids'],
  [{ wall: mm(40) }, '/wall'],
  [{ price: -1 }, '/price'],
  [{ bends: { bends: [], tail: 0 } }, '/bends/bends'],
])('%j is refused at the door', async (change, path) => {
  const refused = await http()
    .post('/api/rack')
    .send(stick(400, [randomUUID()], change));
  expect(refused.status).toBeGreaterThanOrEqual(400);
  expect(refused.status).toBeLessThan(500);
  expect(faultIn(refused.body).path).toMatch(new RegExp(`^${path}`));
});

test('a job is laid out into bought sticks, each tube of it once, proven, and what cannot be cut yet is named', async () => {
  const plan = await layOut(jobs[0]);
  const pieces = sticksOf(plan).flatMap((one) => one.pieces);
  expect(pieces.length).toBeGreaterThan(25);
  expect(new Set(pieces.map(({ piece }) => piece)).size).toBe(pieces.length);
  expect(plan.plan.faults).toEqual([]);
  expect(plan.plan.groups.every(({ proven }) => proven)).toBe(true);
  for (const { length, pieces: here } of sticksOf(plan))
    expect(here.reduce((sum, piece) => sum + piece.length + 2.5, -2.5)).toBeLessThanOrEqual(length + 1e-6);
  const pdf = await http().get(`/api/cut-plans/${plan.id}/cut-plan.pdf?paper=a4&unit=mm`).expect(200);
  expect(pdf.headers['content-type']).toContain('application/pdf');
  await http().get(`/api/cut-plans/${plan.id}/cut-plan.pdf?paper=a3&unit=mm`).expect(422);
  const again = await layOut(jobs[0], { id: plan.id, kerf: mm(9) });
  expect(again).toEqual(plan);
  const listed = (await http().get(`/api/cut-plans?job=${jobs[0]}`).expect(200)).body as KeptCutPlan[];
  expect(listed.map(({ id }) => id)).toContain(plan.id);
});

test('two people who promise the last stick at once: one gets it, the other is told who has it', async () => {
  const ids: string[] = [randomUUID()];
  await put(stick(6096, ids));
  const [one, two] = await Promise.all([layOut(jobs[0]), layOut(jobs[1])]);
  if (!one || !two) throw new Error('two plans');
  // Both were laid out while nobody had it.
  for (const plan of [one, two]) expect(ofRack(plan)).toEqual(ids);
  const answers = await Promise.all([promise(one.id, 'Aino'), promise(two.id, 'Liisa')]);
  expect(answers.map(({ status }) => status).sort()).toEqual([201, 409]);
  const lost = answers.find(({ status }) => status === 409);
  const winner = answers[0]?.status === 201 ? 'Aino' : 'Liisa';
  expect(faultIn(lost?.body)).toMatchObject({
    code: 'promised',
    message: expect.stringContaining(`${winner} reserved this tube`) as string,
  });
  expect((await rack()).find(({ id }) => id === ids[0])?.promised).toMatchObject({ who: winner });
  // Nobody takes it away meanwhile, and who lost lays out again without it.
  expect(faultIn((await http().delete(`/api/rack/${ids[0]}`).expect(409)).body).code).toBe('promised');
  expect(ofRack(await layOut(jobs[1]))).toEqual([]);
  const own = answers[0]?.status === 201 ? one : two;
  await http().delete(`/api/cut-plans/${own.id}/promise`).expect(200);
  expect(ofRack(await layOut(jobs[1]))).toEqual(ids);
  await http().delete(`/api/rack/${ids[0]}`).expect(200);
});

test('pieces are sawn once, a stick that is done leaves the rack, and its offcut comes back', async () => {
  const ids: string[] = [randomUUID()];
  await put(stick(6096, ids));
  const plan = await layOut(jobs[0]);
  const index = sticksOf(plan).findIndex(({ from }) => 'rack' in from);
  const own = sticksOf(plan)[index];
  if (!own) throw new Error('the stick of the rack is used');
  const sawn = { stick: index, place: 0, who: 'Aino', at };
  const before = await http().post(`/api/cut-plans/${plan.id}/sawn`).send(sawn).expect(409);
  expect(faultIn(before.body).code).toBe('not-promised');
  await promise(plan.id, 'Aino').expect(201);
  await Promise.all(
    [1, 2, 3].map(() => http().post(`/api/cut-plans/${plan.id}/sawn`).send(sawn).expect(201)),
  );
  expect(faultIn((await http().delete(`/api/cut-plans/${plan.id}/promise`).expect(409)).body).code).toBe(
    'begun',
  );
  const done = { id: randomUUID(), stick: index, length: mm(310), place: 'B1', who: 'Aino', at };
  const tooLong = { ...done, length: mm(7000) };
  expect(
    faultIn((await http().post(`/api/cut-plans/${plan.id}/done`).send(tooLong).expect(422)).body),
  ).toMatchObject({
    code: 'too-big',
    path: '/length',
    message: expect.stringMatching(/^an offcut is no longer than its stick, \d+ mm$/) as string,
  });
  const answers = await Promise.all(
    [1, 2].map(() => http().post(`/api/cut-plans/${plan.id}/done`).send(done).expect(201)),
  );
  const kept = answers[0]?.body as KeptCutPlan;
  expect(kept.sawn).toEqual([{ ...sawn, at }]);
  expect(kept.done).toEqual([{ stick: index, offcut: done.id, who: 'Aino', at }]);
  const after = await rack();
  expect(after.some(({ id }) => id === ids[0])).toBe(false);
  expect(after.find(({ id }) => id === done.id)).toMatchObject({
    ...{ length: mm(310), whole: false, place: 'B1', batch: tube.batch, promised: null },
  });
  await http().delete(`/api/rack/${done.id}`).expect(200);
  await http()
    .post(`/api/cut-plans/${plan.id}/sawn`)
    .send({ ...sawn, stick: 999 })
    .expect(404);
});

test('what is promised or sawn is not laid out again, but what was spoiled since is', async () => {
  const whole = await layOut(jobs[1]);
  await promise(whole.id, 'Aino').expect(201);
  const nothing = await layOut(jobs[1]);
  expect(sticksOf(nothing)).toEqual([]);
  const pieces = sticksOf(whole).flatMap((one) => one.pieces);
  expect(nothing.notYet.filter(({ why }) => why === 'there')).toHaveLength(pieces.length);
  const [spoiled] = pieces;
  await http()
    .put(`/api/log/scrap/${randomUUID()}`)
    .send({
      ...{ job: jobs[1], issued: null, stamp: spoiled?.stamp, tube, reason: 'bent from the wrong mark' },
      ...{ length: null, cost: null, who: 'Aino', at: new Date(Date.now() + 1000).toISOString(), note: '' },
    })
    .expect(200);
  const again = sticksOf(await layOut(jobs[1])).flatMap((one) => one.pieces);
  expect(again.map(({ stamp }) => stamp)).toEqual([spoiled?.stamp]);
  await http().delete(`/api/cut-plans/${whole.id}/promise`).expect(200);
});

test('of two plans that were laid out for one job the second is not promised: the tubes would be cut twice', async () => {
  const plans = await Promise.all([layOut(jobs[1]), layOut(jobs[1])]);
  expect(sticksOf(plans[0]).length).toBeGreaterThan(0);
  expect(sticksOf(plans[1]).length).toBeGreaterThan(0);
  const answers = await Promise.all(plans.map(({ id }) => promise(id, 'Aino')));
  expect(answers.map(({ status }) => status).sort()).toEqual([201, 409]);
  const refused = answers.find(({ status }) => status === 409);
  expect(faultIn(refused?.body)).toMatchObject({
    code: 'laid-out-twice',
    message: expect.stringContaining('MH') as string,
  });
  const won = plans[answers[0]?.status === 201 ? 0 : 1];
  await http().delete(`/api/cut-plans/${won?.id}/promise`).expect(200);
});

test('plans are listed by the job, and a job is named once in each', async () => {
  const listed = (await http().get(`/api/cut-plans?job=${jobs[1]}`).expect(200)).body as KeptCutPlan[];
  expect(listed.length).toBeGreaterThan(1);
  expect(listed.every((plan) => plan.jobs.some(({ id }) => id === jobs[1]))).toBe(true);
  const all = (await http().get('/api/cut-plans').expect(200)).body as KeptCutPlan[];
  expect(all.length).toBeGreaterThan(listed.length);
  const twice = { id: jobs[1], branch: 'main' };
  const body = { id: randomUUID(), jobs: [twice, twice], kerf: mm(2), guided: false, spares: 0, who: 'x' };
  expect(faultIn((await http().post('/api/cut-plans').send(body).expect(422)).body)).toMatchObject({
    path: '/jobs',
    message: 'name each job once',
  });
});

test('a plan of a job that is not there, and a stick that is gone, are told', async () => {
  const body = {
    id: randomUUID(),
    jobs: [{ id: randomUUID(), branch: 'main' }],
    kerf: mm(2),
    guided: false,
    spares: 0,
    who: 'x',
  };
  await http().post('/api/cut-plans').send(body).expect(404);
  await http().get(`/api/cut-plans/${randomUUID()}`).expect(404);
  const ids: string[] = [randomUUID()];
  await put(stick(6096, ids));
  const plan = await layOut(jobs[1]);
  await http().delete(`/api/rack/${ids[0]}`).expect(200);
  expect(faultIn((await promise(plan.id, 'Aino').expect(409)).body).code).toBe('gone');
});
