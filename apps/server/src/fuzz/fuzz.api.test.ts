import { randomUUID } from 'node:crypto';
import { type JobDetail, type JobSummary, type RevisionSummary } from '@gyrus/contract';
import { readPlan, readRuleBook, readShop, recordOf, type RuleBook, type Shop } from '@gyrus/core';
import { demoBooks, demoPlan, demoShop, demoWelding } from '@gyrus/demo';
import fc from 'fast-check';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import request from 'supertest';
import { without } from '../common/without.ts';
import { startTestApp, type TestApp } from '../testing/testApp.ts';
import { bodiesFor, junk, junkText, spoilt, wireText } from './junk.ts';
import { type Route, routesOf } from './routes.ts';

/** So many requests a route, from this seed: more by `npm run fuzz`. */
const RUNS = Number(process.env.GYRUS_FUZZ_RUNS ?? 16);
const SEED = Number(process.env.GYRUS_FUZZ_SEED ?? 12);
/** The processor's time that no answer may take, of a test's patience: a busy machine is slow, not wrong. ms */
const MOST_COMPUTED = Number(process.env.GYRUS_PATIENCE ?? 300_000) / 100;

let server: TestApp;
let routes: Route[];
/** Ids that are there, by what they are of. */
const ids: Record<string, string> = {};
const http = () => request(server.app.getHttpServer());

beforeAll(async () => {
  server = await startTestApp({ demo: false });
  routes = routesOf(server.app);
  const job = await http().post('/api/jobs').send({ name: 'Fuzzed', car: '', length: 'in' });
  ids.jobs = (job.body as JobDetail).id;
  await http().post('/api/rule-books').send(demoBooks[0]);
  ids['rule-books'] = demoBooks[0]?.id ?? '';
  await issueSheet();
  await layOut();
  const [procedure] = demoWelding;
  await http()
    .post('/api/welding')
    .send(without(recordOf(procedure), 'samples', 'setAside'))
    .expect(201);
  ids.welding = procedure?.id ?? '';
});

/** A sheet of the demo's hoop is out, so that ticks of it get as far as the table. */
async function issueSheet(): Promise<void> {
  const { head } = (await http().get(`/api/jobs/${ids.jobs}`)).body as JobDetail;
  const save = { id: randomUUID(), parent: head.id, branch: 'main', author: '', note: '', plan: demoPlan };
  await http().post(`/api/jobs/${ids.jobs}/revisions`).send(save).expect(201);
  ids.issued = randomUUID();
  const piece = demoPlan.members[0]?.pieces[0]?.id;
  await http()
    .post(`/api/jobs/${ids.jobs}/issued`)
    .send({ id: ids.issued, revision: 2, piece, by: 'fuzz' })
    .expect(201);
}

/** A cut plan of the demo's cage is laid out, so that what is sawn of it gets as far as the table. */
async function layOut(): Promise<void> {
  ids['cut-plans'] = randomUUID();
  const jobs = [{ id: ids.jobs, branch: 'main' }];
  const saw = { kerf: { mm: 2, typed: '2 mm' }, guided: false, spares: 0, who: 'fuzz' };
  await http()
    .post('/api/cut-plans')
    .send({ id: ids['cut-plans'], jobs, ...saw })
    .expect(201);
}
afterAll(() => server.stop());

/** A shop with one of everything: what one route removes, the next finds again. */
async function stockShop(): Promise<void> {
  const post = async (path: string, body: object) =>
    (await http().post(`/api/shop/${path}`).send(body).expect(201)).body as Shop;
  const [die] = demoShop.machines.flatMap(({ dies }) => dies).filter(({ tests }) => tests.length > 0);
  const [test, tube] = [die?.tests[0], demoShop.tubes[0]];
  if (!die || !test || !tube) throw new Error('the demo shop has a tested die, and tube');
  const setting = demoShop.machines[0]?.setting ?? null;
  const machine = (await post('machines', { name: 'Bender', note: '', setting })).machines.at(-1);
  ids.machines = machine?.id ?? '';
  const dies = await post(
    `machines/${ids.machines}/dies`,
    without(die, 'id', 'machine', 'tests', 'dialStep', 'dialZero'),
  );
  ids.dies = dies.machines.at(-1)?.dies[0]?.id ?? '';
  const tests = await post(`dies/${ids.dies}/tests`, without(test, 'id', 'made'));
  ids.tests = tests.machines.at(-1)?.dies[0]?.tests[0]?.id ?? '';
  ids.tubes = (await post('tubes', without(tube, 'id'))).tubes.at(-1)?.id ?? '';
  ids.rack = randomUUID();
  const { od, wall, kind, batch, stickLength: length } = tube;
  await http()
    .post('/api/rack')
    .send({
      ids: [ids.rack],
      ...{ od, wall, kind, batch, length, whole: true, price: null, bends: null },
      place: '',
      note: '',
    })
    .expect(201);
}

