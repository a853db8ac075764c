import { median } from './median.mjs';
import { copesIn, evaluate, heightInterval, readPlan } from '../packages/core/dist/index.js';
import { demoBooks, demoPlan, demoShop } from '../packages/demo/dist/index.js';

const FRAME = 16;

const HOOP_ALONE = {
  ...demoPlan,
  members: demoPlan.members.slice(0, 1),
  plates: [],
  gussets: [],
  parts: [],
};

/** Five drivers whose seats have forty notches each, against four windows. */
function harnessCase() {
  const places = Array.from({ length: 5 * 40 }, (_, i) => ({
    driver: String(i % 5),
    notch: String(i),
    slot: [220 + (i % 40) * 2, 600 + (i % 5) * 8],
  }));
  const windows = [
    { book: 'a', least: 0, most: 20 },
    { book: 'b', least: -10, most: 45 },
    { book: 'c', least: 0, most: 30 },
    { book: 'd', least: 0, most: 25 },
  ];
  return { places, windows, bar: { x: 0, z: 600, lean: 0.17, od: 44.45 } };
}

/** Resolve, marks and checks of the demo's hoop and of its whole cage, against a frame and against reading the plan. */
export function evaluateRows() {
  const text = JSON.stringify(demoPlan);
  const hoop = median(() => evaluate(HOOP_ALONE, demoShop, demoBooks));
  const cage = median(() => evaluate(demoPlan, demoShop, demoBooks), 100);
  const answers = evaluate(demoPlan, demoShop, demoBooks);
  const copes = median(() => copesIn(demoPlan, answers, demoBooks), 60);
  const all = median(() => copesIn(demoPlan, evaluate(demoPlan, demoShop, demoBooks), demoBooks), 60);
  const read = median(() => readPlan(JSON.parse(text)));
  const all4 = {
    ...demoPlan,
    brief: {
      ...demoPlan.brief,
      books: demoBooks.map(({ id, classes }) => ({ book: id, class: classes[0]?.id ?? null, edition: null })),
    },
  };
  const none = { ...demoPlan, brief: { ...demoPlan.brief, books: [] } };
  const without = median(() => evaluate(none, demoShop, demoBooks), 100);
  const checked = median(() => evaluate(all4, demoShop, demoBooks), 100);
  const { places, windows, bar } = harnessCase();
  const harness = median(() => heightInterval(places, windows, bar, 'over'), 60);
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
      row: 'check of the demo cage against all four books',
      value: `${(checked - without).toFixed(3)} ms median`,
      ratio: (checked - without) / without,
      of: 'of resolving and marking it',
    },
    {
      row: 'heights of a harness bar for 5 drivers × 40 notches × 4 books, wrapped straps',
      value: `${harness.toFixed(3)} ms median`,
      ratio: harness / 20,
      of: 'of 20 ms',
    },
    {
      row: 'the cage, against reading and checking its plan',
      value: `${read.toFixed(3)} ms median`,
      ratio: cage / read,
      of: 'of the time to read it',
    },
  ];
}
