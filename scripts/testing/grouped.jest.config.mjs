import config from '../../jest.config.mjs';

const [unit, , start] = config.projects;

/** Unit and API tests in groups (groups.mjs), whose files are in the folder GYRUS_TEST_GROUPS; the tests of the start beside them. */
export default {
  ...config,
  rootDir: unit.rootDir,
  projects: [
    {
      ...unit,
      displayName: 'together',
      roots: [process.env.GYRUS_TEST_GROUPS ?? import.meta.dirname],
      testMatch: ['**/*.test.mjs'],
      testPathIgnorePatterns: [],
      setupFilesAfterEnv: [...unit.setupFilesAfterEnv, '<rootDir>/scripts/testing/groupSetup.mjs'],
    },
    start,
  ],
};
