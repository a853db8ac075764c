import { type BarShape, type ChordShape, TOWARDS } from '@gyrus/core';
import { fieldsOf, type RecordField } from '../../../job/fields/recordField.ts';

/** The kinds of shapes, as they are offered. */
export const SHAPES: { value: ChordShape['kind']; text: string }[] = [
  { value: 'through', text: 'straight, or through measured points' },
  { value: 'bow', text: 'bowed or cranked' },
  { value: 'offset', text: 'with an offset' },
  { value: 'stand-off', text: 'standing off on its own legs' },
  { value: 'arc', text: 'rolled: one arc by chord and rise' },
  { value: 'stations', text: 'rolled: offsets from a straight edge' },
  { value: 'take-off', text: 'a take-off: straights and angles' },
];

const { angle, choice, extent, length, place, size } = fieldsOf<BarShape>();

const towards = choice(
  'towards',
  'toward',
  TOWARDS.map((one) => [one, one]),
);

/** The fields of a shape that are single figures; lists have editors of their own. */
export const SHAPE_FIELDS: Record<ChordShape['kind'], readonly RecordField<BarShape>[]> = {
  through: [],
  bow: [
    towards,
    length('rise', 'rise (or the slope)', { optional: true }),
    angle('angle', 'slope of its ends', { optional: true, least: 0.1, most: 85 }),
    extent('flat', 'straight in the middle'),
  ],
  offset: [
    towards,
    extent('offset', 'offset'),
    extent('flat', 'width of the offset'),
    length('centre', 'its middle, toward end B'),
    angle('angle', 'angle (solved if empty)', { optional: true, least: 1, most: 90 }),
  ],
  'stand-off': [towards, extent('offset', 'length of its legs')],
  arc: [towards, size('rise', 'rise of its middle'), extent('lead', 'straight at each end')],
  stations: [towards, size('tolerance', 'may miss a station by')],
  'take-off': [
    place('aim', 'its first straight points at'),
    angle('roll', 'first bend turns (0 is up)', { least: -180, most: 180 }),
    extent('tail', 'last straight'),
  ],
};
