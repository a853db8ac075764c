// The command line: npm run -s gyrus -- COMMAND [FILE|-]. Compiles itself when its sources are newer, and says so on standard error.
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { buildCli, installPackages, root } from './lib/project.mjs';

try {
  await installPackages({ say: console.error });
  await buildCli();
} catch (error) {
  const message = `the program could not be built: ${error.message}`;
  process.stderr.write(JSON.stringify({ error: { code: 'not-built', message, path: '' } }) + '\n');
  process.exit(2);
}
await import(pathToFileURL(path.join(root, 'apps/cli/dist/main.js')).href);
