import { copesIn, evaluate, readPlan } from '../packages/core/dist/index.js';
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

const HOOP_ALONE = {
  ...demoPlan,
  members: demoPlan.members.slice(0, 1),
  plates: [],
  gussets: [],
  parts: [],
};

/** Resolve, marks and checks of the demo's hoop and of its whole cage, against a frame and against reading the plan. */
export function evaluateRows() {
  const text = JSON.stringify(demoPlan);
  const hoop = median(() => evaluate(HOOP_ALONE, demoShop, demoBooks));
  const cage = median(() => evaluate(demoPlan, demoShop, demoBooks), 100);
  const answers = evaluate(demoPlan, demoShop, demoBooks);
  const copes = median(() => copesIn(demoPlan, answers, demoBooks), 60);
  const read = median(() => readPlan(JSON.parse(text)));
  return [
    {
      row: 'resolve + marks + checks of the hoop',
      value: `${hoop.toFixed(3)} ms median`,
      ratio: hoop / FRAME,
      of: 'of one frame, 16 ms',
    },
    {
      row: 'resolve + marks + checks of the demo cage',
      value: `${cage.toFixed(3)} ms median`,
      ratio: cage / FRAME,
      of: 'of one frame, 16 ms',
    },
    {
      row: 'copes of its 66 ends at 180 generators',
      value: `${copes.toFixed(3)} ms median`,
      ratio: copes / cage,
      of: 'of all its other answers',
    },
    {
      row: 'the cage, against reading and checking its plan',
      value: `${read.toFixed(3)} ms median`,
      ratio: cage / read,
      of: 'of the time to read it',
    },
  ];
}
