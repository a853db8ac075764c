import { type CutLengths, type EndCut } from '../cage/index.ts';
import { formatWithUnit, type LengthStyle, radians } from '../measure/index.ts';
import { type Drawing, type Point, type Shape } from './drawing.ts';

const SIDE = 46;
const MIDDLE = 62;
/** Width of the tube on paper, drawing units: the ends are drawn in its proportion, the length between them is broken. */
const TUBE = 56;
const ROW = 30;

interface CopedTubeOptions {
  width: number;
  style: LengthStyle;
  od: number;
}

/**
 * A tube with its two cut ends as they lie when end A's face line is up, broken in the middle, and its length three ways. What
 * the tape finds, ear to ear, is drawn as the bold one.
 */
export function copedTube(
  ends: [a: EndCut, b: EndCut],
  lengths: CutLengths,
  { width, style, od }: CopedTubeOptions,
): Drawing {
  const scale = TUBE / od;
  const [a, b] = ends;
  // Setbacks run into the tube from either end: the nodes stand so far apart that the ears fit between the margins.
  const nodeA = SIDE + Math.max(0, -a.ear * scale);
  const nodeB = width - SIDE - Math.max(0, -b.ear * scale);
  const intoA = (setback: number) => nodeA + setback * scale;
  const intoB = (setback: number) => nodeB - setback * scale;
  const turn = lengths.clocking ?? 0;
  const left = silhouette(a, od, 0).map(({ setback, up }): Point => [intoA(setback), MIDDLE - up * scale]);
  const right = silhouette(b, od, -turn).map(({ setback, up }): Point => [
    intoB(setback),
    MIDDLE - up * scale,
  ]);
  const rows = [
    {
      name: lengths.bent ? 'ear to ear along the axis, as it is cut' : 'ear to ear, what the tape finds',
      from: intoA(a.ear),
      to: intoB(b.ear),
      mm: lengths.ears,
      bold: true,
    },
    {
      name: 'throat to throat',
      from: intoA(a.throat),
      to: intoB(b.throat),
      mm: lengths.throats,
      bold: false,
    },
    { name: 'node to node, on the axis', from: nodeA, to: nodeB, mm: lengths.axis, bold: false },
  ];
  const top = MIDDLE + TUBE / 2 + 26;
  return {
    width,
    height: top + rows.length * ROW,
    title: `${a.stamp} with both ends cut: ${rows.map(({ name, mm }) => `${name} ${formatWithUnit(mm, style)}`).join('; ')}`,
    shapes: [
      ...tubeShapes(left, right, width / 2),
      { kind: 'line', from: [SIDE - 20, MIDDLE], to: [width - SIDE + 20, MIDDLE], pen: 'axis' },
      { kind: 'text', at: [8, MIDDLE + 7], text: 'A', size: 20, anchor: 'start', voice: 'bend' },
      { kind: 'text', at: [width - 8, MIDDLE + 7], text: 'B', size: 20, anchor: 'end', voice: 'bend' },
      ...rows.flatMap(({ name, from, to, mm, bold }, i) =>
        lengthRow(from, to, top + i * ROW, `${name}: ${formatWithUnit(mm, style)}`, bold),
      ),
    ],
  };
}

/** The edge of a cut end from its top to its bottom, as seen when a line `turned` degrees from its face line is up. */
function silhouette({ outer }: EndCut, od: number, turned: number): { setback: number; up: number }[] {
  if (outer.length === 0)
    return [
      { setback: 0, up: od / 2 },
      { setback: 0, up: -od / 2 },
    ];
  const steps = outer.length;
  const half = Math.floor(steps / 2);
  const offset = Math.round((turned * steps) / 360);
  return Array.from({ length: half + 1 }, (_, i) => {
    const setback = outer[(((i + offset) % steps) + steps) % steps] ?? 0;
    return { setback, up: (od / 2) * Math.cos(radians((360 * i) / steps)) };
  });
}

/** Both halves of the tube with the break between them. */
function tubeShapes(left: Point[], right: Point[], middle: number): Shape[] {
  const [top, bottom] = [MIDDLE - TUBE / 2, MIDDLE + TUBE / 2];
  const broken = (x: number): Point[] => [
    [x, bottom],
    [x + 8, MIDDLE + TUBE / 6],
    [x - 8, MIDDLE - TUBE / 6],
    [x, top],
  ];
  return [
    { kind: 'polygon', points: [...left, ...broken(middle - 10)], pen: 'steel' },
    { kind: 'polygon', points: [...right, ...broken(middle + 10)], pen: 'steel' },
    { kind: 'polyline', points: left, pen: 'mark' },
    { kind: 'polyline', points: right, pen: 'mark' },
  ];
}

function lengthRow(from: number, to: number, y: number, text: string, bold: boolean): Shape[] {
  return [
    { kind: 'line', from: [from, MIDDLE], to: [from, y], pen: 'leader' },
    { kind: 'line', from: [to, MIDDLE], to: [to, y], pen: 'leader' },
    { kind: 'arrow', from: [from, y], to: [to, y], pen: 'dimension', both: true },
    {
      kind: 'text',
      at: [(from + to) / 2, y - 6],
      text,
      size: bold ? 17 : 15,
      anchor: 'middle',
      voice: bold ? 'figure' : 'label',
    },
  ];
}
