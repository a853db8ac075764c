// npm run devices: a bender's dial and an angle gauge that are not there, for trying floor mode (docs/devices.md).
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { buildDevices, installPackages, root } from './lib/project.mjs';

await installPackages();
await buildDevices();
await import(pathToFileURL(path.join(root, 'apps/devices/dist/main.js')).href);
