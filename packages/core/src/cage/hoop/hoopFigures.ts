import { itemAt } from '../../items/index.ts';
import { radians } from '../../measure/index.ts';
import { type CarSide } from '../../plan/index.ts';
import { alongPlane, angleFigure, type Figure, lengthFigure } from '../../survey/index.ts';
import { hoopFeatures } from './hoopFeatures.ts';
import { leanOf, type LegPoint } from './hoopShape.ts';

/** The figures of a hoop. mm and degrees. */
export interface HoopFigures {
  crownHeight: Figure;
  totalHeight: Figure;
  /** From the lower foot to the top along the hoop's plane: what a tape finds on the bench. */
  benchHeight: Figure;
  feetApart: Figure;
  feetOutside: Figure;
  cornersApart: Figure;
  /** From the foot up. */
  legLeans: { side: CarSide; leans: Figure[] }[];
  /** By the name of the PI. */
  bends: { feature: string; angle: Figure }[];
}

interface FiguredHoop {
  /** In the plane of the hoop; `out` counts outward on both sides. */
  feet: Record<CarSide, LegPoint>;
  crownHeight: Figure;
  /** From the floor, or the foot, up to the crown's corner. */
  legs: Record<CarSide, LegPoint[]>;
  od: number;
  tilt: number;
  /** Of a rolled crown where it leaves its corners; 0 for a level one. */
  crownSlope: number;
  /** Bends as they were taken off, A → B; null where they follow from the legs. Degrees */
  takenOff: number[] | null;
}

/** What is told of a hoop, each figure with how it came about. */
export function hoopFigures({
  feet,
  crownHeight,
  legs,
  od,
  tilt,
  crownSlope,
  takenOff,
}: FiguredHoop): HoopFigures {
  const crown = crownHeight.value;
  const between = (a: number, b: number) => lengthFigure(a + b, { mm: a }, 'left +', { mm: b }, 'right');
  const feetApart = between(feet.left.out, feet.right.out);
  const leans = { left: leansOf(legs.left), right: leansOf(legs.right) };
  const outside = (side: CarSide) => od / 2 / Math.cos(radians(itemAt(leans[side], 0).value));
  const outsides = outside('left') + outside('right');
  return {
    crownHeight,
    totalHeight: lengthFigure(
      crown + od / 2,
      { mm: crown },
      "to the crown's axis +",
      { mm: od / 2 },
      'half the tube',
    ),
    benchHeight: benchHeight(crown, Math.min(feet.left.up, feet.right.up), tilt, od),
    feetApart,
    feetOutside: lengthFigure(
      feetApart.value + outsides,
      { mm: feetApart.value },
      'between axes +',
      { mm: outsides },
      'the tube, cut on the slant',
    ),
    cornersApart: between(itemAt(legs.left, -1).out, itemAt(legs.right, -1).out),
    legLeans: [
      { side: 'left', leans: leans.left },
      { side: 'right', leans: leans.right },
    ],
    bends: takenOff ? takenOffBends(leans, takenOff) : bendsOf(leans, crownSlope),
  };
}

/** How the stretches of a leg lean in, from the foot up. */
const leansOf = (leg: LegPoint[]): Figure[] =>
  leg.slice(1).map((above, i) => {
    const below = itemAt(leg, i);
    return angleFigure(
      leanOf(below, above),
      'atan( (',
      { mm: below.out },
      '−',
      { mm: above.out },
      ') /',
      { mm: above.up - below.up },
      ')',
    );
  });

type Leans = Record<CarSide, Figure[]>;

/** The bends of a hoop by name, from foot to foot. */
function namesOf({ left, right }: Leans): string[] {
  const named = (side: CarSide, count: number) => hoopFeatures(count).map((feature) => `${feature}-${side}`);
  return [...named('left', left.length).reverse(), ...named('right', right.length)];
}

const takenOffBends = (leans: Leans, angles: number[]): HoopFigures['bends'] =>
  namesOf(leans).map((feature, i) => ({
    feature,
    angle: angleFigure(angles[i] ?? 0, { deg: angles[i] ?? 0 }, 'as it was taken off'),
  }));

function bendsOf(leans: Leans, crownSlope: number): HoopFigures['bends'] {
  const ofSide = (side: CarSide) => [
    crownBend(side, itemAt(leans[side], -1).value, crownSlope),
    ...kneeBends(side, leans[side]),
  ];
  return [
    ...ofSide('left').reverse(),
    ...(crownSlope > 0 ? [middleBend(crownSlope)] : []),
    ...ofSide('right'),
  ];
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

type HoopBend = HoopFigures['bends'][number];

/** A bend of the crown is what the leg below it lacks of a right angle, less the slope of a rolled crown. */
function crownBend(side: CarSide, lean: number, slope: number): HoopBend {
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
const middleBend = (slope: number): HoopBend => ({
  feature: 'crown-middle',
  angle: angleFigure(2 * slope, { deg: slope }, 'left +', { deg: slope }, 'right'),
});

/** The bends of a leg below its crown, from there down. leans: from the foot up. */
function kneeBends(side: CarSide, leans: Figure[]): HoopBend[] {
  const down = [...leans].reverse();
  return hoopFeatures(leans.length)
    .slice(1)
    .map((feature, i) => {
      const [above, below] = [itemAt(down, i).value, itemAt(down, i + 1).value];
      return {
        feature: `${feature}-${side}`,
        angle: angleFigure(above - below, { deg: above }, 'above −', { deg: below }, 'below'),
      };
    });
}
