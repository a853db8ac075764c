/** A point of a drawing, [x, y] in drawing units: x to the right, y down. */
export type Point = readonly [number, number];

/** What a line or a face is of; a theme gives it colour and width, on screen and on paper. */
export type Pen =
  | 'steel'
  | 'steel-edge'
  | 'picked'
  | 'label'
  | 'axis'
  | 'seam'
  | 'arc-zone'
  | 'clamp'
  | 'tangent'
  | 'mark'
  | 'scribed'
  | 'arrow'
  | 'centre'
  | 'body'
  | 'person'
  | 'seat'
  | 'window'
  | 'ghost'
  | 'keep-out'
  | 'dimension'
  | 'coming'
  | 'leader';

/** What a text says; a theme gives it face, weight and colour. */
export type Voice = 'figure' | 'bend' | 'label' | 'quiet';

/** One thing in a drawing. Coordinates and sizes in drawing units, y down. */
export type Shape =
  | { kind: 'line'; from: Point; to: Point; pen: Pen }
  | { kind: 'polyline'; points: Point[]; pen: Pen }
  /** A band along a line, `width` drawing units wide. */
  | { kind: 'stroke'; points: Point[]; width: number; pen: Pen }
  | { kind: 'polygon'; points: Point[]; pen: Pen; hatched?: boolean }
  | { kind: 'arrow'; from: Point; to: Point; pen: Pen; both?: boolean }
  | { kind: 'pointer'; tip: Point; size: number; pen: Pen }
  | { kind: 'text'; at: Point; text: string; size: number; anchor: 'start' | 'middle' | 'end'; voice: Voice };

/** A neutral drawing that writers turn into SVG and PDF. `title` says what it shows, for those who can't see it. */
export interface Drawing {
  width: number;
  height: number;
  title: string;
  shapes: Shape[];
}

/** Rough width of a text in the condensed face, in drawing units: enough to keep labels from overlapping. */
export const textWidth = (text: string, size: number): number => text.length * size * 0.42;

/** Corners of a rectangle, clockwise from the upper left. */
export const rectangle = (x: number, y: number, width: number, height: number): Point[] => [
  [x, y],
  [x + width, y],
  [x + width, y + height],
  [x, y + height],
];

/** A disc as a polygon. */
export const disc = ([x, y]: Point, radius: number, corners = 24): Point[] =>
  Array.from({ length: corners }, (_, i): Point => [
    x + radius * Math.cos((i * 2 * Math.PI) / corners),
    y + radius * Math.sin((i * 2 * Math.PI) / corners),
  ]);

/** Height of a stamp's letters. */
export const STAMP = 14;

/** A tube's stamp on a label of its own, legible over steel. */
export function stampLabel([x, y]: Point, stamp: string): Shape[] {
  const half = textWidth(stamp, STAMP) / 2 + 5;
  return [
    { kind: 'polygon', points: rectangle(x - half, y - STAMP / 2 - 3, 2 * half, STAMP + 6), pen: 'label' },
    { kind: 'text', at: [x, y + 5], text: stamp, size: STAMP, anchor: 'middle', voice: 'bend' },
  ];
}

/** Splits text at its fractions, `1/8`, which writers typeset as such. */
export function fractionRuns(text: string): { text: string; fraction: boolean }[] {
  return text
    .split(/(\d+\/\d+)/)
    .filter((run) => run !== '')
    .map((run) =>
      /^\d+\/\d+$/.test(run)
        ? { text: run.replace('/', '⁄'), fraction: true }
        : { text: run, fraction: false },
    );
}
