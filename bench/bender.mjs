import {
  AT_ORIGIN,
  evaluate,
  pathFrom,
  spansOf,
  walkAsked,
  walkInOrder,
  walkOrders,
} from '../packages/core/dist/index.js';
import { demoBooks, demoPlan, demoShop } from '../packages/demo/dist/index.js';
import { normalFrom } from '../packages/core/dist/bending/deviation/chance.js';
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
  const frames = median(() => spansByFrames(lra), 5);
  return [
    {
      row: `${PARTS} parts of it made up, and how far apart their ends stand`,
      value: `${shared.toFixed(1)} ms median`,
      ratio: frames / shared,
      of: `times as fast as carrying a frame along every part, ${frames.toFixed(0)} ms`,
    },
  ];
}

/** The same parts by the path that everything else is laid out with. */
function spansByFrames({ bends, tail }) {
  const normal = normalFrom(1);
  return Array.from({ length: PARTS }, () => {
    const errors = bends.map((_, i) => ({
      mark: SIGMA.mark * normal(),
      angle: SIGMA.angle * normal(),
      rotation: i === 0 ? 0 : SIGMA.rotation * normal(),
    }));
    const made = bends.map((bend, i) => ({
      ...bend,
      length: bend.length + errors[i].mark - (errors[i - 1]?.mark ?? 0),
      angle: bend.angle + errors[i].angle,
      rotation: bend.rotation + errors[i].rotation,
    }));
    const points = pathFrom(AT_ORIGIN, made, tail - errors.at(-1).mark);
    const end = points.at(-1);
    return Math.hypot(end[0], end[1], end[2]);
  });
}
