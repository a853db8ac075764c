import { buildIn, evaluate } from '../packages/core/dist/index.js';
import { demoBooks, demoPlan, demoShop } from '../packages/demo/dist/index.js';
import { median } from './median.mjs';

/** The order of build of the demo's cage against its evaluation: it is asked for apart, once the page shows it. */
export function buildRows() {
  const evaluation = evaluate(demoPlan, demoShop, demoBooks);
  const build = median(() => buildIn(demoPlan, evaluation, demoBooks), 3);
  const alone = median(() => evaluate({ ...demoPlan }, demoShop, demoBooks), 5);
  return [
    {
      row: `the order of build of ${evaluation.totals.tubes} tubes`,
      value: `${build.toFixed(0)} ms median`,
      ratio: build / alone,
      of: 'times as long as an evaluation',
    },
  ];
}
