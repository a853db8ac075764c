// npm run schemas: the JSON Schemas of docs/format from the core's own checks. --check only compares.
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { buildCli, installPackages, root } from './lib/project.mjs';

await installPackages();
await buildCli();
const { z } = await import('zod');
const { jobFileSchema, planSchema, ruleBookSchema, shopSchema } =
  await import('../packages/core/dist/index.js');
const schemas = { plan: planSchema, 'rule-book': ruleBookSchema, shop: shopSchema, job: jobFileSchema };
const checking = process.argv.includes('--check');
const stale = [];
for (const [name, schema] of Object.entries(schemas)) {
  const file = path.join(root, 'docs/format', `${name}.schema.json`);
  const text =
    JSON.stringify(
      { title: `Gyrus ${name}`, ...z.toJSONSchema(schema, { io: 'input', reused: 'ref' }) },
      null,
      2,
    ) + '\n';
  if (!checking) writeFileSync(file, text);
  else if (!existsSync(file) || readFileSync(file, 'utf8') !== text) stale.push(name);
}
if (stale.length > 0) {
  console.error(`docs/format is behind the core (${stale.join(', ')}): run "npm run schemas"`);
  process.exit(1);
}
