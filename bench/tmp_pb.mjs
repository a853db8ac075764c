import { pageRows } from '/work/main/bench/page.mjs';
import { firstLoadRows } from '/work/main/bench/firstLoad.mjs';
for (const r of firstLoadRows()) console.log(r.row, r.value);
for (const r of await pageRows()) console.log(r.row, r.value);
