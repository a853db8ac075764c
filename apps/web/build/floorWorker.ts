import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { build, type Plugin } from 'vite';

/** What floor mode needs without a network; pictures in space and rule books stay at the desk. */
const KEPT = /\.(js|css|woff2|svg|html)$/;
/** Files whose name carries their content need no revision. */
const HASHED = /^assets\//;

/** Builds the worker of floor mode after the pages, with the list of their files in it. */
export const floorWorkerBuild = (): Plugin => ({
  name: 'floor-worker',
  apply: 'build',
  enforce: 'post',
  async closeBundle() {
    const folder = path.resolve(import.meta.dirname, '../dist');
    const files = readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .map((file) => file.split(path.sep).join('/'))
      .filter((file) => KEPT.test(file) && !file.startsWith('.') && file !== 'floor-worker.js')
      .sort();
    const revision = (file: string) =>
      createHash('sha256')
        .update(readFileSync(path.join(folder, file)))
        .digest('hex')
        .slice(0, 16);
    await build({
      configFile: false,
      logLevel: 'warn',
      publicDir: false,
      define: {
        FILES_OF_PAGES: JSON.stringify(
          files.map((file) => ({ url: `/${file}`, revision: HASHED.test(file) ? null : revision(file) })),
        ),
        'process.env.NODE_ENV': '"production"',
      },
      build: {
        outDir: folder,
        emptyOutDir: false,
        target: 'es2022',
        lib: {
          entry: path.resolve(import.meta.dirname, '../src/floorWorker.ts'),
          formats: ['iife'],
          name: 'floorWorker',
          fileName: () => 'floor-worker.js',
        },
      },
    });
  },
});
