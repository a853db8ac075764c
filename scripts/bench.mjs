// npm run bench: speed and size as ratios within one run.
import { buildAll, installPackages } from './lib/project.mjs';

await installPackages();
await buildAll();
const { evaluateRows } = await import('../bench/evaluate.mjs');
const { copeRows } = await import('../bench/copes.mjs');
const { benderRows } = await import('../bench/bender.mjs');
const { nestRows } = await import('../bench/nest.mjs');
const { buildRows } = await import('../bench/build.mjs');
const { pageRows } = await import('../bench/page.mjs');
const { serverRows } = await import('../bench/server.mjs');
const { firstLoadRows } = await import('../bench/firstLoad.mjs');
const rows = [
  ...evaluateRows(),
  ...(await copeRows()),
  ...benderRows(),
  ...(await nestRows()),
  ...buildRows(),
  ...(await pageRows()),
  ...firstLoadRows(),
  ...(await serverRows()),
];
const widest = Math.max(...rows.map(({ row }) => row.length));
for (const { row, value, ratio, of } of rows)
  console.log(`${row.padEnd(widest)}  ${value.padStart(18)}  ${ratio.toFixed(3).padStart(7)} ${of}`);
