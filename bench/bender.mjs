import {
  evaluate,
  spansOf,
  walkAsked,
  walkInOrder,
  walkOrders,
  widthsOf,
} from '../packages/core/dist/index.js';
import { demoBooks, demoPlan, demoShop } from '../packages/demo/dist/index.js';
import { median } from './median.mjs';

const PARTS = 10_000;
const SIGMA = { mark: 1, angle: 0.5, rotation: 0.5 };

/** The demo's hoop of four bends: walked through every order and clamped side, and made ten thousand times. */
export function benderRows() {
  const [hoop] = evaluate(demoPlan, demoShop, demoBooks).members;
  const { sheet } = hoop.pieces[0];
  return [...walkRows(walkAsked(sheet, demoShop)), ...scatterRows(sheet.marked.lra)];
}

function walkRows({ tube, bender }) {
  const shared = median(() => walkOrders(tube, bender), 5);
  const begun = performance.now();
  for (const order of everyOrder(tube.bends.map(({ number }) => number))) walkInOrder(tube, bender, order);
  const alone = performance.now() - begun;
  return [
    {
      row: `walk of a tube of ${tube.bends.length} bends, all orders and clamp sides at steps of 1°`,
      value: `${shared.toFixed(0)} ms median`,
      ratio: alone / shared,
      of: `times as fast as each order by itself, ${(alone / 1000).toFixed(1)} s`,
    },
  ];
}

function everyOrder(numbers) {
  if (numbers.length === 0) return [[]];
  return numbers.flatMap((bend) =>
    ['a', 'b'].flatMap((clamp) =>
      everyOrder(numbers.filter((one) => one !== bend)).map((rest) => [{ bend, clamp }, ...rest]),
    ),
  );
}

function scatterRows(lra) {
  const shared = median(() => spansOf(lra, SIGMA, PARTS, 1), 20);
  const frames = median(() => widthsOf(lra, [[0, lra.bends.length + 1]], SIGMA, { n: PARTS, seed: 1 }), 5);
  return [
    {
      row: `${PARTS} parts of it made up, and how far apart their ends stand`,
      value: `${shared.toFixed(1)} ms median`,
      ratio: frames / shared,
      of: `times as fast as carrying a frame along every part, ${frames.toFixed(0)} ms`,
    },
  ];
}
