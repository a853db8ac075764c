import { distanceToPath, lengthOf, type Piece, pointOn, straightAxis } from '../../centreline/index.ts';
import { itemAt } from '../../items/index.ts';
import { kept } from '../../kept/index.ts';
import { firstZero, leastOver, radians } from '../../measure/index.ts';
import { type CarSide, type Survey, TOWARDS, type Towards } from '../../plan/index.ts';
import {
  add,
  cross,
  distance,
  dot,
  length,
  rotateAbout,
  scale,
  subtract,
  unit,
  type Vec3,
} from '../../space/index.ts';
import { type StandingTube } from '../placing/attach.ts';
import { placeOf } from '../placing/place.ts';
import { directionOf } from '../shape/index.ts';
import { type Tube } from '../tube.ts';

type Zone = NonNullable<Survey['points'][number]['zone']>;

/** A turn of a bent bar about the line between its ends. Degrees, right-handed from end A to end B */
export interface TurnToTouch {
  deg: number;
  /** Which way its bends go. */
  towards: Towards;
}

/** The gap of a bar to the body on both sides, at one distance from its end A; null where the body was not measured there. mm */
export interface GapAlong {
  along: number;
  left: number | null;
  right: number | null;
}

/** A bar, or a pair, that lies along the measured body of a zone. */
export interface AlongBody {
  member: string;
  stamps: string[];
  zone: Zone;
  stations: GapAlong[];
  /** The least turn that brings the tube of a side to touch the body; null where none does, or it is straight. */
  turn: Record<CarSide, TurnToTouch | null>;
}

/** A bar lies along the body where it follows it so far, and no farther off than this. mm */
const FOLLOWS = { length: 200, off: 250 };
/** A bar is turned so far at most, looked at in so many steps. Degrees */
const TURNED = { most: 60, steps: 30 };
/** Bends that stand less than this off the line between the ends cannot be turned to anything. mm */
const BOWED = 2;
/** Places of the body are looked at this far apart where a bar is turned to it. mm */
const STEP = 40;
/** Stations nearer to each other than this are one. mm */
const SAME = 5;

const SIDES = ['left', 'right'] as const;

/** The body of a zone on one side, point to point. */
interface BodyLine {
  zone: Zone;
  side: CarSide;
  points: Vec3[];
  axis: Piece[];
}

/** Every bar along a line of measured points of one zone, two of them at least; its gaps left and right at the same stations. */
export function alongBody({ points }: Pick<Survey, 'points'>, standing: StandingTube[]): AlongBody[] {
  const lines = bodyLines(points);
  if (lines.length === 0) return [];
  const members = [...new Set(standing.map(({ tube }) => tube.member))];
  return members.flatMap((member) => {
    const zones = [...new Set(lines.map(({ zone }) => zone))];
    return partsOf(standing.filter(({ tube }) => tube.member === member)).flatMap((part) =>
      zones.flatMap(
        (zone) =>
          besideOf(
            part,
            lines.filter((line) => line.zone === zone),
          ) ?? [],
      ),
    );
  });
}

/** The tubes of both sides, those of a split bar part by part. */
function partsOf(tubes: StandingTube[]): Partial<Record<CarSide, Tube>>[] {
  const [left, right] = SIDES.map((side) =>
    tubes.filter(({ tube, side: own }) => (own ?? nearerSide(tube)) === side).map(({ tube }) => tube),
  );
  const count = Math.max(left?.length ?? 0, right?.length ?? 0);
  return Array.from({ length: count }, (_, i) => ({
    ...(left?.[i] && { left: left[i] }),
    ...(right?.[i] && { right: right[i] }),
  }));
}

const bodyLines = kept((points: Survey['points']): BodyLine[] => {
  const zones = [...new Set(points.flatMap(({ zone }) => zone ?? []))];
  return zones.flatMap((zone) =>
    SIDES.flatMap((side): BodyLine[] => {
      const own = points
        .filter((one) => one.zone === zone && sideOf(one) === side)
        .map(({ at }) => placeOf(at));
      if (own.length < 2) return [];
      const line = inLine(own);
      const axis = line.slice(1).flatMap((to, i) => straightAxis(itemAt(line, i), to));
      return [{ zone, side, points: line, axis: fromStart(axis) }];
    }),
  );
});

const sideOf = ({ side, at }: Survey['points'][number]): CarSide =>
  side ?? (at[1].mm >= 0 ? 'left' : 'right');

/** In the order of the direction in which they reach farthest. */
function inLine(points: Vec3[]): Vec3[] {
  const spanOn = (axis: 0 | 1 | 2) =>
    Math.max(...points.map((at) => at[axis])) - Math.min(...points.map((at) => at[axis]));
  const longest = ([0, 1, 2] as const).reduce((best, axis) => (spanOn(axis) > spanOn(best) ? axis : best));
  return [...points].sort((a, b) => a[longest] - b[longest]);
}

