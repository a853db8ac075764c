import { randomUUID } from 'node:crypto';
import http from 'node:http';
import { type AddressInfo } from 'node:net';
import { type JobDetail } from '@gyrus/contract';
import { emptyPlan, type Fault } from '@gyrus/core';
import { demoPlan, demoShop } from '@gyrus/demo';
import { pino } from 'pino';
import request from 'supertest';
import { createApp } from './createApp.ts';
import { newDatabase, startTestApp, type TestApp } from './testing/testApp.ts';

let server: TestApp;
let address: AddressInfo;
const api = () => request(server.app.getHttpServer());
const faultIn = (body: unknown) => (body as { error: Fault }).error;

beforeAll(async () => {
  server = await startTestApp({ demo: false });
  await server.app.listen(0, '127.0.0.1');
  address = server.app.getHttpServer().address() as AddressInfo;
});
afterAll(() => server.stop());

/** A request with headers that a browser sets and no page can. */
function ask(
  path: string,
  headers: Record<string, string>,
  method = 'GET',
  body = '',
): Promise<{ status: number; text: string }> {
  return new Promise((resolve, reject) => {
    const sent = http.request(
      {
        port: address.port,
        host: '127.0.0.1',
        path,
        method,
        headers: { 'Content-Type': 'application/json', ...headers },
      },
      (response) => {
        let text = '';
        response.on('data', (part: Buffer) => (text += part.toString()));
        response.on('end', () => resolve({ status: response.statusCode ?? 0, text }));
      },
    );
    sent.on('error', reject);
    sent.end(body);
  });
}

describe('who calls', () => {
  const home = () => `127.0.0.1:${address.port}`;

  test.each(['127.0.0.1', 'localhost', '[::1]', 'LOCALHOST'])('%s with the port is let in', async (name) => {
    expect((await ask('/api/jobs', { Host: `${name}:${address.port}` })).status).toBe(200);
  });

  test.each([
    'evil.example',
    'evil.example:{port}',
    '127.0.0.1',
    'localhost:1',
    '127.0.0.1.evil.example:{port}',
    '0.0.0.0:{port}',
  ])('a page of the name "%s" that resolves to this machine is refused', async (host) => {
    const { status, text } = await ask('/api/jobs', { Host: host.replace('{port}', String(address.port)) });
    expect(status).toBeGreaterThanOrEqual(400);
    expect(text).not.toContain('[]');
  });

  test('the refusal says in one sentence where Gyrus is', async () => {
    const { status, text } = await ask('/jobs', { Host: 'evil.example', Accept: 'text/html' });
    expect(status).toBe(403);
    expect(text).toBe(
      `Gyrus is not reached by this name: it answers to this machine alone. Open http://${home()} on the machine that Gyrus runs on.`,
    );
  });

  test.each<Record<string, string>>([
    { Origin: 'http://evil.example' },
    { Origin: 'null' },
    { Origin: 'http://127.0.0.1:1' },
    { 'Sec-Fetch-Site': 'cross-site' },
    { 'Sec-Fetch-Site': 'same-site' },
  ])('a request from elsewhere is refused: %j', async (headers) => {
    const all = { Host: home(), ...headers };
    expect((await ask('/api/jobs', all)).status).toBe(403);
    const job = JSON.stringify({ name: 'Strange', car: '', length: 'in' });
    expect((await ask('/api/jobs', all, 'POST', job)).status).toBe(403);
    const jobs = (await ask('/api/jobs', { Host: home() })).text;
    expect(jobs).not.toContain('Strange');
  });

  test('a photo cannot be posted by another site', async () => {
    const answer = await api()
      .post(`/api/jobs/${randomUUID()}/photos`)
      .set('Origin', 'http://evil.example')
      .attach('photo', Buffer.from('x'), 'a.jpg');
    expect(answer.status).toBe(403);
  });

  test.each<Record<string, string>>([{ 'Sec-Fetch-Site': 'same-origin' }, { 'Sec-Fetch-Site': 'none' }, {}])(
    'the pages themselves, an address that was typed, and a tool are let in: %j',
    async (headers) => {
      expect((await ask('/api/jobs', { Host: home(), ...headers })).status).toBe(200);
      expect((await ask('/api/jobs', { Host: home(), Origin: `http://${home()}`, ...headers })).status).toBe(
        200,
      );
    },
  );
});

