import { copesIn, cutPlanOf, evaluate, needsOf, nest } from '../packages/core/dist/index.js';
import { loadSolver } from '../packages/core/dist/stock/nest/highs.js';
import { demoBooks, demoJobs, demoShop } from '../packages/demo/dist/index.js';
import { median } from './median.mjs';

const KERF = 2.5;

/** The tube of the demo jobs, laid out together, and sixty pieces of which no two are alike. */
export async function nestRows() {
  const solver = await loadSolver(() => performance.now() / 1000);
  const needs = demoJobs.flatMap(({ plan }, job) => {
    const evaluation = evaluate(plan, demoShop, demoBooks);
    const copes = copesIn(plan, evaluation, demoBooks);
    return needsOf(plan, evaluation.members, copes, { guided: false }).needs.map((need) => ({
      ...need,
      job: String(job),
      spare: false,
    }));
  });
  const asked = { kerf: KERF, needs, rack: [], buys: demoShop.tubes };
  const { groups } = cutPlanOf(asked, solver);
  const together = median(() => cutPlanOf(asked, solver), 3);
  const unlike = Array.from({ length: 60 }, (_, i) => ({
    id: String(i),
    length: 300 + ((i * 997) % 2600) + (i % 7) * 0.3,
    quantity: 1,
  }));
  const input = { kerf: KERF, sticks: [{ length: 6096 }], pieces: unlike };
  const answer = nest(input, solver).value;
  const alone = median(() => nest(input, solver), 3);
  const proven = groups.every((group) => group.proven);
  return [
    {
      row: `the ${needs.length} pieces of the demo jobs laid out${proven ? ', proven' : ', not proven'}`,
      value: `${together.toFixed(0)} ms median`,
      ratio: 2000 / together,
      of: 'times within the aim of 2 s',
    },
    {
      row: `60 pieces of which no two are alike${answer.optimal ? ', proven' : ', not proven'}`,
      value: `${alone.toFixed(0)} ms median`,
      ratio: alone / together,
      of: 'times as long as the demo jobs',
    },
  ];
}
