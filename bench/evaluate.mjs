import { median } from './median.mjs';
import { copesIn, evaluate, readPlan } from '../packages/core/dist/index.js';
import { demoBooks, demoPlan, demoShop } from '../packages/demo/dist/index.js';

const FRAME = 16;

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
  const all = median(() => copesIn(demoPlan, evaluate(demoPlan, demoShop, demoBooks), demoBooks), 60);
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
      row: 'the same with all copes: everything about the demo cage',
      value: `${all.toFixed(3)} ms median`,
      ratio: all / FRAME,
      of: 'of one frame, 16 ms',
    },
    {
      row: 'copes and seams of its 66 ends at 180 generators',
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
