import { type Drawing, fractionRuns, type Point, type Shape } from '@gyrus/core';
import { type Stroke, type Theme } from './theme.ts';

/** An SVG element without a writer's opinion: a string is made of it for files, React elements for the screen. */
export interface SvgNode {
  tag: string;
  attributes: Record<string, string | number>;
  children: (SvgNode | string)[];
}

const node = (
  tag: string,
  attributes: SvgNode['attributes'],
  children: SvgNode['children'] = [],
): SvgNode => ({
  tag,
  attributes,
  children,
});

/** The drawing as an SVG tree. Sizes in drawing units; the title is its accessible name. */
export const svgTree = (drawing: Drawing, theme: Theme): SvgNode =>
  node(
    'svg',
    {
      xmlns: 'http://www.w3.org/2000/svg',
      viewBox: `0 0 ${round(drawing.width)} ${round(drawing.height)}`,
      role: 'img',
      'aria-label': drawing.title,
    },
    drawing.shapes.flatMap((shape) => nodesOf(shape, theme)),
  );

function nodesOf(shape: Shape, theme: Theme): SvgNode[] {
  switch (shape.kind) {
    case 'line':
      return [node('path', { d: pathOf([shape.from, shape.to]), ...lineStyle(theme.pens[shape.pen]) })];
    case 'polyline':
      return [node('path', { d: pathOf(shape.points), ...lineStyle(theme.pens[shape.pen]) })];
    case 'stroke':
      return [
        node('path', {
          d: pathOf(shape.points),
          fill: 'none',
          stroke: theme.pens[shape.pen].fill,
          'stroke-width': round(shape.width),
          'stroke-linejoin': 'round',
        }),
      ];
    case 'polygon':
      return polygon(shape, theme.pens[shape.pen]);
    case 'arrow':
      return arrow(shape, theme.pens[shape.pen]);
    case 'pointer':
      return [
        node('path', {
          d: `${pathOf(pointerPoints(shape.tip, shape.size))}Z`,
          fill: theme.pens[shape.pen].fill,
        }),
      ];
    case 'text': {
      const face = theme.voices[shape.voice];
      return [
        node(
          'text',
          {
            x: round(shape.at[0]),
            y: round(shape.at[1]),
            'font-size': shape.size,
            'text-anchor': shape.anchor,
            'font-family':
              face.family === 'figure' ? 'Barlow, sans-serif' : "'Barlow Semi Condensed', sans-serif",
            'font-weight': face.weight,
            fill: face.colour,
          },
          fractionRuns(shape.text).map((run) =>
            run.fraction
              ? node('tspan', { style: "font-feature-settings:'frac','tnum'" }, [run.text])
              : run.text,
          ),
        ),
      ];
    }
  }
}

function polygon(shape: Extract<Shape, { kind: 'polygon' }>, pen: Stroke): SvgNode[] {
  const outline = node('path', { d: `${pathOf(shape.points)}Z`, ...lineStyle(pen), fill: pen.fill });
  if (!shape.hatched) return [outline];
  const hatch = hatchLines(shape.points).map((line) =>
    node('path', { d: pathOf(line), fill: 'none', stroke: pen.hatch ?? pen.stroke, 'stroke-width': 1 }),
  );
  return [outline, ...hatch];
}

function arrow(shape: Extract<Shape, { kind: 'arrow' }>, pen: Stroke): SvgNode[] {
  const heads = [headPoints(shape.from, shape.to, pen.width)];
  if (shape.both) heads.push(headPoints(shape.to, shape.from, pen.width));
  return [
    node('path', { d: pathOf([shape.from, shape.to]), ...lineStyle(pen) }),
    ...heads.map((points) => node('path', { d: `${pathOf(points)}Z`, fill: pen.fill })),
  ];
}

/** The head of an arrow that ends at `to`. */
export function headPoints(from: Point, to: Point, width: number): Point[] {
  const length = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
  const size = Math.min(4 + width * 2.4, length);
  const along = [(to[0] - from[0]) / length, (to[1] - from[1]) / length] as const;
  const base: Point = [to[0] - along[0] * size, to[1] - along[1] * size];
  const half = size * 0.5;
  return [
    to,
    [base[0] - along[1] * half, base[1] + along[0] * half],
    [base[0] + along[1] * half, base[1] - along[0] * half],
  ];
}

/** A small triangle that stands on its tip. */
export const pointerPoints = ([x, y]: Point, size: number): Point[] => [
  [x, y],
  [x - size, y - size * 1.3],
  [x + size, y - size * 1.3],
];

/** 45° hatching of an upright rectangle, given by its four corners. */
export function hatchLines(corners: Point[]): [Point, Point][] {
  const xs = corners.map(([x]) => x);
  const ys = corners.map(([, y]) => y);
  const [left, right, top, bottom] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const lines: [Point, Point][] = [];
  for (let start = left - (bottom - top) + 7; start < right; start += 7) {
    const from = Math.max(start, left);
    const to = Math.min(start + bottom - top, right);
    if (to > from)
      lines.push([
        [from, bottom - (from - start)],
        [to, bottom - (to - start)],
      ]);
  }
  return lines;
}

const lineStyle = (pen: Stroke): SvgNode['attributes'] => ({
  fill: 'none',
  stroke: pen.stroke,
  'stroke-width': pen.width,
  ...(pen.dash ? { 'stroke-dasharray': pen.dash.join(' ') } : {}),
});

const pathOf = (points: readonly Point[]): string =>
  points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${round(x)} ${round(y)}`).join('');

const round = (value: number): number => Math.round(value * 100) / 100 + 0;
