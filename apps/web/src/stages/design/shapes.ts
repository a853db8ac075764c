import { type Angle, assumed, type BarShape, TOWARDS, type Vec3, wholeMillimetres } from '@gyrus/core';
import { type RecordField } from '../../job/RecordFields.tsx';

const deg = (value: number): Angle => ({ deg: value, typed: `${value}°` });

export const SHAPES: { value: BarShape['kind']; text: string }[] = [
  { value: 'through', text: 'straight, or through measured points' },
  { value: 'bow', text: 'bowed or cranked' },
  { value: 'offset', text: 'with an offset' },
  { value: 'stand-off', text: 'standing off on its own legs' },
  { value: 'arc', text: 'rolled: one arc by chord and rise' },
  { value: 'stations', text: 'rolled: offsets from a straight edge' },
  { value: 'take-off', text: 'a take-off: straights and angles' },
];

const towards: RecordField = {
  type: 'choice',
  at: 'towards',
  label: 'toward',
  options: TOWARDS.map((one) => ({ value: one, text: one })),
};

/** The fields of a shape that are single figures; lists have editors of their own. */
export const SHAPE_FIELDS: Record<BarShape['kind'], readonly RecordField[]> = {
  through: [],
  bow: [
    towards,
    { type: 'length', at: 'rise', label: 'rise (or the slope)', optional: true },
    { type: 'angle', at: 'angle', label: 'slope of its ends', optional: true, above: 0, least: 0.1 },
    { type: 'length', at: 'flat', label: 'straight in the middle', least: 0 },
  ],
  offset: [
    towards,
    { type: 'length', at: 'offset', label: 'offset', least: 0 },
    { type: 'length', at: 'flat', label: 'width of the offset', least: 0 },
    { type: 'length', at: 'centre', label: 'its middle, toward end B' },
    { type: 'angle', at: 'angle', label: 'angle (solved if empty)', optional: true, least: 1 },
  ],
  'stand-off': [towards, { type: 'length', at: 'offset', label: 'length of its legs', least: 0 }],
  arc: [
    towards,
    { type: 'length', at: 'rise', label: 'rise of its middle', above: 0 },
    { type: 'length', at: 'lead', label: 'straight at each end', least: 0 },
  ],
  stations: [towards, { type: 'length', at: 'tolerance', label: 'may miss a station by', above: 0 }],
  'take-off': [
    { type: 'place', at: 'aim', label: 'its first straight points at' },
    { type: 'angle', at: 'roll', label: 'first bend turns (0 is up)' },
    { type: 'length', at: 'tail', label: 'last straight', least: 0 },
  ],
};

/** A shape to start from between two ends, so that the picture shows something at once. */
export function freshShape(kind: BarShape['kind'], a: Vec3, b: Vec3): BarShape {
  const chord = Math.hypot(b[0] - a[0], b[1] - a[1], b[2] - a[2]);
  const aside = Math.abs(b[1] - a[1]) > Math.abs(b[0] - a[0]) ? 'rear' : 'out';
  switch (kind) {
    case 'through':
      return { kind, via: [] };
    case 'bow':
      return {
        kind,
        towards: aside,
        rise: wholeMillimetres(chord * 0.08),
        angle: null,
        flat: wholeMillimetres(chord * 0.3),
      };
    case 'offset':
      return {
        kind,
        towards: aside,
        offset: wholeMillimetres(100),
        flat: wholeMillimetres(chord * 0.2),
        centre: wholeMillimetres(0),
        angle: null,
      };
    case 'stand-off':
      return { kind, towards: aside, offset: wholeMillimetres(200) };
    case 'arc':
      return { kind, towards: aside, rise: wholeMillimetres(chord * 0.05), lead: wholeMillimetres(0) };
    case 'stations':
      return {
        kind,
        towards: aside,
        stations: assumed([
          { along: wholeMillimetres(chord * 0.25), offset: wholeMillimetres(chord * 0.03) },
          { along: wholeMillimetres(chord * 0.5), offset: wholeMillimetres(chord * 0.04) },
          { along: wholeMillimetres(chord * 0.75), offset: wholeMillimetres(chord * 0.03) },
        ]),
        tolerance: wholeMillimetres(3),
      };
    case 'take-off':
      return assumed({
        kind,
        aim: [wholeMillimetres(b[0]), wholeMillimetres(b[1]), wholeMillimetres(b[2])],
        roll: deg(0),
        rows: [{ straight: wholeMillimetres(chord / 2), rotation: deg(0), angle: deg(30) }],
        tail: wholeMillimetres(chord / 2),
      });
  }
}
