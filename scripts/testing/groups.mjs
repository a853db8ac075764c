import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { root } from '../lib/run.mjs';

/** So many test files share their modules, whose loading takes longer than most tests; fewer where a test takes long itself. */
const TOGETHER = { 'packages-demo': 3, 'packages-formats': 6, 'apps-server-api': 6 };
const USUALLY = 20;

const NEEDS_DOCUMENT = /@jest-environment jsdom/;
/** What is put in place of a module stays for all that is read after it; thousands of requests want a core of their own. */
const ALONE = /unstable_mockModule|GYRUS_FUZZ_RUNS/;

/** The package that a file is of: `packages/core`. */
const packageOf = (file) => file.split('/').slice(0, 2).join('-');

/** Files of one kind can be read in one context. */
function kindOf(file) {
  const text = readFileSync(path.join(root, file), 'utf8');
  return [
    packageOf(file),
    ...(file.endsWith('.api.test.ts') ? ['api'] : []),
    ...(ALONE.test(text) ? [path.basename(file).split('.')[0]] : []),
    ...(NEEDS_DOCUMENT.test(text) ? ['pages'] : []),
  ].join('-');
}

/**
 * Puts test files together into groups, and writes a file for each that runs them one after the other in one context. files: from the
 * project's root.
 */
export function writeGroups(files, folder) {
  mkdirSync(folder, { recursive: true });
  const kinds = new Map();
  for (const file of files) kinds.set(kindOf(file), [...(kinds.get(kindOf(file)) ?? []), file]);
  for (const [kind, members] of kinds)
    evenly(members, TOGETHER[kind] ?? USUALLY).forEach((part, i) =>
      writeFileSync(path.join(folder, `${kind}-${i + 1}.test.mjs`), groupOf(part, kind.endsWith('-pages'))),
    );
}

function evenly(files, most) {
  const parts = Math.ceil(files.length / most);
  const size = Math.ceil(files.length / parts);
  return Array.from({ length: parts }, (_, i) => files.slice(i * size, (i + 1) * size)).filter(
    (part) => part.length > 0,
  );
}

const beside = (name) => path.join(import.meta.dirname, name);

const groupOf = (
  files,
  withDocument,
) => `/** @jest-environment ${beside(withDocument ? 'groupEnvironmentOfPages.mjs' : 'groupEnvironment.mjs')} */
import { readFile } from ${JSON.stringify(beside('groupedFile.mjs'))};

const FILES = ${JSON.stringify(files.map((file) => [file, path.join(root, file)]))};
for (const [name, file] of FILES) await readFile(name, () => import(file));
`;
