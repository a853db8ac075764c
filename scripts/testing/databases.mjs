import path from 'node:path';
import { Cluster } from '../lib/postgres.mjs';
import { startServer, stopServer } from '../lib/server.mjs';

/** Databases as the program makes them at its first start, of which the tests' own are copies: with the demo, and with nothing. */
const TEMPLATES = [
  { name: 'template_demo', demo: true },
  { name: 'template_empty', demo: false },
];

/** The tests' PostgreSQL: made when it is first asked for, removed at the end. */
export class Databases {
  constructor(scratch) {
    this.folder = path.join(scratch, 'cluster');
    this.cluster = null;
    this.ready = null;
  }

  /** The address of the cluster, once its templates are made. */
  url() {
    this.ready ??= this.make();
    return this.ready;
  }

  async make() {
    this.cluster = new Cluster(this.folder, { lasting: false });
    const url = await this.cluster.start();
    await Promise.all(TEMPLATES.map((template) => madeBy(url, template)));
    return url;
  }

  /** A database of its own, with the demo or with nothing. */
  async own(name, { demo }) {
    return create(await this.url(), name, demo ? 'template_demo' : 'template_empty');
  }

  remove() {
    this.cluster?.remove();
  }
}

async function madeBy(url, { name, demo }) {
  const server = startServer({ databaseUrl: await create(url, name), port: 0, demo });
  try {
    await server.address;
  } finally {
    await stopServer(server.child);
  }
}

async function create(cluster, name, template) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: cluster });
  await client.connect();
  await client.query(`CREATE DATABASE ${name}${template ? ` TEMPLATE ${template}` : ''}`);
  await client.end();
  const url = new URL(cluster);
  url.pathname = `/${name}`;
  return url.href;
}
