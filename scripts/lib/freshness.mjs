import { existsSync, readdirSync, statSync } from 'node:fs';
import path from 'node:path';

/** Latest change, in ms, of the files below a folder that a build depends on. */
function newest(folder, wanted = /\.(ts|tsx|css|html|json)$/) {
  if (!existsSync(folder)) return 0;
  let latest = 0;
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const file = path.join(folder, entry.name);
    if (entry.isDirectory()) {
      if (entry.name !== 'node_modules' && entry.name !== 'dist')
        latest = Math.max(latest, newest(file, wanted));
    } else if (wanted.test(entry.name)) latest = Math.max(latest, statSync(file).mtimeMs);
  }
  return latest;
}

/** Whether `output` was made after the last change of all the `sources`. */
export function isFresh(output, sources) {
  if (!existsSync(output)) return false;
  const made = statSync(output).mtimeMs;
  return sources.every((folder) => newest(folder) <= made);
}