/** Half a surrogate pair has no place in an address: it goes as the sign that stands for what cannot be read. */
const encoded = (text: string): string => encodeURIComponent(Buffer.from(text).toString());

/** The address of a route with its parameters: mostly something that is there. */
const addressOf = ({ path }: Route): fc.Arbitrary<string> => {
  const parts = path.split('/').map((part): fc.Arbitrary<string> => {
    if (!part.includes(':')) return fc.constant(part);
    const of = Object.keys(ids).find((kind) => path.includes(`/${kind}/:id`)) ?? '';
    const usual = part.includes(':number') ? ['1', '1', '2'] : [ids[of] ?? randomUUID()];
    const right = part.includes(':format') ? ['outline.svg', 'outline.dxf', 'outline.pdf'] : usual;
    return fc.oneof(
      { weight: 4, arbitrary: fc.constantFrom(...right) },
      { weight: 1, arbitrary: junkText.map((text) => encoded(text)) },
      { weight: 1, arbitrary: fc.constantFrom('%', '%00', '%ff', '..', '%2e%2e%2f') },
    );
  });
  return fc.tuple(...parts).map((texts) => texts.join('/'));
};

const queryOf = ({ query }: Route): fc.Arbitrary<string> => {
  const pairs = (values: unknown): string =>
    Object.entries((values ?? {}) as Record<string, unknown>)
      .map(([key, value]) => [key, typeof value === 'string' ? value : (JSON.stringify(value) ?? '')])
      .map(([key, value]) => `${encoded(String(key))}=${encoded(String(value))}`)
      .join('&');
  const spoiltText = fc.constantFrom('', 'unit=in&unit=mm', 'unit[a]=in', 'branch=%00', 'paper', '&&&=', '%');
  return query ? fc.oneof(bodiesFor(query).map(pairs), spoiltText) : spoiltText;
};

function bodyOf(route: Route): fc.Arbitrary<unknown> {
  if (route.method === 'get' || route.method === 'delete') return fc.constant(undefined);
  if (route.path.includes('/log/')) return loggedBends(route);
  if (route.body !== 'unknown') return route.body ? bodiesFor(route.body) : junk;
  if (route.path.includes('rule-books')) return fc.oneof(spoilt(demoBooks[0] as RuleBook), junk);
  const envelope = { parent: null, branch: 'main', author: '', note: '' };
  const save = (plan: object) => ({ id: randomUUID(), ...envelope, plan });
  const oldPlan = { ...demoPlan, version: 1 };
  return fc.oneof(
    spoilt(demoPlan).map(save),
    spoilt(oldPlan).map(save),
    fc.constantFrom(1, 2, 3, 4, 5).map((version) => save({ format: 'gyrus-plan', version, members: [null] })),
    spoilt(save(demoPlan)),
    junk,
  );
}

/** Bends of the job that is there, among others: they get as far as the table. */
const loggedBends = ({ body }: Route): fc.Arbitrary<unknown> =>
  body === null || body === 'unknown'
    ? junk
    : fc
        .tuple(bodiesFor(body), fc.boolean())
        .map(([bend, ours]) => (ours ? { ...recordOf(bend), job: ids.jobs } : bend));

/** A body as it goes over the wire, where text that is no JSON at all is sent now and then. */
const wireOf = (body: unknown): fc.Arbitrary<string> =>
  fc.oneof(
    { weight: 12, arbitrary: fc.constant(wireText(body)) },
    { weight: 1, arbitrary: fc.constantFrom('{', '[1', 'null', '"text"', '{"a":1e999}', '[{]}', '\ufeff{}') },
  );

