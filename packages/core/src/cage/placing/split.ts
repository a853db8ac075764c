import { DECISION } from '../../measure/index.ts';
import { nearestBetween, type Piece } from '../../centreline/index.ts';
import { fail, type Outcome, succeed, told } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { type Bar, type CarSide } from '../../plan/index.ts';
import { distance, type Vec3 } from '../../space/index.ts';
import { type Footing, type StandingTube } from './attach.ts';
import { type WholePath } from '../shape/index.ts';
import { type Tube } from '../tube.ts';

/** A path with what its ends meet. */
export type FootedPath = WholePath & { footings: [Footing, Footing] };

interface Split {
  along: number;
  at: Vec3;
  header: Tube;
}

/** Cuts a path where it crosses the tubes that go through: the halves stand on the axis of the one between them, in line as near as may be. */
export function splitPath(
  path: FootedPath,
  bar: Bar,
  side: CarSide | null,
  standing: StandingTube[],
): Outcome<FootedPath[]> {
  const splits: Split[] = [];
  for (const { member, goes } of bar.crossings) {
    if (goes !== 'split') continue;
    const split = splitAt(path, bar, side, standing, member);
    if (!split.ok) return split;
    splits.push(split.value);
  }
  splits.sort((a, b) => a.along - b.along);
  const parts: FootedPath[] = [];
  let rest = path;
  let before = 0;
  for (const split of splits) {
    const [first, second] = cutAt(rest, split, before);
    parts.push(first);
    rest = second;
    before = split.along;
  }
  return succeed([...parts, rest]);
}

function splitAt(
  path: FootedPath,
  bar: Bar,
  side: CarSide | null,
  standing: StandingTube[],
  member: string,
): Outcome<Split> {
  const headers = standing.filter(
    ({ tube, side: other }) => tube.member === member && (side === null || other === null || other === side),
  );
  if (headers.length === 0)
    return fail(
      'not-standing',
      '',
      'the tube that splits it is not there, or could not be placed: choose another, or leave the bar whole',
    );
  const axis = straightsOf(path.points);
  const found = headers
    .map(({ tube }) => ({ tube, nearest: nearestBetween(axis, tube.axis) }))
    .reduce((best, one) => (one.nearest.distance < best.nearest.distance ? one : best));
  const { tube, nearest } = found;
  if (nearest.distance > (tube.od + bar.tube.od.mm) / 2)
    return fail(
      'no-crossing',
      '',
      told`it passes ${tube.stamp} at ${{ mm: nearest.distance }} between the axes and is not split by it: move an end, or leave the bar whole`,
    );
  // Both halves run to the axis of the one between them: the load meets it there, and the cope seats all round.
  return succeed({ along: nearest.along, at: nearest.second, header: tube });
}

/** From corner to corner: a split lies on a straight, and its bends say so where it does not. */
function straightsOf(points: Vec3[]): Piece[] {
  let start = 0;
  return points.slice(1).map((to, i): Piece => {
    const from = itemAt(points, i);
    const length = distance(from, to);
    const piece: Piece = { kind: 'straight', from, to, start, length };
    start += length;
    return piece;
  });
}

function cutAt(path: FootedPath, { along, at, header }: Split, before: number): [FootedPath, FootedPath] {
  const pieces = straightsOf(path.points);
  const corner = pieces.findIndex((piece) => along - before <= piece.start + piece.length + DECISION);
  const index = corner < 0 ? pieces.length - 1 : corner;
  const footing = { point: at, headers: [header] };
  return [
    {
      points: [...path.points.slice(0, index + 1), at],
      features: path.features.slice(0, index),
      radii: path.radii.slice(0, index),
      ...(path.bySample && { bySample: path.bySample.slice(0, index) }),
      footings: [path.footings[0], footing],
    },
    {
      points: [at, ...path.points.slice(index + 1)],
      features: path.features.slice(index),
      radii: path.radii.slice(index),
      ...(path.bySample && { bySample: path.bySample.slice(index) }),
      footings: [footing, path.footings[1]],
    },
  ];
}
