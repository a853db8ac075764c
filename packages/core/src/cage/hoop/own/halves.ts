import { pointsOf } from '../../../centreline/index.ts';
import { andThen, collect, fail, type Outcome, succeed, told } from '../../../fault/index.ts';
import { itemAt } from '../../../items/index.ts';
import { radians } from '../../../measure/index.ts';
import {
  type CarSide,
  type HoopLeg,
  type HoopStation,
  type HoopWay,
  type HoopWayOf,
  type TakeOffHalf,
} from '../../../plan/index.ts';
import { mirroredTurn } from '../../placing/mirror.ts';
import { type BendRoom, takenOff } from '../../shape/index.ts';
import { hoopFeatures } from '../hoopFeatures.ts';
import { leanOf, type LegPoint, outAt } from '../hoopShape.ts';

/** A corner or the foot of half a hoop: forward of its plane, out from the centre mark, and up from the crown's axis. mm */
export interface HalfPoint extends LegPoint {
  fore: number;
}

/** One side of a hoop from its crown's corner to its foot. */
export interface HoopHalf {
  points: HalfPoint[];
  /** Of each corner, from the crown down. */
  bySample: (number | null)[];
}

/** Both halves of a hoop. */
export type Halves = Record<CarSide, HoopHalf>;

/** Both sides of a hoop that comes about without a survey. od in mm; tilt in degrees. */
export function halvesOf(
  way: Exclude<HoopWay, { kind: 'survey' }>,
  room: BendRoom,
  tilt: number,
): Outcome<Halves> {
  switch (way.kind) {
    case 'figures':
      return succeed(byFigures(way));
    case 'taped':
      return byTape(way, room.od, tilt);
    case 'take-off':
      return byTakeOff(way, room);
  }
}

const byFigures = ({ crown, aside, left, right }: HoopWayOf<'figures'>): Halves => ({
  left: inPlane(downLegs(crown.mm / 2 + aside.mm, left)),
  right: inPlane(downLegs(crown.mm / 2 - aside.mm, right ?? left)),
});

function downLegs(out: number, legs: HoopLeg[]): LegPoint[] {
  const points: LegPoint[] = [{ out, up: 0 }];
  for (const { length, lean } of legs) {
    const above = itemAt(points, -1);
    points.push({
      out: above.out + length.mm * Math.sin(radians(lean.deg)),
      up: above.up - length.mm * Math.cos(radians(lean.deg)),
    });
  }
  return points;
}

const inPlane = (points: LegPoint[]): HoopHalf => ({
  points: points.map((point) => ({ ...point, fore: 0 })),
  bySample: points.slice(0, -1).map(() => null),
});

/** Straights and angles from the centre mark outward: the first bend of a half turns down. */
function byTakeOff({ sample, left, right }: HoopWayOf<'take-off'>, room: BendRoom): Outcome<Halves> {
  const half = ({ rows, tail }: TakeOffHalf, side: CarSide): Outcome<HoopHalf> => {
    const features = hoopFeatures(rows.length).map((feature) => `${feature}-${side}`);
    return andThen(takenOff({ sample, rows, tail }, features, room), ({ bends, tail, bySample }) =>
      andThen(pointsOf({ bends, tail }), (points) =>
        rows.length === 0
          ? fail('no-bend', '', `the ${side} half of the hoop has no bend: add one`)
          : succeed({
              points: points.slice(1).map(([out, down, fore]) => ({ out, up: -down, fore: -fore })),
              bySample,
            }),
      ),
    );
  };
  // A half of its own is turned as one sees it along its own tube; here both are as on the left.
  const other = right && {
    ...right,
    rows: right.rows.map((row) => ({ ...row, turn: mirroredTurn(row.turn) })),
  };
  return andThen(half(left, 'left'), (own) =>
    andThen(half(other ?? left, 'right'), (right) => succeed({ left: own, right })),
  );
}

/** Widths from the feet up, and the straight below the crown drawn on to its height. */
function byTape({ top, stations }: HoopWayOf<'taped'>, od: number, tilt: number): Outcome<Halves> {
  const slant = Math.cos(radians(tilt));
  const crown = top.mm - od / 2;
  const falls = stations.findIndex((one, i) => i > 0 && one.height.mm <= itemAt(stations, i - 1).height.mm);
  if (falls > 0)
    return fail(
      'stations',
      '',
      told`the width at ${{ mm: itemAt(stations, falls).height.mm }} must be higher up than the one before it: give the widths from the feet up`,
    );
  if (crown <= itemAt(stations, -1).height.mm)
    return fail(
      'no-height',
      '',
      told`the crown's axis comes out at ${{ mm: crown }}, below the highest width: check the height over the crown`,
    );
  const sides = collect(
    (['left', 'right'] as const).map((side): Outcome<HoopHalf> => {
      const walls = stations.map((one): LegPoint => ({
        out: outsideOf(one, side),
        up: one.height.mm / slant,
      }));
      const axis = axisWithin(walls, od);
      if (axis.some(({ out }) => out <= 0))
        return fail('no-width', '', `half the tube takes all of the width on the ${side}: check the widths`);
      const [below, above] = [itemAt(axis, -2), itemAt(axis, -1)];
      const corner = { out: outAt(below, above, crown / slant), up: crown / slant };
      const foot = { out: outAt(itemAt(axis, 0), itemAt(axis, 1), 0), up: 0 };
      const down = [corner, ...axis.slice(1, -1).reverse(), foot];
      return succeed(inPlane(down.map(({ out, up }) => ({ out, up: up - corner.up }))));
    }),
  );
  return andThen(sides, ([left, right]) =>
    left && right ? succeed({ left, right }) : fail('missing', '', 'both sides of the hoop'),
  );
}

const outsideOf = ({ width, left }: HoopStation, side: CarSide): number => {
  const own = left?.mm ?? width.mm / 2;
  return side === 'left' ? own : width.mm - own;
};

/** Rounds until the axis within a measured outside no longer moves: what a slanting tube takes of a level width goes by its own slant. */
const ROUNDS = 40;

/** The axis of a leg whose outside was taped level, from its foot up. od, points: mm */
function axisWithin(outside: LegPoint[], od: number): LegPoint[] {
  let axis = outside.map(({ out, up }) => ({ out: out - od / 2, up }));
  for (let round = 0; round < ROUNDS; round++) {
    const takes = halfTubes(axis, od);
    axis = outside.map(({ out, up }, i) => ({ out: out - (takes[i] ?? 0), up }));
  }
  return axis;
}

/** What half the tube takes of a level width at each point of a leg's axis: at a corner, the mean of below and above. mm */
export function halfTubes(axis: LegPoint[], od: number): number[] {
  const slants = axis.slice(1).map((above, i) => od / 2 / Math.cos(radians(leanOf(itemAt(axis, i), above))));
  return axis.map((_, i) => {
    const [below, above] = [slants[i - 1] ?? slants[i] ?? od / 2, slants[i] ?? slants[i - 1] ?? od / 2];
    return i === axis.length - 1 ? below : (below + above) / 2;
  });
}
