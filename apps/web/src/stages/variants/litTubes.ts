import { distance, type Evaluation, type Tube, tubesIn } from '@gyrus/core';

/** Two axes that lie nearer together than this everywhere are one. mm */
const SAME = 0.5;

/** Whether a tube stands in another cage just so: the same section on the same axis, whichever way round. */
function standsIn({ od, wall, points }: Tube, others: readonly Tube[]): boolean {
  return others.some((one) => {
    if (one.od !== od || one.wall !== wall || one.points.length !== points.length) return false;
    const along = (to: Tube['points']) =>
      points.every((point, i) => distance(point, to[i] ?? point) < SAME && to[i] !== undefined);
    return along(one.points) || along([...one.points].reverse());
  });
}

/**
 * The pieces of each cage that are lit in its picture: what the one on screen has not; and in that one, what any of the others lacks.
 * current: its place among them.
 */
export function litTubes(cages: readonly Pick<Evaluation, 'members'>[], current: number): string[][] {
  const tubes = cages.map((cage) => tubesIn(cage));
  return tubes.map((own, i) => {
    const others = i === current ? tubes.filter((_, j) => j !== current) : [tubes[current] ?? []];
    return own.filter((tube) => others.some((other) => !standsIn(tube, other))).map(({ piece }) => piece);
  });
}
