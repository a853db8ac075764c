import { type Part } from '@gyrus/core';
import { featureName } from '@gyrus/formats';
import { fieldsOf, type RecordField } from '../../../job/fields/recordField.ts';

const { angle, choice, count, extent, length, place, size, text, tube } = fieldsOf<Part>();

type Kind = Part['kind'];
type Bracket = Extract<Part, { kind: 'bracket' }>;

/** What a part is called. */
export const PART_WORDS: Record<Kind, string> = {
  splice: 'splice',
  'bolted-joint': 'bolted joint',
  'belt-guide': 'belt guides',
  tie: 'tie to the body',
  bracket: 'bracket',
  'adjustable-strut': 'adjustable strut',
  'bar-panel': 'panel between bars',
  'stand-alone-bar': 'bar without a cage',
};

/** The fields of a part. features: the ends and bends of the tube that it is on. */
export const partFields = (part: Part, features: readonly string[]): RecordField<Part>[] => [
  text('stamp', 'stamp'),
  ...('on' in part ? onFields(features) : []),
  ...(part.kind === 'bracket'
    ? bracketFields(part)
    : part.kind === 'bar-panel'
      ? panelFields(part)
      : FIELDS[part.kind]),
];

/** Which tube, and where on it: at one of the ends and bends that the tube has. */
const onFields = (features: readonly string[]): RecordField<Part>[] => [
  tube('on', 'on'),
  choice(
    'station.feature',
    'from',
    features.map((feature) => [feature, featureName(feature)]),
  ),
  length('station.along', 'along it'),
];

const FIELDS: Record<Exclude<Kind, 'bracket' | 'bar-panel'>, readonly RecordField<Part>[]> = {
  splice: [
    size('sleeve', 'length of the sleeve'),
    size('sleeveWall', 'wall of the sleeve'),
    count('rosettes', 'rosettes', 0, 24),
    extent('gap', 'gap at the root'),
  ],
  'bolted-joint': [
    choice('style', 'style', [
      ['flange', 'flange'],
      ['sleeve', 'sleeve'],
      ['clamp', 'clamp'],
    ]),
    count('bolts', 'bolts', 1, 12),
    size('size', 'diameter'),
  ],
  'belt-guide': [
    choice('style', 'style', [
      ['guide', 'guides round the bar'],
      ['tab', 'tabs'],
    ]),
    size('apart', 'apart'),
  ],
  tie: [
    choice('style', 'style', [
      ['stitch', 'stitch weld'],
      ['plate', 'plate'],
    ]),
    extent('gap', 'gap to bridge'),
    size('length', 'length'),
  ],
  'adjustable-strut': [
    size('od', 'outside diameter'),
    size('wall', 'wall'),
    place('from', 'one eye'),
    place('to', 'the other eye'),
    extent('takeOff.0', 'first end takes'),
    extent('takeOff.1', 'second end takes'),
  ],
  'stand-alone-bar': [
    place('at', 'middle of the bar'),
    size('between', 'between the plates'),
    size('toBend', 'plate to bend start'),
    size('clr', 'radius of the die'),
    angle('angle', 'bends', { least: 1, most: 120 }),
    angle('tilt', 'tilt to the rear', { least: -90, most: 90 }),
    size('od', 'outside diameter'),
    size('wall', 'wall'),
  ],
};

const panelFields = ({ bars }: Extract<Part, { kind: 'bar-panel' }>): RecordField<Part>[] => [
  ...bars.map((_, i) => tube(`bars.${i}`, `bar ${i + 1} round it`)),
  choice('sits', 'the sheet lies', [
    ['between', 'between the bars'],
    ['on', 'on the bars'],
  ]),
  extent('gap', 'gap to the bars'),
  size('thickness', 'thickness'),
  count('tabs.each', 'tabs on each bar', 0, 12),
  extent('tabs.reach', 'hole inside the edge'),
  size('tabs.hole', 'hole'),
];

const bracketFields = ({ straights, angles, holes }: Bracket): RecordField<Part>[] => [
  place('at', 'its bolt'),
  size('width', 'width of the bar'),
  size('thickness', 'thickness'),
  extent('insideRadius', 'inside radius'),
  extent('spacer', 'spacer'),
  ...straights.map((_, i) => size(`straights.${i}`, `straight ${i + 1}, outside`)),
  ...angles.map((_, i) => angle(`angles.${i}`, `bend ${i + 1}`, { least: 1, most: 179 })),
  ...holes.flatMap((_, i) => [
    size(`holes.${i}.from`, `hole ${i + 1} from the end`),
    size(`holes.${i}.diameter`, `hole ${i + 1} diameter`),
  ]),
  choice('canTighten', 'bolt with the trim in place', [
    [null, 'not looked at'],
    [true, 'can be tightened'],
    [false, 'cannot be reached'],
  ]),
];
