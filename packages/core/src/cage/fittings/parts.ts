import { lengthOf, pointAt } from '../../centreline/index.ts';
import { andThen, fail, type Outcome, succeed, told } from '../../fault/index.ts';
import { radians } from '../../measure/index.ts';
import { type Part, type PartOf, type Plan } from '../../plan/index.ts';
import { add, distance, scale, type Vec3 } from '../../space/index.ts';
import { sectionProperties, STEEL_DENSITY } from '../../tube/index.ts';
import { rowOf, type StandingTube } from '../placing/attach.ts';
import { placeOf } from '../placing/place.ts';
import { placeAlong, type Row, type RowPlace, stationOnRow } from '../placing/row.ts';

/** A figure of a part, by its name. */
export interface PartFigure {
  name:
    | 'sleeve-od'
    | 'sleeve-length'
    | 'rosette-from-joint'
    | 'first-guide'
    | 'second-guide'
    | 'gap'
    | 'from-end-a'
    | 'eye-to-eye'
    | 'tube-length'
    | 'flat-length'
    | 'between-bend-starts'
    | 'depth'
    | 'drop';
  mm: number;
}

/** A part with its place and its figures. mm, kg */
export interface PartAnswer {
  part: string;
  stamp: string;
  kind: Part['kind'];
  /** The stamp of the tube it is on. */
  on: string | null;
  answer: Outcome<PartShape>;
}

/** A part in its place, with what is to be made of it. Car's frame, mm, kg */
export interface PartShape {
  at: Vec3;
  figures: PartFigure[];
  /** Ends and corners of a part that is a tube; where guides sit. Car's frame. */
  points: Vec3[];
  mass: number;
}

/** Clearance of an inner sleeve in the bore, so that it slides. mm on the diameter, common practice */
const SLEEVE_CLEARANCE = 0.5;
/** The neutral line of a bent flat bar, as a share of its thickness from the inside; common practice for mild steel. */
const NEUTRAL = 0.44;

/** Every part of the plan, or why it has no place. */
export const partsOf = (plan: Plan, standing: StandingTube[]): PartAnswer[] =>
  plan.parts.map((part) => {
    const placed = 'on' in part ? placedOn(part, standing) : null;
    return {
      part: part.id,
      stamp: part.stamp,
      kind: part.kind,
      on: placed?.ok ? placed.value.place.tube.stamp : null,
      answer: placed ? andThen(placed, (on) => onTube(part as OnTube, on)) : inTheCar(part),
    };
  });

type OnTube = PartOf<'splice' | 'bolted-joint' | 'belt-guide' | 'tie'>;

/** Where on its bar a part is: the bar's tubes, and the one of them that has the place. */
interface Placed {
  row: Row;
  place: RowPlace;
}

const placedOn = ({ on, station }: OnTube, standing: StandingTube[]): Outcome<Placed> =>
  andThen(rowOf(on, standing), ({ row }) =>
    andThen(stationOnRow(row, station), (place) => succeed({ row, place })),
  );

function inTheCar(part: Part): Outcome<PartShape> {
  switch (part.kind) {
    case 'bracket':
      return bracket(part);
    case 'adjustable-strut':
      return adjustableStrut(part);
    case 'stand-alone-bar':
      return standAloneBar(part);
    default:
      return fail('not-standing', '', 'it is on no tube');
  }
}

function onTube(part: OnTube, placed: Placed): Outcome<PartShape> {
  const { tube, along, point: at } = placed.place;
  const place = { name: 'from-end-a' as const, mm: along };
  switch (part.kind) {
    case 'splice':
      return splice(part, placed, place);
    case 'bolted-joint':
      return succeed({ at, figures: [place], points: [], mass: 0 });
    case 'tie':
      return succeed({ at, figures: [place, { name: 'gap', mm: part.gap.mm }], points: [], mass: 0 });
    case 'belt-guide': {
      const [first, second] = [-1, 1].map((sign) => alongFrom(placed, (sign * part.apart.mm) / 2));
      if (!first || !second)
        return fail('off-the-tube', '', `its guides lie beyond an end of ${tube.stamp}: move them in`);
      if (first.tube !== second.tube)
        return fail(
          'guides-apart',
          '',
          `what splits the bar stands between its guides, on ${first.tube.stamp} and ${second.tube.stamp}: move them to one side of it`,
        );
      return succeed({
        at,
        figures: [
          { name: 'first-guide', mm: first.along },
          { name: 'second-guide', mm: second.along },
        ],
        points: [first.point, second.point],
        mass: 0,
      });
    }
  }
}

/** The place so much farther along the whole bar; null beyond its ends. */
function alongFrom({ row, place }: Placed, by: number): RowPlace | null {
  const before = row.slice(0, row.indexOf(place.tube)).reduce((sum, { axis }) => sum + lengthOf(axis), 0);
  return placeAlong(row, before + place.along + by);
}