test('every route of the program is met, as its controllers declare them', () => {
  expect(routes.length).toBeGreaterThan(24);
  expect(
    routes
      .filter(({ file }) => file)
      .map(({ path }) => path)
      .sort(),
  ).toEqual([
    '/api/jobs/:id/photos',
    '/api/jobs/files',
    '/api/shop/tubes/:id/certificate',
    '/api/welding/samples/:sample/photo',
  ]);
  const paths = routes.map(({ method, path }) => `${method} ${path}`);
  expect(paths).toEqual(
    expect.arrayContaining(['post /api/jobs/:id/revisions', 'get /api/shop', 'patch /api/jobs/:id']),
  );
});

test('no input makes an answer of 500, or one that computes without end', async () => {
  for (const route of routes) {
    await stockShop();
    const requests = fc
      .tuple(addressOf(route), queryOf(route), bodyOf(route))
      .chain(([address, query, body]) => wireOf(body).map((wire) => ({ address, query, body, wire })));
    await fc.assert(
      fc.asyncProperty(requests, async ({ address, query, body, wire }) => {
        const begun = process.cpuUsage();
        const asking = http();
        const asked = asking[route.method](`${address}?${query}`).ok(() => true);
        const answer =
          body === undefined ? await asked : await asked.set('Content-Type', 'application/json').send(wire);
        const { user, system } = process.cpuUsage(begun);
        expect(answer.status).toBeLessThan(500);
        expect((user + system) / 1000).toBeLessThan(MOST_COMPUTED);
      }),
      { seed: SEED, numRuns: RUNS, endOnFailure: true },
    );
  }
});

test('a form that is no form, or carries no photo, is refused', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.uint8Array({ maxLength: 300 }),
      fc.constantFrom('photo', 'other', ''),
      async (bytes, field) => {
        const form = http()
          .post(`/api/jobs/${ids.jobs}/photos`)
          .ok(() => true);
        const answer = field
          ? await form.attach(field, Buffer.from(bytes), { filename: 'a.jpg', contentType: 'image/jpeg' })
          : await form.set('Content-Type', 'multipart/form-data; boundary=x').send(Buffer.from(bytes));
        expect(answer.status).toBeGreaterThanOrEqual(400);
        expect(answer.status).toBeLessThan(500);
      },
    ),
    { seed: SEED, numRuns: Math.ceil(RUNS / 2) },
  );
});

test('a file of a job whose parts are spoilt is refused, or is a job', async () => {
  const written = await http().get(`/api/jobs/${ids.jobs}/file`).responseType('blob').expect(200);
  const entries = Object.entries(unzipSync(written.body as Buffer));
  const documents = entries.filter(([name]) => name.endsWith('.json'));
  const part = fc
    .constantFrom(...documents)
    .chain(([name, bytes]) =>
      fc
        .oneof(spoilt(JSON.parse(strFromU8(bytes)) as object), junk)
        .map((data) => ({ [name]: strToU8(wireText(data)) })),
    );
  await fc.assert(
    fc.asyncProperty(part, async (spoiltPart) => {
      const file = Buffer.from(zipSync({ ...Object.fromEntries(entries), ...spoiltPart }));
      const answer = await http()
        .post('/api/jobs/files')
        .attach('job', file, 'a job.zip')
        .ok(() => true);
      expect([201, 422]).toContain(answer.status);
    }),
    { seed: SEED, numRuns: RUNS },
  );
});

test('nothing was stored that a page cannot show', async () => {
  const shop = readShop((await http().get('/api/shop').expect(200)).body);
  expect(shop.ok ? '' : shop.fault).toBe('');
  const books = (await http().get('/api/rule-books').expect(200)).body as unknown[];
  for (const book of books) expect(readRuleBook(book).ok).toBe(true);
  const jobs = (await http().get('/api/jobs').expect(200)).body as JobSummary[];
  for (const { id, name } of jobs) {
    expect(name.trim()).not.toBe('');
    const revisions = (await http().get(`/api/jobs/${id}/revisions`).expect(200)).body as RevisionSummary[];
    for (const { number } of revisions) {
      const revision = (await http().get(`/api/jobs/${id}/revisions/${number}`).expect(200)).body as {
        plan: unknown;
      };
      expect(readPlan(revision.plan).ok).toBe(true);
    }
  }
});
