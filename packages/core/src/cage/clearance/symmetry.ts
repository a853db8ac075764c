import { itemAt } from '../../items/index.ts';
import { distance, type Vec3 } from '../../space/index.ts';
import { type StandingTube } from '../placing/attach.ts';
import { type Tube } from '../tube.ts';

/** How far a tube is from the mirror image of its twin, or of itself where it goes across the car. mm */
export interface Symmetry {
  stamps: string[];
  /** Between ends and corners; null where it stands on one side only, as a diagonal does. */
  difference: number | null;
  /** Of the developed lengths, left less right; 0 for a tube across. */
  lengthDifference: number;
}

/** Every pair and every single bar, split or not, against its mirror image, the farthest first, one-sided ones last. */
export function symmetryOf(standing: StandingTube[]): Symmetry[] {
  const twins = standing.filter(({ side }) => side === 'left');
  const pairs = twins.flatMap(({ tube }): Symmetry[] => {
    const part = partOf(tube, standing, 'left');
    const other = standing.filter((one) => one.tube.member === tube.member && one.side === 'right')[part]
      ?.tube;
    if (!other) return [];
    return [
      {
        stamps: [tube.stamp, other.stamp],
        difference: apart(tube.points, other.points.map(mirror)),
        lengthDifference: tube.developed - other.developed,
      },
    ];
  });
  const bars = new Map<string, Tube[]>();
  for (const { tube, side } of standing)
    if (side === null) bars.set(tube.member, [...(bars.get(tube.member) ?? []), tube]);
  const singles = [...bars.values()].map((parts): Symmetry => {
    const points = wholeOf(parts);
    const [a, b] = [itemAt(points, 0), itemAt(points, -1)];
    const role = parts[0]?.role ?? '';
    const across = a[1] * b[1] < 0 && role !== 'diagonal' && !role.endsWith('-diagonal');
    return {
      stamps: parts.map(({ stamp }) => stamp),
      difference: across ? apart(points, [...points].reverse().map(mirror)) : null,
      lengthDifference: 0,
    };
  });
  return [...pairs, ...singles].sort((a, b) => (b.difference ?? -1) - (a.difference ?? -1));
}

/** Ends and corners of a whole bar; where its parts meet it runs on in line, or nearly so. */
const wholeOf = (parts: Tube[]): Vec3[] =>
  parts.flatMap(({ points }, i) => points.slice(i === 0 ? 0 : 1, i === parts.length - 1 ? undefined : -1));

const mirror = ([x, y, z]: Vec3): Vec3 => [x, -y, z];

/** Which of the tubes that its member makes on one side. */
const partOf = (tube: Tube, standing: StandingTube[], side: 'left' | 'right'): number =>
  standing
    .filter((one) => one.tube.member === tube.member && one.side === side)
    .findIndex((one) => one.tube.piece === tube.piece);

/** The farthest of two rows of points; of rows that differ in number only their ends are compared. */
function apart(points: Vec3[], others: Vec3[]): number {
  const ends = (row: Vec3[]) => [itemAt(row, 0), itemAt(row, -1)];
  const [a, b] = points.length === others.length ? [points, others] : [ends(points), ends(others)];
  return Math.max(...a.map((point, i) => distance(point, itemAt(b, i))));
}
