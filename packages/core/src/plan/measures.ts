import { keysOf } from '../items/index.ts';
import { type CarSide } from './members/attachment.ts';

/** What a survey measure is: its kind, which side it belongs to, and whether a hoop can do without it. */
export interface MeasureMeaning {
  kind: 'length' | 'angle';
  side: CarSide | null;
  needed: boolean;
  label: string;
  /** What to measure and from where, as the screen tells it. */
  how: string;
}

const sided = <K extends MeasureMeaning['kind']>(
  side: CarSide,
  kind: K,
  needed: boolean,
  label: string,
  how: string,
) => ({
  kind,
  side,
  needed,
  label: `${label}, ${side}`,
  how: how.replaceAll('{side}', side),
});
const middle = <K extends MeasureMeaning['kind']>(kind: K, needed: boolean, label: string, how: string) => ({
  kind,
  side: null,
  needed,
  label,
  how,
});

const FLOOR =
  "From the centre line to the inside of the {side} body side, level with the floor, in the hoop's plane.";
const LEAN =
  'From the centre line to the inside of the {side} side, at the height where it starts to lean in.';
const ROOF =
  "From the centre line to the inside of the {side} roof rail, at the height of the crown's axis, in the hoop's plane.";
const CORNER = 'Straight up from the floor to the headliner above the {side} corner of the hoop.';
const WALL =
  'Lay a protractor on the {side} wall where it leans and read it from vertical. It is a check on the widths.';
const SLOPE = 'Slope of the floor across the car under the {side} foot: positive when it rises outward.';
const LANDING = 'Height of what the {side} foot stands on, above the floor that heights are taken from.';
const DOOR =
  'From the centre line to the inside of the {side} door, trim off or as it stays, at the height of the door bars.';

/** The known measures of the main hoop's section, in the order in which they are taken. */
export const MEASURES = {
  halfWidthFloorLeft: sided('left', 'length', true, 'half width at the floor', FLOOR),
  halfWidthFloorRight: sided('right', 'length', true, 'half width at the floor', FLOOR),
  leanHeight: middle(
    'length',
    false,
    'height where the side starts to lean',
    'Straight up from the floor to where the body side turns inward. Leave it empty where the wall is straight.',
  ),
  halfWidthLeanLeft: sided('left', 'length', false, 'half width where it leans', LEAN),
  halfWidthLeanRight: sided('right', 'length', false, 'half width where it leans', LEAN),
  halfWidthRoofLeft: sided('left', 'length', true, 'half width at the roof rail', ROOF),
  halfWidthRoofRight: sided('right', 'length', true, 'half width at the roof rail', ROOF),
  headlinerCentre: middle(
    'length',
    true,
    'headliner at the centre',
    'Straight up from the floor to the headliner, on the centre line, where the hoop will stand.',
  ),
  headlinerCornerLeft: sided('left', 'length', false, 'headliner at the corner', CORNER),
  headlinerCornerRight: sided('right', 'length', false, 'headliner at the corner', CORNER),
  pillarTilt: middle(
    'angle',
    false,
    'tilt of the pillar',
    'Tilt of the B-pillar line from vertical, seen from the side: positive when its top is to the rear.',
  ),
  wallLeanLeft: sided('left', 'angle', false, "wall's lean by protractor", WALL),
  wallLeanRight: sided('right', 'angle', false, "wall's lean by protractor", WALL),
  floorSlopeLeft: sided('left', 'angle', false, 'slope of the floor', SLOPE),
  floorSlopeRight: sided('right', 'angle', false, 'slope of the floor', SLOPE),
  landingLeft: sided('left', 'length', false, 'height of the landing', LANDING),
  landingRight: sided('right', 'length', false, 'height of the landing', LANDING),
  doorSkinLeft: sided('left', 'length', false, 'half width at the door skin', DOOR),
  doorSkinRight: sided('right', 'length', false, 'half width at the door skin', DOOR),
  doorSill: middle(
    'length',
    false,
    'sill of the door opening',
    'Straight up from the floor to the lower edge of the door opening. Some books limit door bars by the opening.',
  ),
  doorTop: middle(
    'length',
    false,
    'top of the door opening',
    'Straight up from the floor to the upper edge of the door opening.',
  ),
} as const satisfies Record<string, MeasureMeaning>;

/** A measure of the car. */
export type MeasureKey = keyof typeof MEASURES;
/** All measures, in the order in which they are asked for. */
export const MEASURE_KEYS = keysOf(MEASURES);

type KeysOfKind<K extends MeasureMeaning['kind']> = {
  [Key in MeasureKey]: (typeof MEASURES)[Key]['kind'] extends K ? Key : never;
}[MeasureKey];
/** A measure that is a length. */
export type LengthKey = KeysOfKind<'length'>;
/** A measure that is an angle. */
export type AngleKey = KeysOfKind<'angle'>;

/** Whether a measure is an angle. */
export const isAngleKey = (key: MeasureKey): key is AngleKey => MEASURES[key].kind === 'angle';

/** A measure of half of the car's width. */
export const isHalfWidth = (key: MeasureKey): boolean =>
  key.startsWith('halfWidth') || key.startsWith('doorSkin');

/** The same measure on the other side; null for one that has no side. */
export function otherSideOf(key: MeasureKey): MeasureKey | null {
  const { side } = MEASURES[key];
  if (side === null) return null;
  const other = side === 'left' ? key.replace(/Left$/, 'Right') : key.replace(/Right$/, 'Left');
  return MEASURE_KEYS.find((one) => one === other) ?? null;
}

/**
 * Between what a measure of a car mostly is, in mm; one outside is asked back where it is typed. Common practice: small cars to vans, and no
 * half of a width as large as a small car's whole one.
 */
export function usualMeasure(key: LengthKey): readonly [low: number, high: number] {
  if (isHalfWidth(key)) return [300, 900];
  if (key.startsWith('headliner') || key === 'doorTop') return [600, 2000];
  return [0, 1500];
}
