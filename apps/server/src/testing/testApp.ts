import { randomBytes } from 'node:crypto';
import { type NestExpressApplication } from '@nestjs/platform-express';
import pg from 'pg';
import { pino } from 'pino';
import { createApp } from '../createApp.ts';

/** Databases as the program makes them at its first start (scripts/testing/databases.mjs). */
type Template = 'template_demo' | 'template_empty';

/** A database of its own on the cluster that the test command started: with nothing in it, not even tables, or a copy of a template. */
export async function newDatabase(template?: Template): Promise<{ url: string; drop: () => Promise<void> }> {
  const cluster = process.env.GYRUS_TEST_DATABASE_URL;
  if (!cluster) throw new Error('API tests run through "npm run test:api", which starts their PostgreSQL');
  const name = `t_${randomBytes(6).toString('hex')}`;
  await onCluster(cluster, `CREATE DATABASE ${name}${template ? ` TEMPLATE ${template}` : ''}`);
  const url = new URL(cluster);
  url.pathname = `/${name}`;
  return { url: url.href, drop: () => onCluster(cluster, `DROP DATABASE ${name} WITH (FORCE)`) };
}

async function onCluster(url: string, statement: string): Promise<void> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    await client.query(statement);
  } finally {
    await client.end();
  }
}

export interface TestApp {
  app: NestExpressApplication;
  url: string;
  stop: () => Promise<void>;
}

/** The whole server on a database of its own, with the demo or without. */
export async function startTestApp({ demo }: { demo: boolean }): Promise<TestApp> {
  const database = await newDatabase(demo ? 'template_demo' : 'template_empty');
  const app = await createApp({
    databaseUrl: database.url,
    pages: null,
    demo,
    log: pino({ level: 'silent' }),
  });
  return {
    app,
    url: database.url,
    stop: async () => {
      await app.close();
      await database.drop();
    },
  };
}