function splice(part: PartOf<'splice'>, placed: Placed, place: PartFigure): Outcome<PartShape> {
  const { tube, point: at } = placed.place;
  const od = tube.od - 2 * tube.wall - SLEEVE_CLEARANCE;
  if (part.sleeveWall.mm >= od / 2)
    return fail(
      'sleeve-too-thick',
      '',
      told`the sleeve is ${{ mm: od, fine: true }} outside: its wall must be less than half of that`,
    );
  const length = part.sleeve.mm;
  return succeed({
    at,
    figures: [
      place,
      { name: 'sleeve-od', mm: od },
      { name: 'sleeve-length', mm: length },
      { name: 'rosette-from-joint', mm: length / 4 },
    ],
    points: [-1, 1]
      .map((sign) => pointAt(tube.axis, place.mm + (sign * length) / 2))
      .filter((one) => one !== null),
    mass: (sectionProperties({ od, wall: part.sleeveWall.mm }).massPerLength * length) / 1000,
  });
}

/** Eye to eye, less what the thread ends take. */
function adjustableStrut(part: PartOf<'adjustable-strut'>): Outcome<PartShape> {
  const [from, to] = [placeOf(part.from), placeOf(part.to)];
  const eyes = distance(from, to);
  const tube = eyes - part.takeOff[0].mm - part.takeOff[1].mm;
  if (tube <= 0)
    return fail(
      'strut-too-short',
      '',
      told`the eyes are ${{ mm: eyes }} apart and the ends take all of it: move them apart, or take shorter ends`,
    );
  return succeed({
    at: from,
    figures: [
      { name: 'eye-to-eye', mm: eyes },
      { name: 'tube-length', mm: tube },
    ],
    points: [from, to],
    mass: (sectionProperties({ od: part.od.mm, wall: part.wall.mm }).massPerLength * tube) / 1000,
  });
}

/**
 * Length of the flat bar before bending: the straights are outside to outside, so each bend takes two outside setbacks off and
 * gives its arc at the neutral line back.
 */
function bracket(part: PartOf<'bracket'>): Outcome<PartShape> {
  if (part.angles.length !== part.straights.length - 1)
    return fail(
      'bracket',
      '',
      `a bracket of ${part.straights.length} straights has ${part.straights.length - 1} bends between them: give one angle for each`,
    );
  const [thickness, radius] = [part.thickness.mm, part.insideRadius.mm];
  const deduction = part.angles.reduce((sum, { deg }) => {
    const setback = (radius + thickness) * Math.tan(radians(deg) / 2);
    return sum + 2 * setback - radians(deg) * (radius + NEUTRAL * thickness);
  }, 0);
  const flat = part.straights.reduce((sum, one) => sum + one.mm, -deduction);
  const outside = part.holes.find((hole) => hole.from.mm + hole.diameter.mm / 2 > flat);
  if (flat <= 0 || outside)
    return fail(
      'bracket',
      '',
      told`the flat bar is ${{ mm: flat }} long: a hole or a bend lies beyond its end`,
    );
  return succeed({
    at: placeOf(part.at),
    figures: [{ name: 'flat-length', mm: flat }],
    points: [],
    mass: flat * part.width.mm * thickness * STEEL_DENSITY * 1e-9,
  });
}

/**
 * A bar bent twice between two plates: across the car, straight in the middle from bend start to bend start, its ends leaning
 * back to the plates. `toBend` and `between` are across the car.
 */
function standAloneBar(part: PartOf<'stand-alone-bar'>): Outcome<PartShape> {
  const turn = radians(part.angle.deg);
  const straight = part.between.mm - 2 * part.toBend.mm;
  const end = (part.toBend.mm - part.clr.mm * Math.sin(turn)) / Math.cos(turn);
  if (part.angle.deg >= 89 || straight < 0 || end < 0)
    return fail(
      'bar-does-not-fit',
      '',
      told`two bends of ${part.angle.deg}° and ${{ mm: part.clr.mm }} radius take ${{ mm: part.clr.mm * Math.sin(turn) }} from plate to bend start: give more, or bend less`,
    );
  const depth = part.clr.mm * (1 - Math.cos(turn)) + end * Math.sin(turn);
  const lean = radians(part.tilt.deg);
  // The plates stand below and, with the tilt, ahead of the middle of the bar.
  const down: Vec3 = [Math.sin(lean), 0, -Math.cos(lean)];
  const at = placeOf(part.at);
  const corner = straight / 2 + part.clr.mm * Math.tan(turn / 2);
  const place = (left: number, deep: number) => add(add(at, [0, left, 0]), scale(down, deep));
  const developed = straight + 2 * (part.clr.mm * turn + end);
  return succeed({
    at,
    figures: [
      { name: 'between-bend-starts', mm: straight },
      { name: 'tube-length', mm: developed },
      { name: 'depth', mm: depth },
      { name: 'drop', mm: depth * Math.cos(lean) },
    ],
    points: [
      place(part.between.mm / 2, depth),
      place(corner, 0),
      place(-corner, 0),
      place(-part.between.mm / 2, depth),
    ],
    mass: (sectionProperties({ od: part.od.mm, wall: part.wall.mm }).massPerLength * developed) / 1000,
  });
}
