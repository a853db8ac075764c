import { readFileSync } from 'node:fs';
import path from 'node:path';
import { recordOf } from '@gyrus/core';

/** The same place from the source as from the build. */
const PACKAGE = path.resolve(import.meta.dirname, '../../package.json');

/** Of the program that runs: what it makes for keeps carries it. */
export const PROGRAM_VERSION = String(recordOf(JSON.parse(readFileSync(PACKAGE, 'utf8'))).version);
