import path from 'node:path';
import { pino } from 'pino';
import { createApp } from './createApp.ts';
import { UnusableDatabase } from './database/prepare.ts';

/** Exit codes that scripts/start.mjs turns into words. */
const UNUSABLE_DATABASE = 3;
const PORT_IN_USE = 4;

const { GYRUS_DATABASE_URL: databaseUrl, GYRUS_PORT: port = '0', GYRUS_DEMO: demo } = process.env;
const log = pino({ level: process.env.GYRUS_LOG ?? 'warn' }, pino.destination({ dest: 2, sync: true }));

try {
  if (!databaseUrl) throw new UnusableDatabase('No database was named: start Gyrus with "npm start".');
  const pages = path.resolve(import.meta.dirname, '../../web/dist');
  const app = await createApp({ databaseUrl, pages, demo: demo === '1', log });
  // Loopback only: there are no accounts, so no other address may reach this.
  await app.listen(Number(port), '127.0.0.1');
  process.stdout.write(`listening ${await app.getUrl()}\n`);
} catch (error) {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exit(codeOf(error));
}

function codeOf(error: unknown): number {
  if (error instanceof UnusableDatabase) return UNUSABLE_DATABASE;
  return error instanceof Error && 'code' in error && error.code === 'EADDRINUSE' ? PORT_IN_USE : 1;
}
