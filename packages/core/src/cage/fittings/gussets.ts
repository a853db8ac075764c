import { kept } from '../../kept/index.ts';
import { directionAt, lengthOf, nearestBetween } from '../../centreline/index.ts';
import { andThen, fail, type Outcome, succeed, told } from '../../fault/index.ts';
import { degrees } from '../../measure/index.ts';
import { type Gusset, type Plan } from '../../plan/index.ts';
import { add, angleBetween, cross, length, scale, unit, type Vec3 } from '../../space/index.ts';
import { STEEL_DENSITY } from '../../tube/index.ts';
import { rowOf, type StandingTube } from '../placing/attach.ts';
import { areaOf } from './plates.ts';
import { nearestParts } from '../placing/row.ts';
import { type Tube } from '../tube.ts';

type Flat = readonly [number, number];

/** A sheet gusset as it is cut. mm, mm², kg, degrees */
export interface GussetShape {
  /** Between the axes of the two tubes. */
  angle: number;
  /** The triangle between the tubes' surfaces: the corner, the end of the first leg, the end of the second. Own plane. */
  triangle: [Flat, Flat, Flat];
  /** The same in the car's frame. */
  corners: [Vec3, Vec3, Vec3];
  /** The long edge, between the ends of the legs. */
  longEdge: number;
  /** Flat pattern without holes: of a folded gusset both sides and the strip over the long edge. */
  sheetArea: number;
  /** The largest hole that the triangle holds. */
  largestHole: number;
  mass: number;
}

/** A gusset with its shape, or why it has none. */
export interface GussetAnswer {
  gusset: string;
  stamp: string;
  /** The stamps of its tubes, where both stand. */
  between: string[];
  shape: Outcome<GussetShape>;
}

/** Every gusset of the plan, or why it has no shape. */
export const gussetsOf = (plan: Plan, standing: StandingTube[]): GussetAnswer[] =>
  plan.gussets.map((gusset) => {
    const tubes = andThen(rowOf(gusset.between[0], standing), (first) =>
      andThen(rowOf(gusset.between[1], standing), (second) => succeed(nearestParts(first.row, second.row))),
    );
    return {
      gusset: gusset.id,
      stamp: gusset.stamp,
      between: tubes.ok ? tubes.value.map((tube) => tube.stamp) : [],
      shape: andThen(tubes, ([first, second]) => shapeOf(gusset, first, second)),
    };
  });

const shapeOf = kept((gusset: Gusset, first: Tube, second: Tube): Outcome<GussetShape> => {
  const node = nearestBetween(first.axis, second.axis);
  const reach = (first.od + second.od) / 2;
  if (node.distance > reach)
    return fail(
      'no-corner',
      '',
      told`${first.stamp} and ${second.stamp} pass at ${{ mm: node.distance }} and make no corner: choose two tubes that meet`,
    );
  const along = awayFrom(first, node.along);
  const other = awayFrom(second, nearestBetween(second.axis, first.axis).along);
  const angle = angleBetween(along, other);
  if (length(cross(along, other)) < 0.05)
    return fail(
      'no-corner',
      '',
      `${first.stamp} and ${second.stamp} run in line: no sheet fits between them`,
    );
  return triangleOf(gusset, first, second, { node: node.first, along, other, angle });
});

/** From a place of the axis toward its farther end: the longer side of the tube bounds the corner. */
function awayFrom(tube: Tube, along: number): Vec3 {
  const toB = lengthOf(tube.axis) - along > along;
  return scale(directionAt(tube.axis, along), toB ? 1 : -1);
}

interface Corner {
  node: Vec3;
  along: Vec3;
  other: Vec3;
  angle: number;
}

/** Both edges lie on the tubes' surfaces; the legs are measured along the axes from the node. */
function triangleOf(gusset: Gusset, first: Tube, second: Tube, corner: Corner): Outcome<GussetShape> {
  const [legA, legB] = [gusset.legs[0].mm, gusset.legs[1].mm];
  const [ra, rb] = [first.od / 2, second.od / 2];
  const [cos, sin] = [Math.cos(corner.angle), Math.sin(corner.angle)];
  const startA = (rb + ra * cos) / sin;
  const startB = (ra + rb * cos) / sin;
  if (legA <= startA || legB <= startB)
    return fail(
      'gusset-too-short',
      '',
      told`its legs must reach past the tubes: more than ${{ mm: Math.max(startA, 0), round: 'up' }} on ${first.stamp} and ${{ mm: Math.max(startB, 0), round: 'up' }} on ${second.stamp}`,
    );
  const triangle: [Flat, Flat, Flat] = [
    [startA, ra],
    [legA, ra],
    [legB * cos + rb * sin, legB * sin - rb * cos],
  ];
  const aside = unit(cross(cross(corner.along, corner.other), corner.along));
  const inSpace = ([x, y]: Flat) => add(corner.node, add(scale(corner.along, x), scale(aside, y)));
  const edge = (from: Flat, to: Flat) => Math.hypot(to[0] - from[0], to[1] - from[1]);
  const [a, b, c] = triangle;
  const area = areaOf(triangle);
  const longEdge = edge(b, c);
  const holes = gusset.holes.reduce((sum, hole) => sum + (Math.PI * hole.mm ** 2) / 4, 0);
  const sides = gusset.kind === 'folded' ? 2 : 1;
  const sheetArea = sides * area + (sides - 1) * longEdge * Math.max(first.od, second.od);
  const count = gusset.twin ? 2 : 1;
  return succeed({
    angle: degrees(corner.angle),
    triangle,
    corners: [inSpace(a), inSpace(b), inSpace(c)],
    longEdge,
    sheetArea,
    // Twice the radius of the inscribed circle: area over half the perimeter.
    largestHole: (4 * area) / (edge(a, b) + edge(c, a) + longEdge),
    mass: count * (sheetArea - sides * holes) * gusset.thickness.mm * STEEL_DENSITY * 1e-9,
  });
}
