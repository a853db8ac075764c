import { randomUUID } from 'node:crypto';
import { type JobSummary, type MadeBend, type Revision, type Scrap } from '@gyrus/contract';
import { type RuleBook, type Shop } from '@gyrus/core';
import pg from 'pg';
import { pino } from 'pino';
import { demoBooks, demoJobs } from '@gyrus/demo';
import request from 'supertest';
import { createApp } from '../createApp.ts';
import { newDatabase } from '../testing/testApp.ts';
import { DataSource } from 'typeorm';
import { dataSourceOptions, MIGRATIONS } from './dataSource.ts';
import { prepareDatabase, UnusableDatabase } from './prepare.ts';

const log = pino({ level: 'silent' });
let database: Awaited<ReturnType<typeof newDatabase>>;

beforeEach(async () => {
  database = await newDatabase();
});
afterEach(() => database.drop());

const start = (demo: boolean) => createApp({ databaseUrl: database.url, pages: null, demo, log });

async function onDatabase(statement: string): Promise<void> {
  const client = new pg.Client({ connectionString: database.url });
  await client.connect();
  try {
    await client.query(statement);
  } finally {
    await client.end();
  }
}

test('the demo is loaded once, and a second start finds what the first left', async () => {
  const first = await start(true);
  const jobs = (await request(first.getHttpServer()).get('/api/jobs')).body as JobSummary[];
  expect(jobs).toHaveLength(demoJobs.length);
  await request(first.getHttpServer())
    .post('/api/jobs')
    .send({ name: 'Mine', car: '', length: 'mm' })
    .expect(201);
  await first.close();
  const second = await start(true);
  const after = (await request(second.getHttpServer()).get('/api/jobs')).body as JobSummary[];
  const shop = (await request(second.getHttpServer()).get('/api/shop')).body as Shop;
  await second.close();
  expect(after.map((job) => job.name).sort()).toEqual(['Mine', ...demoJobs.map(({ name }) => name)].sort());
  expect(shop.machines).toHaveLength(2);
});

test('an empty start can be given the demo later', async () => {
  await (await start(false)).close();
  const app = await start(true);
  const books = (await request(app.getHttpServer()).get('/api/rule-books')).body as RuleBook[];
  await app.close();
  expect(books).toHaveLength(demoBooks.length);
});

test('a database that a newer program wrote is refused with what to do', async () => {
  await prepareDatabase(database.url);
  await onDatabase(`INSERT INTO migrations (timestamp, name) VALUES (9999999999999, 'Future9999999999999')`);
  await expect(prepareDatabase(database.url)).rejects.toThrow(UnusableDatabase);
  await expect(prepareDatabase(database.url)).rejects.toThrow(/newer Gyrus.*--data/);
});

test('a damaged database is refused with what to do', async () => {
  await prepareDatabase(database.url);
  await onDatabase('DROP TABLE rule_book');
  await expect(prepareDatabase(database.url)).rejects.toThrow(/damaged: table "rule_book".*backup/);
});

test('preparing a database that is ready changes nothing', async () => {
  await prepareDatabase(database.url);
  await prepareDatabase(database.url);
});

test('what a database of before issued sheets holds is brought up: scrap in a table of its own, machines that are no measured rollers', async () => {
  const before = new DataSource({ ...dataSourceOptions(database.url), migrations: MIGRATIONS.slice(0, 5) });
  await before.initialize();
  await before.runMigrations({ transaction: 'each' });
  await before.destroy();
  const [job, bend, machine] = [randomUUID(), randomUUID(), randomUUID()];
  const scrap = { reason: 'wrong plane', length: { mm: 2900, typed: '2900' }, cost: '31 EUR' };
  await onDatabase(`
    INSERT INTO job (id, name, last_revision) VALUES ('${job}', 'old', 0);
    INSERT INTO machine (id, name, note, setting) VALUES ('${machine}', 'Ram', '', '{"kind": "ram"}');
    INSERT INTO made_bend (id, job_id, piece, stamp, bend, die, die_name, machine, tube, target, released, zeroed, slipped, who,
                           made_at, note, scrap)
      VALUES ('${bend}', '${job}', 'p', 'MH', 1, 'd', '45', 'Ram', '{}', '{"deg": 80, "typed": "80"}', '{"deg": 79, "typed": "79"}',
              true, false, 'Ben', now(), 'n', '${JSON.stringify(scrap)}')`);
  const app = await start(false);
  const http = () => request(app.getHttpServer());
  const { reason, length, note } = ((await http().get('/api/log/scrap')).body as Scrap[])[0] ?? {};
  expect([reason, length, note]).toEqual(['wrong plane', scrap.length, '31 EUR']);
  const [kept] = (await http().get('/api/log/bends')).body as MadeBend[];
  expect(kept).toMatchObject({ id: bend, note: 'n', issued: null, dialZero: null, wantedTurn: null });
  const { machines } = (await http().get('/api/shop')).body as Shop;
  expect(machines[0]?.setting).toEqual({ kind: 'ram', roller: null });
  await app.close();
});

test('the bend sheet of a saved revision is a PDF; a job without marks says why there is none', async () => {
  const app = await start(true);
  const http = () => request(app.getHttpServer());
  const [demo] = (await http().get('/api/jobs')).body as JobSummary[];
  const sheet = await http()
    .get(`/api/jobs/${demo?.id}/revisions/1/bend-sheet.pdf`)
    .query({ paper: 'letter', unit: 'in', datum: 'centre' })
    .expect(200)
    .expect('Content-Type', 'application/pdf');
  expect((sheet.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
  await http()
    .get(`/api/jobs/${demo?.id}/revisions/1/bend-sheet.pdf`)
    .query({ paper: 'a3', unit: 'in', datum: 'a' })
    .expect(422);
  await http()
    .get(`/api/jobs/${demo?.id}/revisions/99/bend-sheet.pdf`)
    .query({ paper: 'a4', unit: 'in', datum: 'a' })
    .expect(404);
  const bare = (await http().post('/api/jobs').send({ name: 'Bare', car: '', length: 'mm' })).body as {
    id: string;
    head: Revision;
  };
  const refused = await http()
    .get(`/api/jobs/${bare.id}/revisions/1/bend-sheet.pdf`)
    .query({ paper: 'a4', unit: 'mm', datum: 'a' })
    .expect(422);
  expect((refused.body as { error: { code: string } }).error.code).toBe('no-marks');
  await app.close();
});
