import manifold from 'manifold-3d';
import { copeOf } from '../packages/core/dist/cope/index.js';
import { meshCut } from '../packages/core/dist/testing/meshCut.js';
import { median } from './median.mjs';
import { copesIn, evaluate } from '../packages/core/dist/index.js';
import { demoBooks, demoPlan, demoShop } from '../packages/demo/dist/index.js';

const SEGMENTS = 128;
const GENERATORS = 180;

/** Every coped end of the demo cage with what it is coped to. */
function jointsOfDemo() {
  const answers = evaluate(demoPlan, demoShop, demoBooks);
  const tubes = new Map(
    answers.members.flatMap(({ pieces }) => pieces.map(({ piece, tube }) => [piece, tube])),
  );
  return copesIn(demoPlan, answers, demoBooks)
    .ends.filter(({ headerPieces }) => headerPieces.length > 0)
    .map(({ piece, end, headerPieces }) => ({
      tube: tubes.get(piece),
      end,
      headers: headerPieces.map((header) => tubes.get(header)),
    }));
}

/** All copes of the demo cage, against the same ends cut by a mesh boolean with 128 segments round a tube. */
export async function copeRows() {
  const wasm = await manifold();
  wasm.setup();
  const joints = jointsOfDemo();
  const cut = () => joints.map(({ tube, end, headers }) => copeOf(tube, end, headers, GENERATORS));
  const own = median(cut, 60);
  const copes = cut();
  const mesh = median(() => {
    for (const [i, { tube, headers }] of joints.entries())
      meshCut(wasm, copes[i].value.branch, tube, headers, SEGMENTS).delete();
  }, 3);
  return [
    {
      row: `profiles of the demo's ${joints.length} coped ends at 180 generators`,
      value: `${own.toFixed(2)} ms median`,
      ratio: mesh / own,
      of: `times as fast as mesh booleans of the same ends at 128 segments, ${(mesh / 1000).toFixed(1)} s`,
    },
  ];
}
