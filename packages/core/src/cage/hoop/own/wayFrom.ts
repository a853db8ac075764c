import { lraOf } from '../../../centreline/index.ts';
import { itemAt } from '../../../items/index.ts';
import {
  assumed,
  degrees,
  DECISION,
  finelyInDegrees,
  finelyWritten,
  radians,
  type Unit,
} from '../../../measure/index.ts';
import { type HoopWay, type HoopWayOf, type TakeOffHalf } from '../../../plan/index.ts';
import { angleBetween, subtract } from '../../../space/index.ts';
import { type BendRoom } from '../../shape/index.ts';
import { type HoopGeometry } from '../geometry.ts';
import { type HalfPoint, halfTubes } from './halves.ts';
import { hoopFeatures } from '../hoopFeatures.ts';
import { leanOf } from '../hoopShape.ts';

/** A hoop to start from where there is none yet: two bends, no larger than it goes into most cars. mm and degrees */
const TO_START: Halves = {
  left: [
    { out: 550, up: 1000, fore: 0 },
    { out: 620, up: 0, fore: 0 },
  ],
  right: [
    { out: 550, up: 1000, fore: 0 },
    { out: 620, up: 0, fore: 0 },
  ],
};

/** Corners of both halves in the plane of the hoop, from the crown down; heights from its own lowest foot. */
interface Halves {
  left: HalfPoint[];
  right: HalfPoint[];
}

/**
 * The figures of another way that give the same hoop, finer than any tape reads, and assumed until somebody confirms them. A rolled crown
 * is level in them. hoop: null where there is none yet. room: of its bends. unit: of the job.
 */
export function wayFrom(
  kind: HoopWay['kind'],
  hoop: Pick<HoopGeometry, 'points' | 'features' | 'tilt'> | null,
  room: BendRoom,
  unit: Unit,
): HoopWay {
  const halves = hoop ? halvesIn(hoop) : TO_START;
  switch (kind) {
    case 'survey':
      return { kind };
    case 'figures':
      return assumed(figuresFrom(halves, unit));
    case 'take-off':
      return assumed(takeOffFrom(halves, room, unit));
    case 'taped':
      return assumed(tapedFrom(halves, room.od, hoop?.tilt ?? 0, unit));
  }
}

function halvesIn({ points, features, tilt }: Pick<HoopGeometry, 'points' | 'features' | 'tilt'>): Halves {
  const [sin, cos] = [Math.sin(radians(tilt)), Math.cos(radians(tilt))];
  const inPlane = points.map(([x, y, z]) => ({ y, up: z * cos - x * sin, fore: x * cos + z * sin }));
  const lowest = Math.min(...inPlane.map(({ up }) => up));
  const left = features.filter((feature) => feature.endsWith('-left')).length;
  const right = features.filter((feature) => feature.endsWith('-right')).length;
  const half = (some: typeof inPlane, sign: 1 | -1): HalfPoint[] =>
    some.map(({ y, up, fore }) => ({ out: sign * y, up: up - lowest, fore }));
  return {
    left: half(inPlane.slice(0, left + 1).reverse(), 1),
    right: half(inPlane.slice(-right - 1), -1),
  };
}

const isAlike = ({ left, right }: Halves): boolean =>
  left.length === right.length &&
  left.every((one, i) =>
    (['out', 'up', 'fore'] as const).every((key) => Math.abs(one[key] - itemAt(right, i)[key]) < DECISION),
  );

function figuresFrom(halves: Halves, unit: Unit): HoopWayOf<'figures'> {
  const legs = (points: HalfPoint[]) =>
    points.slice(1).map((below, i) => {
      const above = itemAt(points, i);
      return {
        length: finelyWritten(Math.hypot(below.out - above.out, below.up - above.up), unit),
        lean: finelyInDegrees(leanOf(below, above)),
      };
    });
  const [left, right] = [itemAt(halves.left, 0).out, itemAt(halves.right, 0).out];
  return {
    kind: 'figures',
    crown: finelyWritten(left + right, unit),
    aside: finelyWritten((left - right) / 2, unit),
    left: legs(halves.left),
    right: isAlike(halves) ? null : legs(halves.right),
  };
}

function takeOffFrom(halves: Halves, room: BendRoom, unit: Unit): HoopWayOf<'take-off'> {
  return {
    kind: 'take-off',
    sample: null,
    left: takenFrom(halves.left, 'left', room, unit),
    right: isAlike(halves) ? null : takenFrom(halves.right, 'right', room, unit),
  };
}

/** Straights and angles of a half from the middle of its crown; a half of the right is seen along its own tube. */
function takenFrom(half: HalfPoint[], side: 'left' | 'right', room: BendRoom, unit: Unit): TakeOffHalf {
  // Right-handed as one sees it: out, then to the rear on the left and to the front on the right, then up.
  const hand = side === 'left' ? -1 : 1;
  const corner = itemAt(half, 0);
  const corners = [{ ...corner, out: 0 }, ...half].map(({ out, up, fore }): [number, number, number] => [
    out,
    hand * fore,
    up,
  ]);
  const clr = hoopFeatures(half.length - 1).map((feature, i) => {
    const [before, at, after] = [itemAt(corners, i), itemAt(corners, i + 1), itemAt(corners, i + 2)];
    const angle = degrees(angleBetween(subtract(at, before), subtract(after, at)));
    return room.clrAt(`${feature}-${side}`, angle) ?? room.clr;
  });
  const laid = lraOf({ points: corners, clr });
  // Where the bends do not fit, there is a list to start from all the same.
  const { bends, tail } = laid.ok ? laid.value : { bends: [], tail: 0 };
  return {
    rows: bends.map(({ length, rotation, angle }) => ({
      straight: finelyWritten(length, unit),
      turn: { kind: 'degrees', angle: finelyInDegrees(rotation) },
      angle: finelyInDegrees(angle),
      takes: null,
    })),
    tail: finelyWritten(tail, unit),
  };
}

/** Widths at the feet, at every bend below the crown, and halfway up to the crown. */
function tapedFrom(halves: Halves, od: number, tilt: number, unit: Unit): HoopWayOf<'taped'> {
  const slant = Math.cos(radians(tilt));
  const outside = (half: HalfPoint[]) => {
    const up = [...half].reverse();
    const [below, corner] = [itemAt(up, -2), itemAt(up, -1)];
    const top = { out: (below.out + corner.out) / 2, up: (below.up + corner.up) / 2 };
    const axis = [...up.slice(0, -1), top];
    const takes = halfTubes(axis, od);
    return axis.map((point, i) => ({ out: point.out + itemAt(takes, i), up: point.up }));
  };
  const [left, right] = [outside(halves.left), outside(halves.right)];
  return {
    kind: 'taped',
    top: finelyWritten(itemAt(halves.left, 0).up * slant + od / 2, unit),
    stations: left.map(({ out, up }, i) => {
      const width = out + (right[i]?.out ?? out);
      return {
        height: finelyWritten(up * slant, unit),
        width: finelyWritten(width, unit),
        left: isAlike(halves) ? null : finelyWritten(out, unit),
      };
    }),
  };
}
