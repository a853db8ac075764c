// npm run build: compiles the server and bundles the pages.
import { buildAll, installPackages } from './lib/project.mjs';

await installPackages();
await buildAll();
