import { itemAt } from '../../items/index.ts';
import { lengthOf, pointOn, polylineOf } from '../../centreline/index.ts';
import { type Tube } from '../../cage/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { disc, type Drawing, type Point, type Shape } from '../drawing.ts';
import { type Label, stampShapes, tubeShapes } from './cageView.ts';
import { type CageView, fitted, PROJECTIONS } from './projections.ts';

/** What is drawn of a step of the build. */
export interface BuildViewOptions {
  view: CageView;
  width: number;
  height: number;
  /** Pieces that stand already. */
  standing: readonly string[];
  /** Pieces that go on in this step, or are worked at. */
  lit: readonly string[];
  /** Seams that are welded in it, each a line. */
  welds: readonly (readonly Vec3[])[];
  tacks: readonly Vec3[];
}

/** Free round the cage. */
const EDGE = 40;
/** A gap in a seam's line that is wider than this is no part of it. mm */
const GAP = 40;

/** The cage at a step of its build: what stands is solid, what is still to come dashed, what the step is about lit. */
export function buildView(
  tubes: Tube[],
  { view, width, height, standing, lit, welds, tacks }: BuildViewOptions,
): Drawing {
  const project = PROJECTIONS[view];
  const lines = tubes
    .map((tube) => ({ tube, points: polylineOf(tube.axis, 6).map(project) }))
    .sort((a, b) => nearness(a.points) - nearness(b.points));
  const place = fitted(
    lines.flatMap(({ points }) => points),
    { width, height, aside: EDGE },
  );
  const flat = (at: Vec3): Point => place.at(project(at));
  const isSolid = ({ piece }: Tube) => standing.includes(piece) || lit.includes(piece);
  const taken: Label[] = [];
  return {
    width,
    height,
    title: `The cage, ${view} view: ${stampsOf(tubes, standing)} stand; ${stampsOf(tubes, lit)} in this step`,
    shapes: [
      ...lines
        .filter(({ tube }) => !isSolid(tube))
        .map(({ points }): Shape => ({ kind: 'polyline', points: points.map(place.at), pen: 'coming' })),
      ...lines
        .filter(({ tube }) => isSolid(tube))
        .flatMap(({ tube, points }) =>
          tubeShapes(
            points.map(place.at),
            (tube.od / 2) * place.scale,
            lit.includes(tube.piece) && welds.length === 0,
          ),
        ),
      ...welds.flatMap((line) => weldShapes(line, flat)),
      ...tacks.map((at): Shape => ({ kind: 'polygon', points: disc(flat(at), 4), pen: 'mark' })),
      ...tubes
        .filter(({ piece }) => lit.includes(piece))
        .flatMap((tube) => stampShapes(tube, flat(pointOn(tube.axis, lengthOf(tube.axis) / 2)), taken)),
    ],
  };
}

const nearness = (points: { near: number }[]): number =>
  points.reduce((sum, { near }) => sum + near, 0) / points.length;

const stampsOf = (tubes: Tube[], pieces: readonly string[]): string =>
  tubes.flatMap(({ piece, stamp }) => (pieces.includes(piece) ? [stamp] : [])).join(', ') || 'none';

/** A seam as a lit band with its edge; in pieces where it has a gap. */
function weldShapes(line: readonly Vec3[], flat: (at: Vec3) => Point): Shape[] {
  const runs: Vec3[][] = [];
  for (const at of line) {
    const last = runs.at(-1);
    const before = last?.at(-1);
    if (last && before && Math.hypot(at[0] - before[0], at[1] - before[1], at[2] - before[2]) < GAP)
      last.push(at);
    else runs.push([at]);
  }
  return runs.flatMap((run): Shape[] => {
    const points = run.map(flat);
    if (points.length === 1) return [{ kind: 'polygon', points: disc(itemAt(points, 0), 4), pen: 'picked' }];
    return [
      { kind: 'stroke', points, width: 7, pen: 'steel-edge' },
      { kind: 'stroke', points, width: 5, pen: 'picked' },
    ];
  });
}
