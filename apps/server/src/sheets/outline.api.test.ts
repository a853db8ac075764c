import { randomUUID } from 'node:crypto';
import { type JobDetail, type Revision } from '@gyrus/contract';
import { type CarSide, EMPTY_SHOP, evaluate, type Fault, mainHoopOf } from '@gyrus/core';
import { demoJobs, demoPlan } from '@gyrus/demo';
import request from 'supertest';
import { startTestApp, type TestApp } from '../testing/testApp.ts';

let server: TestApp;
const http = () => request(server.app.getHttpServer());
const faultIn = (body: unknown) => (body as { error: Fault }).error;
const [job] = demoJobs.filter(({ plan }) => plan === demoPlan);
const from = `/api/jobs/${job?.id}/revisions/1/outline`;
const hoop = mainHoopOf(demoPlan)?.pieces[0]?.id ?? '';

beforeAll(async () => {
  server = await startTestApp({ demo: true });
});
afterAll(() => server.stop());

test('the demo has three jobs, the full cage among them', async () => {
  const list = (await http().get('/api/jobs').expect(200)).body as { id: string }[];
  expect(list.map(({ id }) => id).sort()).toEqual(demoJobs.map(({ id }) => id).sort());
});

test.each([
  ['pdf', 'application/pdf'],
  ['svg', 'image/svg+xml'],
  ['dxf', 'image/vnd.dxf'],
])('the hoop’s outline as %s', async (format, type) => {
  const response = await http().get(`${from}.${format}?piece=${hoop}&paper=letter`).expect(200);
  expect(response.headers['content-type']).toContain(type);
});

test('a tube of several planes, a tube that is not there, and another format are refused', async () => {
  const leg = demoPlan.members.find(({ role }) => role === 'side-hoop')?.pieces[0]?.id;
  const planes = await http().get(`${from}.svg?piece=${leg}`).expect(422);
  expect(faultIn(planes.body).code).toBe('not-flat');
  const none = await http().get(`${from}.svg?piece=nowhere`).expect(422);
  expect(faultIn(none.body)).toMatchObject({ code: 'no-tube', path: '/piece' });
  await http()
    .get(`${from}.svg?piece=${encodeURIComponent('../x')}`)
    .expect(422);
  await http().get(`${from}.gif?piece=${hoop}`).expect(400);
});

test('a panel between bars at true size, by its own id; one that no bars go round is told', async () => {
  const mm = (value: number) => ({ mm: value, typed: `${value} mm` });
  const [square] = demoCageLoops();
  const part = (bars: { member: string; side?: CarSide }[]) => ({
    ...{ kind: 'bar-panel', id: 'panel', stamp: 'PN1', bars, thickness: mm(2), sits: 'between', gap: mm(3) },
    tabs: { each: 1, reach: mm(12), hole: mm(6) },
  });
  const saved = async (bars: { member: string; side?: CarSide }[]) => {
    const made = (
      await http().post('/api/jobs').send({ name: 'Panel', car: 'Panel', length: 'in' }).expect(201)
    ).body as JobDetail;
    const id = randomUUID();
    const revision = { id, parent: made.head.id, branch: 'main', author: 'A. Berg', note: '' };
    const plan = { ...demoPlan, parts: [part(bars)] };
    await http()
      .post(`/api/jobs/${made.id}/revisions`)
      .send({ ...revision, plan })
      .expect(201);
    return `/api/jobs/${made.id}/revisions/2/outline`;
  };
  const there = await saved(square ?? []);
  const dxf = await http().get(`${there}.dxf?piece=panel`).expect(200);
  expect(dxf.headers['content-type']).toContain('dxf');
  const svg = await http().get(`${there}.svg?piece=panel`).expect(200);
  expect(String(svg.body)).toContain('width=');
  await http().get(`${there}.pdf?piece=panel&paper=a4`).expect(200);
  const [first, second] = square ?? [];
  const across = await saved([first, second, first].flatMap((one) => one ?? []));
  const none = await http().get(`${across}.dxf?piece=panel`).expect(422);
  expect(faultIn(none.body).code).toBe('bar-panel');
});

/** The bays of four bars of the demo's cage, by what their bars are. */
function demoCageLoops() {
  const { loops, members } = evaluate(demoPlan, EMPTY_SHOP, []);
  return loops
    .filter(({ pieces }) => pieces.length === 4)
    .map(({ pieces }) =>
      pieces.flatMap((piece) =>
        members.flatMap(({ member, pieces: own }) =>
          own
            .filter((one) => one.piece === piece)
            .map(({ side }) => ({ member, ...(side === null ? {} : { side }) })),
        ),
      ),
    );
}

