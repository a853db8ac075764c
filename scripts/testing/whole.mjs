import { buildCli } from '../lib/project.mjs';
import { endToEnd } from './endToEnd.mjs';
import { jestTests } from './jestTests.mjs';
import { buildEverything, staticChecks } from './staticChecks.mjs';

/** Junk requests by `npm run fuzz`: many more of them than in npm test, from a seed of the moment. */
const fuzzEnv = () => ({
  GYRUS_FUZZ_RUNS: process.env.GYRUS_FUZZ_RUNS ?? '1000',
  GYRUS_FUZZ_SEED: process.env.GYRUS_FUZZ_SEED ?? String(Date.now() % 1e9),
});

/** All of the parts that were asked for. */
export async function whole(tally, parts, run) {
  const { asked, databases, env } = run;
  if (parts.includes('static')) await staticChecks(tally);
  else await tally.timed('build', parts.includes('unit') ? buildCli : buildEverything);
  if (parts.includes('fuzz')) {
    const more = ['--testPathPatterns', 'fuzz', ...asked.extra];
    return jestTests(tally, {
      ...run,
      name: 'fuzz',
      parts: ['api'],
      start: false,
      more,
      env: { ...env, ...fuzzEnv(), ...(await databaseOf(databases)) },
    });
  }
  const ofJest = parts.filter((part) => part === 'unit' || part === 'api');
  if (ofJest.length > 0) {
    const name = `${ofJest.join(' and ').replace('api', 'API')} tests`;
    const more = {
      more: asked.extra,
      env: { ...env, ...(ofJest.includes('api') && (await databaseOf(databases))) },
    };
    await jestTests(tally, { ...run, name, parts: ofJest, ...more });
  }
  if (parts.includes('e2e')) await endToEnd(tally, { ...run, more: asked.extra });
}

const databaseOf = async (databases) => ({ GYRUS_TEST_DATABASE_URL: await databases.url() });
