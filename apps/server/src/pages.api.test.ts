import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { type NestExpressApplication } from '@nestjs/platform-express';
import { pino } from 'pino';
import request from 'supertest';
import { createApp } from './createApp.ts';
import { newDatabase } from './testing/testApp.ts';

const folder = mkdtempSync(path.join(os.tmpdir(), 'gyrus-pages-'));
let database: Awaited<ReturnType<typeof newDatabase>>;
let app: NestExpressApplication;
const http = () => request(app.getHttpServer());

beforeAll(async () => {
  mkdirSync(path.join(folder, 'assets'));
  writeFileSync(path.join(folder, 'index.html'), '<!doctype html><title>Gyrus</title>');
  writeFileSync(path.join(folder, 'assets/app-1234.js'), `// ${'steel '.repeat(2000)}`);
  database = await newDatabase();
  app = await createApp({
    databaseUrl: database.url,
    pages: folder,
    demo: false,
    log: pino({ level: 'silent' }),
  });
});
afterAll(async () => {
  await app.close();
  await database.drop();
  rmSync(folder, { recursive: true });
});

test('hashed files are compressed and cached for good', async () => {
  const answer = await http().get('/assets/app-1234.js').set('Accept-Encoding', 'gzip').expect(200);
  expect(answer.headers['cache-control']).toBe('public, max-age=31536000, immutable');
  expect(answer.headers['content-encoding']).toBe('gzip');
});

test('every other address is the page, which is asked for anew', async () => {
  const answer = await http().get('/jobs/anything/bend').set('Accept', 'text/html').expect(200);
  expect(answer.text).toContain('<title>Gyrus</title>');
  expect(answer.headers['cache-control']).toBe('no-cache');
});

test('scripts come from here alone, and no other page may frame this one', async () => {
  const policy = (await http().get('/')).headers['content-security-policy'] ?? '';
  expect(policy).toContain("script-src 'self' 'wasm-unsafe-eval'");
  expect(policy).toContain("frame-ancestors 'none'");
  expect(policy).not.toContain('upgrade-insecure-requests');
});

test('the API never answers with the page, and a file outside the folder is not served', async () => {
  const answer = await http().get('/api/nowhere').set('Accept', 'text/html').expect(404);
  expect(answer.headers['content-type']).toContain('application/json');
  const outside = await http().get('/assets/..%2f..%2fetc/passwd').set('Accept', 'text/plain');
  expect(outside.text).not.toContain('root:');
});