test('the wrap template of an end at true size; an end that stands free is cut square; an end that is none says so', async () => {
  const diagonal = demoPlan.members.find(({ role }) => role === 'diagonal')?.pieces[0]?.id;
  const svg = await http().get(`${from}.svg?piece=${diagonal}&end=b&curve=outer`).expect(200);
  // Once round 1 3/4 in tube and the paper, and the tab.
  const width = Number(/width="([\d.]+)mm"/.exec(String(svg.body))?.[1]);
  expect(width).toBeCloseTo(Math.PI * (44.45 + 0.1) + 8, 1);
  const pdf = await http().get(`${from}.pdf?piece=${diagonal}&end=a`).expect(200);
  expect(pdf.headers['content-type']).toContain('application/pdf');
  const seat = demoPlan.members.find(({ role }) => role === 'seat-mount')?.pieces[0]?.id;
  await http().get(`${from}.svg?piece=${seat}&end=b`).expect(200);
  await http().get(`${from}.svg?piece=${diagonal}&end=c`).expect(422);
  const lined = await http().get(`${from}.svg?piece=${diagonal}&end=b&curve=outer&straight=yes`).expect(200);
  expect(String(lined.body)).toContain('two straight cuts');
  expect(String(svg.body)).not.toContain('two straight cuts');
  await http().get(`${from}.svg?piece=${diagonal}&end=b&straight=perhaps`).expect(422);
});

test('the pack of copes, one tube, one end; what is not there is refused', async () => {
  const copes = `/api/jobs/${job?.id}/revisions/1/copes.pdf`;
  const all = await http().get(`${copes}?unit=in&paper=letter&what=pack`).expect(200);
  expect(all.headers['content-type']).toContain('application/pdf');
  const one = await http().get(`${copes}?unit=mm&piece=${hoop}&end=a&what=templates`).expect(200);
  expect(Number(one.headers['content-length'] ?? (one.body as Buffer).length)).toBeLessThan(
    (all.body as Buffer).length,
  );
  const none = await http().get(`${copes}?unit=mm&piece=nowhere`).expect(422);
  expect(faultIn(none.body)).toMatchObject({ code: 'no-tube', path: '/piece' });
  await http().get(`${copes}?unit=mm&what=everything`).expect(422);
});

test('the sheet for the inspector', async () => {
  const sheet = `/api/jobs/${job?.id}/revisions/1/inspection.pdf`;
  const pdf = await http().get(`${sheet}?unit=in&paper=letter`).expect(200);
  expect(pdf.headers['content-type']).toContain('application/pdf');
  await http().get(`${sheet}?unit=furlongs`).expect(422);
});

test('a bend sheet whose tape is hooked on the ear of a cut end', async () => {
  const sheet = `/api/jobs/${job?.id}/revisions/1/bend-sheet.pdf?paper=a4&unit=mm`;
  await http().get(`${sheet}&datum=ear-a&piece=${hoop}`).expect(200);
  await http().get(`${sheet}&datum=ear-c`).expect(422);
});

test('a variant is opened by its name, and the main plan without one', async () => {
  const main = (await http().get(`/api/jobs/${job?.id}`).expect(200)).body as JobDetail;
  const variant = {
    id: '11111111-2222-4333-8444-555555555555',
    parent: main.head.id,
    branch: 'with an X',
    author: '',
    note: 'variant with an X',
    plan: { ...demoPlan, brief: { ...demoPlan.brief, notes: 'an X' } },
  };
  await http().post(`/api/jobs/${job?.id}/revisions`).send(variant).expect(201);
  const opened = (await http().get(`/api/jobs/${job?.id}?branch=with%20an%20X`).expect(200))
    .body as JobDetail;
  expect(opened.head).toMatchObject<Partial<Revision>>({ branch: 'with an X', note: 'variant with an X' });
  expect(opened.head.plan.brief.notes).toBe('an X');
  const still = (await http().get(`/api/jobs/${job?.id}`).expect(200)).body as JobDetail;
  expect(still.head.id).toBe(main.head.id);
  await http().get(`/api/jobs/${job?.id}?branch=another`).expect(404);
  await http()
    .get(`/api/jobs/${job?.id}?branch=${encodeURIComponent('<b>')}`)
    .expect(422);
});
