import config from '../../jest.config.mjs';

const [unit] = config.projects;

/** The tests that lie beside what is mutated, and no others: scripts/mutants.mjs names their folders. */
export default {
  ...unit,
  rootDir: process.cwd(),
  // It runs in a copy in .mutants, which other tests pass by.
  modulePathIgnorePatterns: ['/dist/'],
  testTimeout: config.testTimeout,
  testMatch: (process.env.GYRUS_MUTANT_TESTS ?? '').split(' ').map((one) => `<rootDir>/${one}`),
};