function fromStart(axis: Piece[]): Piece[] {
  let start = 0;
  return axis.map((piece) => {
    const here = { ...piece, start };
    start += piece.length;
    return here;
  });
}

/** A bar beside the body of a zone; null where it does not lie along it on any side. */
function besideOf(tubes: Partial<Record<CarSide, Tube>>, lines: BodyLine[]): AlongBody | null {
  const sides = SIDES.map((side) => {
    const line = lines.find((one) => one.side === side);
    const tube = tubes[side];
    return line && tube ? followed(tube, line) : null;
  });
  const [left = null, right = null] = sides;
  const tube = left?.tube ?? right?.tube;
  if (!tube) return null;
  const stations = [...(left?.stations ?? []), ...(right?.stations ?? [])]
    .sort((a, b) => a - b)
    .filter((along, i, all) => i === 0 || along - itemAt(all, i - 1) > SAME);
  return {
    member: tube.member,
    stamps: [left, right].flatMap((one) => one?.tube.stamp ?? []),
    zone: itemAt(lines, 0).zone,
    stations: stations.map((along) => ({ along, left: gapAt(left, along), right: gapAt(right, along) })),
    turn: { left: left && turnToTouch(left), right: right && turnToTouch(right) },
  };
}

const nearerSide = ({ axis }: Tube): CarSide =>
  pointOn(axis, lengthOf(axis) / 2)[1] >= 0 ? 'left' : 'right';

/** A tube with the body beside it, and where along the tube the body's points lie. */
interface Followed {
  tube: Tube;
  line: BodyLine;
  stations: number[];
}

function followed(tube: Tube, line: BodyLine): Followed | null {
  const stations = line.points.map((at) => alongOf(tube.axis, at)).sort((a, b) => a - b);
  const beside = { tube, line, stations };
  const reach = itemAt(stations, -1) - itemAt(stations, 0);
  const gaps = stations.map((along) => gapAt(beside, along) ?? Infinity);
  return reach >= FOLLOWS.length && gaps.every((gap) => gap <= FOLLOWS.off) ? beside : null;
}

/** How far along an axis the place nearest to a point is. */
const alongOf = (axis: Piece[], at: Vec3): number =>
  leastOver(lengthOf(axis), (along) => distance(pointOn(axis, along), at), { closeness: 0.01 }).along;

function gapAt(beside: Followed | null, along: number): number | null {
  if (!beside) return null;
  const { tube, line, stations } = beside;
  if (along < itemAt(stations, 0) - SAME || along > itemAt(stations, -1) + SAME) return null;
  return distanceToPath(pointOn(tube.axis, along), line.axis) - tube.od / 2;
}

/** The least turn about the line between the ends at which the tube touches the body somewhere and enters it nowhere before. */
function turnToTouch({ tube, line }: Followed): TurnToTouch | null {
  const [a, b] = [itemAt(tube.points, 0), itemAt(tube.points, -1)];
  const chord = unit(subtract(b, a));
  const offs = tube.points.map((at) => {
    const from = subtract(at, a);
    return subtract(from, scale(chord, dot(from, chord)));
  });
  const bow = offs.reduce((best, one) => (length(one) > length(best) ? one : best));
  if (length(bow) < BOWED) return null;
  const places = placesOn(line.axis);
  const gap = (deg: number) => {
    // The body turned the other way instead of the tube.
    const back = places.map((at) => add(a, rotateAbout(chord, -radians(deg), subtract(at, a))));
    return Math.min(...back.map((at) => distanceToPath(at, tube.axis))) - tube.od / 2;
  };
  const found = [TURNED.most, -TURNED.most]
    .flatMap((to) => firstZero(0, to, TURNED.steps, gap) ?? [])
    .sort((one, other) => Math.abs(one) - Math.abs(other));
  const [deg] = found;
  if (deg === undefined) return null;
  return { deg, towards: wordFor(scale(cross(chord, bow), Math.sign(deg) || 1), itemAt(tube.points, 1)) };
}

const placesOn = (axis: Piece[]): Vec3[] => {
  const whole = lengthOf(axis);
  const steps = Math.max(1, Math.ceil(whole / STEP));
  return Array.from({ length: steps + 1 }, (_, i) => pointOn(axis, (whole * i) / steps));
};

/** The direction of the car that is nearest to a way in which something moves. */
function wordFor(way: Vec3, at: Vec3): Towards {
  const words = TOWARDS.filter((one) => one !== 'left' && one !== 'right');
  return words.reduce((best, one) =>
    dot(directionOf(one, at), way) > dot(directionOf(best, at), way) ? one : best,
  );
}
