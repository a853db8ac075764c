const shared = {
  rootDir: import.meta.dirname,
  testEnvironment: 'node',
  testEnvironmentOptions: { customExportConditions: ['@gyrus/source', 'node', 'node-addons'] },
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: { '^.+\\.tsx?$': '@swc/jest' },
  modulePathIgnorePatterns: ['/dist/', '/.gyrus/'],
};

/** Two projects: `unit` needs nothing, `api` needs the PostgreSQL that scripts/test.mjs starts. */
export default {
  projects: [
    {
      ...shared,
      displayName: 'unit',
      testMatch: ['<rootDir>/{packages,apps}/*/src/**/*.test.ts', '<rootDir>/scripts/**/*.test.mjs'],
      testPathIgnorePatterns: ['/node_modules/', '\\.api\\.test\\.ts$'],
    },
    { ...shared, displayName: 'api', testMatch: ['<rootDir>/apps/server/src/**/*.api.test.ts'] },
  ],
};
