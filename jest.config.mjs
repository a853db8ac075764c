const shared = {
  rootDir: import.meta.dirname,
  testEnvironment: 'node',
  testEnvironmentOptions: { customExportConditions: ['@gyrus/source', 'node', 'node-addons'] },
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: { '^.+\\.tsx?$': '<rootDir>/scripts/lib/jestTransform.mjs' },
  modulePathIgnorePatterns: ['/dist/', '/.gyrus/', '/.mutants/'],
  setupFilesAfterEnv: ['<rootDir>/scripts/lib/jestSetup.mjs'],
};

/** `unit` needs nothing, `api` the PostgreSQL that scripts/test.mjs starts, `start` the built program. */
export default {
  // Whole packs of PDF pages are made in some tests, on machines that do other work as well.
  testTimeout: 60_000,
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
