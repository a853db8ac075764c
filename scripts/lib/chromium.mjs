import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { needPackages } from './debian.mjs';
import { root } from './project.mjs';

/** How Debian's Chromium is started, for tests and screenshots alike. */
export const CHROMIUM = JSON.parse(readFileSync(path.join(root, 'e2e/chromium.json'), 'utf8'));

/** Debian's Chromium, for the tests in the real interface. */
export const needChromium = () =>
  needPackages('Chromium', ['chromium'], () => existsSync(CHROMIUM.executablePath));