describe('what cannot be kept', () => {
  const newJob = async () =>
    (await api().post('/api/jobs').send({ name: 'A job', car: '', length: 'in' }).expect(201))
      .body as JobDetail;

  test.each([
    ['NUL', 'a\u0000b'],
    ['half a surrogate pair', 'a\ud800'],
  ])('%s in a name, in a plan and in a key is refused where it stands', async (_, text) => {
    const named = await api().post('/api/jobs').send({ name: text, car: '', length: 'in' }).expect(422);
    expect(faultIn(named.body)).toMatchObject({ code: 'unkeepable-text', path: '/name' });
    const job = await newJob();
    const plan = { ...job.head.plan, brief: { ...job.head.plan.brief, notes: text } };
    const save = { id: randomUUID(), parent: job.head.id, branch: 'main', author: '', note: '', plan };
    const saved = await api().post(`/api/jobs/${job.id}/revisions`).send(save).expect(422);
    expect(faultIn(saved.body)).toMatchObject({ path: '/plan/brief/notes' });
    await api()
      .post('/api/rule-books')
      .send({ [text]: 1 })
      .expect(422);
  });

  test.each([{ name: null }, { name: '' }, { name: '  ' }, { archived: null }, { archived: 'yes' }])(
    'a job is not changed to %j',
    async (changes) => {
      const job = await newJob();
      await api().patch(`/api/jobs/${job.id}`).send(changes).expect(422);
      expect(((await api().get(`/api/jobs/${job.id}`)).body as JobDetail).name).toBe('A job');
    },
  );

  test.each([[[]], [[{ mm: 44.45, typed: '1 3/4' }]], [null], ['1 3/4'], [{ mm: [44], typed: '' }]])(
    'a diameter that is %j is refused, and the shop can be shown',
    async (od) => {
      const [tube] = demoShop.tubes;
      const { id: _, ...body } = { ...tube, od };
      const refused = await api().post('/api/shop/tubes').send(body).expect(422);
      expect(faultIn(refused.body).path).toMatch(/^\/od/);
      expect((await api().get('/api/shop').expect(200)).body).toMatchObject({ tubes: [] });
    },
  );

  test.each(['2147483648', '99999999999999999999', '-1', '0', '1.5', '1e3', 'x'])(
    'revision %s of a job is not here',
    async (number) => {
      const job = await newJob();
      await api().get(`/api/jobs/${job.id}/revisions/${number}`).expect(404);
      await api().get(`/api/jobs/${job.id}/revisions/${number}/inspection.pdf?unit=in`).expect(404);
    },
  );

  test.each(['utf-16le', 'utf-16'])(
    'strange text is found in %s too, which needs no escapes for it',
    async (charset) => {
      const body = Buffer.from('\ufeff{"name":"a\ud800","note":""}', 'utf16le');
      const refused = await api()
        .post('/api/shop/machines')
        .set('Content-Type', `application/json; charset=${charset}`)
        .serialize((sent) => sent as unknown as string)
        .send(body);
      expect(refused.status).toBeGreaterThanOrEqual(400);
      expect(refused.status).toBeLessThan(500);
      expect((await api().get('/api/shop').expect(200)).text).not.toContain('a\ufffd');
    },
  );

  test('a number that JSON can write and no number is, is refused', async () => {
    const body = '{"name":"Shop","note":"","size":1e999}';
    const refused = await api().post('/api/shop/machines').set('Content-Type', 'application/json').send(body);
    expect(refused.status).toBe(422);
    expect(faultIn(refused.body).code).toBe('unkeepable-number');
  });

  test('a body nested thousands deep is refused at once', async () => {
    const deep = `{"a":${'['.repeat(200_000)}${']'.repeat(200_000)}}`;
    const begun = performance.now();
    const refused = await api()
      .post('/api/jobs')
      .set('Content-Type', 'application/json')
      .send(deep)
      .expect(422);
    expect(faultIn(refused.body).code).toBe('too-deep');
    expect(performance.now() - begun).toBeLessThan(2000);
  });

  test.each([1, 2, 3, 4])(
    'a plan of version %i with a member that is none is refused in words',
    async (version) => {
      const job = await newJob();
      const plan = { ...demoPlan, version, members: [null] };
      const save = { id: randomUUID(), parent: job.head.id, branch: 'main', author: '', note: '', plan };
      const refused = await api().post(`/api/jobs/${job.id}/revisions`).send(save).expect(422);
      expect(faultIn(refused.body).message).toMatch(/version|member/);
    },
  );

  test('an address that cannot be decoded is told as such', async () => {
    await api().get('/api/jobs/%').expect(400);
  });
});

test('a failure that nobody foresaw is logged with method and path, and without the plan', async () => {
  const lines: string[] = [];
  const database = await newDatabase();
  const app = await createApp({
    databaseUrl: database.url,
    pages: null,
    demo: false,
    log: pino({ level: 'warn' }, { write: (line: string) => void lines.push(line) }),
  });
  const own = () => request(app.getHttpServer());
  const job = (await own().post('/api/jobs').send({ name: 'Logged', car: '', length: 'in' }))
    .body as JobDetail;
  const { Client } = (await import('pg')).default;
  const client = new Client({ connectionString: database.url });
  await client.connect();
  await client.query('ALTER TABLE plan_revision ADD CONSTRAINT never CHECK (author <> $$secret$$)');
  await client.end();
  const plan = emptyPlan({ member: 'm', piece: 'p' }, 'in');
  const named = { ...plan, brief: { ...plan.brief, customer: 'A. Customer' } };
  const save = {
    id: randomUUID(),
    parent: job.head.id,
    branch: 'main',
    author: 'secret',
    note: '',
    plan: named,
  };
  const failed = await own().post(`/api/jobs/${job.id}/revisions`).send(save).expect(500);
  const said = lines.join('');
  expect(said).toContain(`"path":"/api/jobs/${job.id}/revisions"`);
  expect(said).toContain('"method":"POST"');
  expect(faultIn(failed.body).message).toMatch(/in the log it is [0-9a-f-]{36}/);
  expect(said).not.toContain('A. Customer');
  await app.close();
  await database.drop();
});
