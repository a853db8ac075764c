import tailwind from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';
import { floorWorkerBuild } from './build/floorWorker.ts';

export default defineConfig({
  plugins: [react(), tailwind(), floorWorkerBuild()],
  resolve: { conditions: ['@gyrus/source', ...defaultClientConditions] },
  worker: { format: 'es' },
  build: { manifest: true, target: 'es2022', chunkSizeWarningLimit: 900 },
  server: { proxy: { '/api': `http://127.0.0.1:${process.env.GYRUS_PORT ?? 4720}` } },
});
