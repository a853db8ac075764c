import { itemAt } from '../../items/index.ts';
import { radians } from '../../measure/index.ts';
import { type Plan, type Plate } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { STEEL_DENSITY } from '../../tube/index.ts';
import { type StandingTube } from '../placing/attach.ts';
import { placeOf } from '../placing/place.ts';

type Flat = readonly [number, number];

/** A plate with what follows from its measures. mm, mm², kg */
export interface PlateAnswer {
  plate: string;
  stamp: string;
  /** Where it lies, by its own place or its foot's; null while it has neither. Car's frame. */
  at: Vec3 | null;
  /** Square to its sheet, upward. Car's frame, length 1. */
  normal: Vec3;
  /** The stamp of the tube that stands on it. */
  foot: string | null;
  /** Corners in its own plane, its middle at the origin. */
  outline: Flat[];
  /** Of the sheet on the floor, and of the edge turned up. */
  area: number;
  turnedUpArea: number;
  /** The least width of the sheet on the floor. */
  narrowest: number;
  mass: number;
}

/** Every plate of the plan. */
export const platesOf = (plan: Plan, standing: StandingTube[]): PlateAnswer[] =>
  plan.plates.map((plate) => plateAnswer(plate, standing));

function plateAnswer(plate: Plate, standing: StandingTube[]): PlateAnswer {
  const outline = outlineOf(plate);
  const area = areaOf(outline);
  const turnedUpArea = plate.turnedUp ? plate.turnedUp.length.mm * plate.turnedUp.height.mm : 0;
  const tube = footOf(plate, standing);
  const end = tube && tube.points[plate.under?.end === 'b' ? tube.points.length - 1 : 0];
  return {
    plate: plate.id,
    stamp: plate.stamp,
    at: plate.follows === 'foot' ? (end ?? null) : plate.at && placeOf(plate.at),
    normal: [0, -Math.sin(radians(plate.tilt.deg)), Math.cos(radians(plate.tilt.deg))],
    foot: tube?.stamp ?? null,
    outline,
    area,
    turnedUpArea,
    narrowest: narrowestOf(outline),
    mass: (area + turnedUpArea) * plate.thickness.mm * STEEL_DENSITY * 1e-9,
  };
}

function footOf({ under }: Plate, standing: StandingTube[]) {
  if (!under) return null;
  const own = standing.filter(
    ({ tube, side }) => tube.member === under.member && (under.side === undefined || under.side === side),
  );
  // End B of a bar that is split is its last part's.
  const found = under.end === 'a' ? own[0] : own.findLast(({ side }) => side === own[0]?.side);
  return found?.tube ?? null;
}

/** Corners of a plate in its own plane, mm, its middle at the origin. */
function outlineOf({ outline }: Plate): Flat[] {
  if (outline.kind === 'polygon') return centred(outline.corners.map(([x, y]): Flat => [x.mm, y.mm]));
  const [length, width] = [outline.length.mm, outline.width.mm];
  const turn = outline.kind === 'rectangle' ? Math.PI / 2 : radians(outline.angle.deg);
  const side: Flat = [width * Math.cos(turn), width * Math.sin(turn)];
  return centred([[0, 0], [length, 0], [length + side[0], side[1]], side]);
}

function centred(corners: Flat[]): Flat[] {
  const middle = (axis: 0 | 1) => corners.reduce((sum, corner) => sum + corner[axis], 0) / corners.length;
  const [x, y] = [middle(0), middle(1)];
  return corners.map((corner): Flat => [corner[0] - x, corner[1] - y]);
}

/** The surveyor's formula: half the sum of the cross products of neighbours. */
export const areaOf = (corners: readonly Flat[]): number =>
  Math.abs(
    corners.reduce((sum, [x, y], i) => {
      const [nextX, nextY] = itemAt(corners, (i + 1) % corners.length);
      return sum + x * nextY - nextX * y;
    }, 0),
  ) / 2;

/** The least distance between two parallel lines that hold the outline between them; one of them lies on an edge of its hull. */
function narrowestOf(corners: Flat[]): number {
  let least = Infinity;
  for (const [i, from] of corners.entries())
    for (const to of corners.slice(i + 1)) {
      const length = Math.hypot(to[0] - from[0], to[1] - from[1]);
      if (length === 0) continue;
      const across = corners.map(
        ([x, y]) => ((to[0] - from[0]) * (y - from[1]) - (to[1] - from[1]) * (x - from[0])) / length,
      );
      least = Math.min(least, Math.max(...across) - Math.min(...across));
    }
  return least;
}
