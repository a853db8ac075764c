import { median } from './median.mjs';
import { cockpitIn, copesIn, evaluate, heightInterval, readPlan } from '../packages/core/dist/index.js';
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

/** The same plan with no object in common, of which nothing has been worked out yet. */
const anew = (plan) => () => structuredClone(plan);
const withAnswers = (plan) => () => {
  const fresh = structuredClone(plan);
  return [fresh, evaluate(fresh, demoShop, demoBooks)];
};

/** The demo cage with the cut of one bar's end a little longer each time: what a key changes. */
const edited = (i) => ({
  ...demoPlan,
  members: demoPlan.members.map((member) =>
    member.role === 'windscreen-bar'
      ? { ...member, cut: { ...member.cut, a: { mm: 1 + i / 100, typed: '' } } }
      : member,
  ),
});

/** Resolve, marks and checks of the demo's hoop and of its whole cage, against a frame and against reading the plan. */
export function evaluateRows() {
  const text = JSON.stringify(demoPlan);
  const all = (plan) => evaluate(plan, demoShop, demoBooks);
  const withCopes = (plan) => copesIn(plan, all(plan), demoBooks);
  const hoop = median(all, 300, anew(HOOP_ALONE));
  const cage = median(all, 150, anew(demoPlan));
  const edit = median(all, 150, edited);
  const copes = median(([plan, answers]) => copesIn(plan, answers, demoBooks), 60, withAnswers(demoPlan));
  const everything = median(withCopes, 60, anew(demoPlan));
  const everythingEdited = median(withCopes, 60, edited);
  const read = median(() => readPlan(JSON.parse(text)));
  const all4 = {
    ...demoPlan,
    brief: {
      ...demoPlan.brief,
      books: demoBooks.map(({ id, classes }) => ({ book: id, class: classes[0]?.id ?? null, edition: null })),
    },
  };
  const none = { ...demoPlan, brief: { ...demoPlan.brief, books: [] } };
  const without = median(all, 150, anew(none));
  const checked = median(all, 150, anew(all4));
  const people = median(([plan, answers]) => cockpitIn(plan, answers), 60, withAnswers(demoPlan));
  const { places, windows, bar } = harnessCase();
  const harness = median(() => heightInterval(places, windows, bar, 'over'), 60);
  return [
    rowOf('resolve + marks + checks of the hoop', hoop, FRAME, 'of one frame, 16 ms'),
    rowOf('resolve + marks + checks of the demo cage, from nothing', cage, FRAME, 'of one frame, 16 ms'),
    rowOf('the same after an edit of one bar', edit, cage, 'of working it out from nothing'),
    rowOf(
      'everything about the demo cage with all copes, from nothing',
      everything,
      FRAME,
      'of one frame, 16 ms',
    ),
    rowOf('the same after an edit of one bar', everythingEdited, FRAME, 'of one frame, 16 ms'),
    rowOf('copes and seams of its 66 ends at 180 generators', copes, cage, 'of all its other answers'),
    rowOf(
      'check of the demo cage against all four books',
      checked - without,
      without,
      'of resolving and marking it',
    ),
    rowOf(
      'heights of a harness bar for 5 drivers × 40 notches × 4 books, wrapped straps',
      harness,
      20,
      'of 20 ms',
    ),
    rowOf('the cage, against reading and checking its plan', cage, read, 'of the time to read it'),
    rowOf('people in the demo cage: room, padding, sight, doors', people, cage, 'of all its other answers'),
  ];
}

/** A row of the table: milliseconds, and what they are set against. */
const rowOf = (row, ms, against, of) => ({
  row,
  value: `${ms.toFixed(3)} ms median`,
  ratio: ms / against,
  of,
});
