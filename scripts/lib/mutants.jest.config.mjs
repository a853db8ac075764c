import config from '../../jest.config.mjs';

const [unit] = config.projects;

/** The tests that lie beside what is mutated, and no others: scripts/mutants.mjs names their folders. */
export default {
  ...unit,
  rootDir: process.cwd(),
  testTimeout: config.testTimeout,
  testMatch: (process.env.GYRUS_MUTANT_TESTS ?? '').split(' ').map((one) => `<rootDir>/${one}`),
};
