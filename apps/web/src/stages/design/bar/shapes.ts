import { type BarShape, TOWARDS } from '@gyrus/core';
import { type RecordField } from '../../../job/fields/RecordFields.tsx';

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
