import { existsSync } from 'node:fs';
import { needPackages } from './debian.mjs';

export const CHROMIUM = '/usr/bin/chromium';

/** Debian's Chromium, for the tests in the real interface. */
export const needChromium = () => needPackages('Chromium', ['chromium'], () => existsSync(CHROMIUM));
