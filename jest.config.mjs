import { readFileSync } from 'node:fs';

/** When a test is given up as hanging (scripts/testing/patience.mjs). */
const { test: PATIENCE } = JSON.parse(
  readFileSync(new URL('scripts/testing/patience.json', import.meta.url), 'utf8'),
);

const shared = {
  rootDir: import.meta.dirname,
  // What was compiled is kept for the next run: the folder for scratch files is gone by then.
  cacheDirectory: '<rootDir>/node_modules/.cache/jest',
  testEnvironment: 'node',
  testEnvironmentOptions: { customExportConditions: ['@gyrus/source', 'node', 'node-addons'] },
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: { '^.+\\.tsx?$': '<rootDir>/scripts/lib/jestTransform.mjs' },
  modulePathIgnorePatterns: ['/dist/', '/.gyrus/', '/.mutants/'],
  setupFilesAfterEnv: ['<rootDir>/scripts/lib/jestSetup.mjs'],
};

/** `unit` needs nothing, `api` the PostgreSQL that scripts/test.mjs starts, `start` the built program. npm test runs them in groups. */
export default {
  testTimeout: Number(process.env.GYRUS_PATIENCE ?? PATIENCE),
  reporters: ['default', '<rootDir>/scripts/testing/jestReporter.mjs'],
  testSequencer: '<rootDir>/scripts/testing/sequencer.mjs',
  // Each file's modules stay in the memory of who ran it: a runner that has had many of them is ended, and another goes on.
  workerIdleMemoryLimit: '1GB',
  projects: [
    {
      ...shared,
      displayName: 'unit',
      testMatch: ['<rootDir>/{packages,apps}/*/src/**/*.test.{ts,tsx}'],
      testPathIgnorePatterns: ['/node_modules/', '\\.api\\.test\\.ts$'],
    },
    { ...shared, displayName: 'api', testMatch: ['<rootDir>/apps/server/src/**/*.api.test.ts'] },
    {
      ...shared,
      displayName: 'start',
      moduleFileExtensions: ['mjs', 'js', 'ts', 'json'],
      testMatch: ['<rootDir>/scripts/**/*.test.mjs'],
    },
  ],
};
