import { type CopesQueryDto } from '@gyrus/contract';
import { type Fault, type Plan } from '@gyrus/core';
import { demoBooks, demoJobs, demoPlan, demoShop } from '@gyrus/demo';
import request from 'supertest';
import { type SheetAsked } from '../sheets/makeSheet.ts';
import { startTestApp, type TestApp } from '../testing/testApp.ts';
import { WorkPool } from './pool.ts';

const query: CopesQueryDto = { paper: 'a4', unit: 'mm', curve: 'seating', straight: 'no', what: 'pack' };
const pack = (plan: Plan = demoPlan): SheetAsked => ({
  job: 'A job',
  revision: 1,
  branch: 'main',
  plan,
  shop: demoShop,
  books: demoBooks,
  author: 'T. M.',
  saved: new Date(0),
  printed: { at: new Date(0), zone: 'UTC' },
  wanted: { what: 'copes', query },
});
const faultOf = async (work: Promise<unknown>): Promise<Fault> => {
  const refused = await work.then(
    () => null,
    (error: unknown) => error as { getResponse: () => { error: Fault } },
  );
  if (!refused) throw new Error('it was made');
  return refused.getResponse().error;
};
const pools: WorkPool[] = [];
const poolOf = (...limits: ConstructorParameters<typeof WorkPool>) => {
  const pool = new WorkPool(...limits);
  pools.push(pool);
  return pool;
};
afterAll(() => Promise.all(pools.map((pool) => pool.onModuleDestroy())));

test('a pack comes back as the bytes of its file', async () => {
  const made = await poolOf().run('sheet', pack());
  if ('fault' in made) throw new Error(made.fault.message);
  expect(Buffer.from(made.bytes).subarray(0, 5).toString()).toBe('%PDF-');
});

test('work that takes too long is given up in plain words, and the next is done', async () => {
  const pool = poolOf({ longest: 50, mostWaiting: 4 });
  expect(await faultOf(pool.run('sheet', pack()))).toMatchObject({
    code: 'too-long',
    message: expect.stringContaining('look at Inspect') as string,
  });
  expect(await pool.run('picture', new Uint8Array(0))).toBe(false);
});

test('work that is given up at any moment of its worker’s start harms nobody', async () => {
  for (let wait = 0; wait < 480; wait += 40) {
    const pool = poolOf();
    const gone = new AbortController();
    const work = pool.run('picture', new Uint8Array(0), gone.signal).catch(() => 'given up');
    setTimeout(() => gone.abort(), wait);
    expect([false, 'given up']).toContain(await work);
  }
});

test('work that nobody waits for any more is given up, and the next is done', async () => {
  const pool = poolOf();
  const gone = new AbortController();
  const work = pool.run('sheet', pack(), gone.signal);
  setTimeout(() => gone.abort(), 400);
  expect((await faultOf(work)).code).toBe('gone');
  expect(await pool.run('picture', new Uint8Array(0))).toBe(false);
});

test('where too many wait, the next is told so at once', async () => {
  const pool = poolOf({ longest: 60_000, mostWaiting: 1 });
  const gone = new AbortController();
  const works = Array.from({ length: 12 }, () => faultOf(pool.run('sheet', pack(), gone.signal)));
  expect((await Promise.race(works)).code).toBe('busy');
  gone.abort();
  const codes = (await Promise.all(works)).map(({ code }) => code);
  expect(new Set(codes)).toEqual(new Set(['busy', 'gone']));
});

describe('the server beside a pack', () => {
  let server: TestApp;
  beforeAll(async () => {
    server = await startTestApp({ demo: true });
  });
  afterAll(() => server.stop());

  test('answers others before the pack is made', async () => {
    const http = request(server.app.getHttpServer());
    const job = demoJobs.find(({ plan }) => plan === demoPlan)?.id;
    const done: string[] = [];
    const printed = http
      .get(`/api/jobs/${job}/revisions/1/copes.pdf?unit=mm&what=pack`)
      .expect(200)
      .then(() => done.push('pack'));
    for (let i = 0; i < 5; i += 1) {
      await http.get('/api/jobs').expect(200);
      done.push('jobs');
    }
    await printed;
    expect(done).toEqual(['jobs', 'jobs', 'jobs', 'jobs', 'jobs', 'pack']);
  });
});
