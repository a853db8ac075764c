import { fail, type Outcome, succeed, told } from '../../fault/index.ts';
import { radians } from '../../measure/index.ts';
import { type PartOf } from '../../plan/index.ts';
import { add, distance, scale, type Vec3 } from '../../space/index.ts';
import { sectionProperties, STEEL_DENSITY } from '../../tube/index.ts';
import { placeOf } from '../placing/place.ts';
import { type PartShape } from './partShape.ts';

/** The neutral line of a bent flat bar, as a share of its thickness from the inside; common practice for mild steel. */
const NEUTRAL = 0.44;

/** Eye to eye, less what the thread ends take. */
export function adjustableStrut(part: PartOf<'adjustable-strut'>): Outcome<PartShape> {
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
export function bracket(part: PartOf<'bracket'>): Outcome<PartShape> {
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
export function standAloneBar(part: PartOf<'stand-alone-bar'>): Outcome<PartShape> {
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
