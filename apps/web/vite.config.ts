import { readFileSync } from 'node:fs';
import tailwind from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';
import { floorWorkerBuild } from './build/floorWorker.ts';

const { version } = JSON.parse(readFileSync(new URL('../../package.json', import.meta.url), 'utf8')) as {
  version: string;
};

export default defineConfig({
  // Told on the page about the program.
  define: { 'import.meta.env.GYRUS_VERSION': JSON.stringify(version) },
  plugins: [react(), tailwind(), floorWorkerBuild()],
  resolve: { conditions: ['@gyrus/source', ...defaultClientConditions] },
  worker: { format: 'es' },
  build: { manifest: true, target: 'es2022', chunkSizeWarningLimit: 900 },
  server: { proxy: { '/api': `http://127.0.0.1:${process.env.GYRUS_PORT ?? 4720}` } },
});
