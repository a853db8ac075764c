import { itemAt } from '../../items/index.ts';
import { radians } from '../../measure/index.ts';
import { type CarSide } from '../../plan/index.ts';
import { alongPlane, angleFigure, type AxisSection, type Figure, lengthFigure } from '../../survey/index.ts';
import { type Leg, leanOf, type LegPoint } from './hoopShape.ts';

/** The figures of a hoop. mm and degrees. */
export interface HoopFigures {
  crownHeight: Figure;
  totalHeight: Figure;
  /** From the lower foot to the top along the hoop's plane: what a tape finds on the bench. */
  benchHeight: Figure;
  feetApart: Figure;
  feetOutside: Figure;
  cornersApart: Figure;
  legLeans: { side: CarSide; lower: Figure; upper: Figure | null }[];
  /** By the name of the PI. */
  bends: { feature: string; angle: Figure }[];
}

interface FiguredHoop {
  /** Foot to foot, A → B, in the plane of the hoop; `out` counts outward on both sides. */
  corners: LegPoint[];
  axis: AxisSection;
  legs: { left: Leg; right: Leg };
  four: boolean;
  od: number;
  tilt: number;
  /** Of a rolled crown where it leaves its corners; 0 for a level one. */
  crownSlope: number;
}

/** What is told of a hoop, each figure with how it came about. */
export function hoopFigures({ corners, axis, legs, four, od, tilt, crownSlope }: FiguredHoop): HoopFigures {
  const footA = itemAt(corners, 0);
  const footB = itemAt(corners, -1);
  const crown = axis.crownHeight.value;
  const between = (a: number, b: number) => lengthFigure(a + b, { mm: a }, 'left +', { mm: b }, 'right');
  const feetApart = between(footA.out, footB.out);
  const outer = (leg: Leg) => od / 2 / Math.cos(radians(leanOf(leg.floor, (four && leg.lean) || leg.corner)));
  const outsides = outer(legs.left) + outer(legs.right);
  const leanFigure = (below: LegPoint, above: LegPoint) =>
    angleFigure(
      leanOf(below, above),
      'atan( (',
      { mm: below.out },
      '−',
      { mm: above.out },
      ') /',
      { mm: above.up - below.up },
      ')',
    );
  const legLean = (side: CarSide, { floor, lean, corner }: Leg) => ({
    side,
    lower: leanFigure(floor, four && lean ? lean : corner),
    upper: four && lean ? leanFigure(lean, corner) : null,
  });
  const leans = [legLean('left', legs.left), legLean('right', legs.right)] as const;
  return {
    crownHeight: axis.crownHeight,
    totalHeight: lengthFigure(
      crown + od / 2,
      { mm: crown },
      "to the crown's axis +",
      { mm: od / 2 },
      'half the tube',
    ),
    benchHeight: benchHeight(crown, Math.min(footA.up, footB.up), tilt, od),
    feetApart,
    feetOutside: lengthFigure(
      feetApart.value + outsides,
      { mm: feetApart.value },
      'between axes +',
      { mm: outsides },
      'the tube, cut on the slant',
    ),
    cornersApart: between(legs.left.corner.out, legs.right.corner.out),
    legLeans: [...leans],
    bends: [
      ...(four ? [kneeBend(leans[0])] : []),
      crownBend(leans[0], crownSlope),
      ...(crownSlope > 0 ? [middleBend(crownSlope)] : []),
      crownBend(leans[1], crownSlope),
      ...(four ? [kneeBend(leans[1])] : []),
    ],
  };
}

function benchHeight(crown: number, footUp: number, tilt: number, od: number): Figure {
  const along = alongPlane(crown, tilt);
  return lengthFigure(
    along - footUp + od / 2,
    { mm: crown },
    '/ cos',
    { deg: tilt },
    '−',
    { mm: footUp },
    'to the foot +',
    { mm: od / 2 },
    'half the tube',
  );
}

type LegLean = HoopFigures['legLeans'][number];

/** A bend of the crown is what the leg below it lacks of a right angle, less the slope of a rolled crown. */
function crownBend({ side, lower, upper }: LegLean, slope: number): HoopFigures['bends'][number] {
  const lean = (upper ?? lower).value;
  const steps = [{ deg: 90 }, '−', { deg: lean }, "leg's lean"] as const;
  return {
    feature: `crown-${side}`,
    angle:
      slope === 0
        ? angleFigure(90 - lean, ...steps)
        : angleFigure(90 - lean - slope, ...steps, '−', { deg: slope }, "crown's slope"),
  };
}

/** The roller turns the crown from one slope to the other. */
const middleBend = (slope: number): HoopFigures['bends'][number] => ({
  feature: 'crown-middle',
  angle: angleFigure(2 * slope, { deg: slope }, 'left +', { deg: slope }, 'right'),
});

function kneeBend({ side, lower, upper }: LegLean): HoopFigures['bends'][number] {
  const above = (upper ?? lower).value;
  return {
    feature: `knee-${side}`,
    angle: angleFigure(above - lower.value, { deg: above }, 'above −', { deg: lower.value }, 'below'),
  };
}
