import { evaluate, readPlan } from '../packages/core/dist/index.js';
import { demoBooks, demoPlan, demoShop } from '../packages/demo/dist/index.js';

const FRAME = 16;

/** Median time of one call in ms, after a warm-up. */
function median(work, runs = 300) {
  for (let i = 0; i < 50; i++) work();
  const times = Array.from({ length: runs }, () => {
    const begun = performance.now();
    work();
    return performance.now() - begun;
  });
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)];
}

/** Resolve, marks and checks of the demo's hoop, against a frame and against reading the plan in the same run. */
export function hoopRows() {
  const text = JSON.stringify(demoPlan);
  const evaluated = median(() => evaluate(demoPlan, demoShop, demoBooks));
  const read = median(() => readPlan(JSON.parse(text)));
  return [
    {
      row: 'resolve + marks + checks of the hoop',
      value: `${evaluated.toFixed(3)} ms median`,
      ratio: evaluated / FRAME,
      of: 'of one frame, 16 ms',
    },
    {
      row: 'the same, against reading and checking the plan',
      value: `${read.toFixed(3)} ms median`,
      ratio: evaluated / read,
      of: 'of the time to read it',
    },
  ];
}
