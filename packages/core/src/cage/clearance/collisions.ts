import { itemAt } from '../../items/index.ts';
import { kept } from '../../kept/index.ts';
import { lengthOf, nearestBetween, nearestOnPath, pointOn } from '../../centreline/index.ts';
import { distance, type Vec3 } from '../../space/index.ts';
import { type Joint } from '../placing/joint.ts';
import { areApart, boxOf, type Tube } from '../tube.ts';

/** Two tubes whose surfaces run into each other without a joint between them. mm */
export interface Collision {
  tubes: [Tube, Tube];
  at: Vec3;
  /** How far the surfaces overlap. */
  overlap: number;
}

/** A tube that lies in its own header along its length, though it ends there. */
function alongside(tube: Tube, header: Tube): Collision[] {
  const middle = pointOn(tube.axis, lengthOf(tube.axis) / 2);
  const overlap = (tube.od + header.od) / 2 - distance(middle, nearestOnPath(middle, header.axis));
  return overlap > 1 && tube.developed > 6 * tube.od ? [{ tubes: [header, tube], at: middle, overlap }] : [];
}

/** Two tubes in one place: the shorter lies in the longer at its middle and halfway to either end. */
function inEachOther(first: Tube, second: Tube): Collision[] {
  const [short, long] = first.developed <= second.developed ? [first, second] : [second, first];
  const total = lengthOf(short.axis);
  const overlaps = [0.25, 0.5, 0.75].map((share) => {
    const at = pointOn(short.axis, share * total);
    return { at, overlap: (short.od + long.od) / 2 - distance(at, nearestOnPath(at, long.axis)) };
  });
  const [, middle] = overlaps;
  return middle && overlaps.every(({ overlap }) => overlap > 1)
    ? [{ tubes: [first, second], ...middle }]
    : [];
}

/** A tube with others that no joint joins to it, and whose boxes come near. */
const withoutJoint = kept((first: Tube, others: Tube[]): Collision[] =>
  others.flatMap((second) => crossingOf(first, second)),
);

function crossingOf(first: Tube, second: Tube): Collision[] {
  const reach = (first.od + second.od) / 2;
  const { distance: gap, first: at, along } = nearestBetween(first.axis, second.axis, reach);
  const overlap = reach - gap;
  if (overlap <= 1) return [];
  // Ends that share a node meet their header together; they are fitted there, not crossed.
  const atEnd = Math.min(along, lengthOf(first.axis) - along) < first.od * 1.5;
  const otherEnds = [itemAt(second.points, 0), itemAt(second.points, -1)];
  const atOtherEnd = otherEnds.some((end) => distance(end, at) < second.od * 1.5);
  // They may share a node and lie in each other all the same.
  return atEnd || atOtherEnd ? inEachOther(first, second) : [{ tubes: [first, second], at, overlap }];
}

/** Tubes that pass through each other away from their joints. */
export function collisionsOf(tubes: Tube[], joints: Joint[]): Collision[] {
  const ends = new Set(joints.map(({ piece, header }) => `${piece} ${header}`));
  const standsOn = (tube: Tube, header: Tube) => ends.has(`${tube.piece} ${header.piece}`);
  const boxes = tubes.map(boxOf);
  return tubes.flatMap((first, i) => {
    const near = tubes.filter(
      (second, j) => j > i && !areApart(itemAt(boxes, i), itemAt(boxes, j), (first.od + second.od) / 2),
    );
    const [joined, others] = partition(near, (second) => standsOn(first, second) || standsOn(second, first));
    return [
      ...joined.flatMap((second) => [
        ...(standsOn(first, second) ? alongside(first, second) : []),
        ...(standsOn(second, first) ? alongside(second, first) : []),
      ]),
      ...withoutJoint(first, others),
    ];
  });
}

const partition = <T>(list: T[], isSo: (one: T) => boolean): [T[], T[]] => [
  list.filter(isSo),
  list.filter((one) => !isSo(one)),
];
