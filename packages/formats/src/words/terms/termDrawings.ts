import { type Drawing, type Point, type Shape } from '@gyrus/core';
import { type TermKey, TERMS } from './terms.ts';

const WIDTH = 160;
const HEIGHT = 100;
/** Tubes are as thick as this. */
const OD = 14;

const tube = (...points: Point[]): Shape[] => [
  { kind: 'stroke', points, width: OD + 2, pen: 'steel-edge' },
  { kind: 'stroke', points, width: OD, pen: 'steel' },
];
const ghost = (...points: Point[]): Shape => ({ kind: 'stroke', points, width: OD, pen: 'ghost' });
const line = (from: Point, to: Point): Shape => ({ kind: 'line', from, to, pen: 'scribed' });
const centre = (...points: Point[]): Shape => ({ kind: 'polyline', points, pen: 'centre' });
const from = (at: Point, to: Point): Shape => ({ kind: 'arrow', from: at, to, pen: 'dimension', both: true });
const floor: Shape = { kind: 'line', from: [8, 90], to: [152, 90], pen: 'body' };
const face = (points: Point[]): Shape => ({ kind: 'polygon', points, pen: 'picked' });
const text = (at: Point, words: string): Shape => ({
  kind: 'text',
  at,
  text: words,
  size: 15,
  anchor: 'middle',
  voice: 'figure',
});

/** Points of an arc about a centre, from one angle to another; degrees, 0 to the right, turning down. */
const arc = ([x, y]: Point, radius: number, start: number, end: number): Point[] =>
  Array.from({ length: 13 }, (_, i): Point => {
    const angle = ((start + ((end - start) * i) / 12) * Math.PI) / 180;
    return [x + radius * Math.cos(angle), y + radius * Math.sin(angle)];
  });

/** A tube that comes down, bends by a quarter and goes to the right. */
const BEND: Point[] = [[36, 8], [36, 40], ...arc([72, 40], 36, 180, 90), [72, 76], [150, 76]];
const HOOP: Point[] = [
  [36, 90],
  [44, 30],
  ...arc([62, 32], 18, 185, 270),
  [98, 14],
  ...arc([98, 32], 18, 270, 355),
  [124, 90],
];
/** The end of a tube from the left, hollowed to fit round another that is seen end on. */
const COPED: Point[] = [[8, 32], [104, 32], ...arc([126, 50], 28, 220, 140), [104, 68], [8, 68]];

const DRAWN: Record<TermKey, Shape[]> = {
  'main-hoop': [floor, ...tube(...HOOP)],
  backstay: [floor, ghost([54, 90], [62, 14]), ...tube([62, 18], [140, 88])],
  landing: [
    floor,
    ...tube([80, 8], [80, 84]),
    face([
      [56, 84],
      [104, 84],
      [104, 90],
      [56, 90],
    ]),
  ],
  plinth: [
    floor,
    ...tube([80, 8], [80, 56]),
    face([
      [54, 60],
      [106, 60],
      [112, 90],
      [48, 90],
    ]),
  ],
  node: [
    ...tube([10, 60], [150, 60]),
    ...tube([80, 60], [30, 8]),
    ...tube([80, 60], [130, 8]),
    centre([10, 60], [150, 60]),
    centre([30, 8], [80, 60], [130, 8]),
    { kind: 'pointer', tip: [80, 60], size: 9, pen: 'scribed' },
  ],
  'stands-on': [
    ...tube([80, 46], [80, 6]),
    ghost([8, 60], [152, 60]),
    { kind: 'arrow', from: [112, 16], to: [88, 46], pen: 'dimension' },
  ],
  axis: [...tube([10, 50], [150, 50]), centre([4, 50], [156, 50])],
  clearance: [
    {
      kind: 'polygon',
      points: [
        [120, 4],
        [152, 4],
        [152, 96],
        [120, 96],
      ],
      pen: 'body',
    },
    ...tube([76, 4], [76, 96]),
    from([84, 50], [120, 50]),
  ],
  verdict: [text([28, 56], '●'), text([64, 56], '◇'), text([100, 56], '⊟'), text([136, 56], '○')],
  radius: [...tube(...BEND), centre(...BEND), from([72, 40], [47, 65])],
  tangent: [...tube(...BEND), line([24, 40], [50, 40]), line([72, 64], [72, 90])],
  mark: [...tube([10, 50], [150, 50]), line([88, 38], [88, 62])],
  blank: [...tube([14, 50], [146, 50]), from([14, 74], [146, 74])],
  trim: [...tube([14, 50], [120, 50]), ghost([120, 50], [150, 50]), from([120, 74], [150, 74])],
  datum: [
    ...tube([14, 40], [146, 40]),
    line([80, 26], [80, 54]),
    from([80, 74], [120, 74]),
    from([80, 74], [40, 74]),
  ],
  springback: [
    ...tube([10, 76], [70, 76], [118, 14]),
    ghost([70, 76], [140, 30]),
    { kind: 'arrow', from: [122, 18], to: [142, 36], pen: 'dimension' },
  ],
  'test-bend': [...tube([10, 76], [70, 76], [118, 14]), text([76, 60], '90°')],
  clamp: [
    ...tube([10, 50], [150, 50]),
    {
      kind: 'polygon',
      points: [
        [20, 34],
        [70, 34],
        [70, 66],
        [20, 66],
      ],
      pen: 'clamp',
      hatched: true,
    },
  ],
  turn: [
    { kind: 'polygon', points: arc([80, 50], 28, 0, 360), pen: 'steel' },
    { kind: 'polyline', points: arc([80, 50], 40, -150, -30), pen: 'scribed' },
    { kind: 'arrow', from: [110, 24], to: [116, 32], pen: 'dimension' },
  ],
  cope: [
    { kind: 'polygon', points: COPED, pen: 'steel' },
    { kind: 'polygon', points: arc([126, 50], 26, 0, 360), pen: 'seat' },
  ],
  ear: [
    { kind: 'polygon', points: COPED, pen: 'steel' },
    { kind: 'arrow', from: [132, 10], to: [108, 30], pen: 'dimension' },
    { kind: 'arrow', from: [132, 90], to: [108, 70], pen: 'dimension' },
  ],
  throat: [
    { kind: 'polygon', points: COPED, pen: 'steel' },
    { kind: 'arrow', from: [148, 50], to: [101, 50], pen: 'dimension' },
  ],
  'face-line': [...tube([10, 50], [150, 50]), line([10, 46], [150, 46])],
  'take-off': [ghost(...BEND), from([18, 8], [18, 40]), from([80, 92], [150, 92])],
  gusset: [
    face([
      [40, 20],
      [100, 76],
      [40, 76],
    ]),
    ...tube([36, 4], [36, 76], [150, 76]),
  ],
  window: [
    {
      kind: 'polygon',
      points: [
        [20, 30],
        [150, 30],
        [140, 76],
      ],
      pen: 'window',
    },
    line([20, 30], [144, 52]),
  ],
  slot: [
    {
      kind: 'polygon',
      points: [
        [60, 8],
        [92, 8],
        [70, 92],
        [38, 92],
      ],
      pen: 'seat',
    },
    {
      kind: 'polygon',
      points: [
        [72, 30],
        [84, 30],
        [82, 38],
        [70, 38],
      ],
      pen: 'mark',
    },
    line([78, 34], [150, 44]),
  ],
};

/** The small drawing of a word. */
export const termDrawing = (key: TermKey): Drawing => ({
  width: WIDTH,
  height: HEIGHT,
  title: TERMS[key].name,
  shapes: DRAWN[key],
});
