import { type BendSheet, type SheetBend, type TapeHook } from '../cage/index.ts';
import { formatAngle, formatLength, formatWithUnit, type LengthStyle } from '../measure/index.ts';
import { type Drawing, rectangle, type Shape, textWidth } from './drawing.ts';

/** How a mark-out strip is drawn, and where its tape is hooked. */
export interface StripOptions {
  /** Drawing units from edge to edge. */
  width: number;
  hook: TapeHook;
  style: LengthStyle;
}

const SIDE = 26;
const TUBE_TOP = 84;
const TUBE = 38;
const LINE = 18;
/** Height of a row of captions. */
const ROW = 46;

/**
 * The mark-out strip: the blank at scale, with every mark measured from one datum, the block of the clamp, the arc that
 * runs away from it, the seam, and what each bend is.
 */
export function markOutStrip(sheet: BendSheet, { width, hook, style }: StripOptions): Drawing {
  const scale = (width - 2 * SIDE) / sheet.blank;
  const x = (fromA: number) => SIDE + fromA * scale;
  const figure = (fromA: number) => formatLength(Math.abs(hook.reads(fromA)), style);
  const captions = captionRows(sheet.bends, x, style, width);
  const rows = Math.max(1, ...captions.map(({ row }) => row + 1));
  const marks = figureRows(sheet.bends, x, figure);
  const lift = (Math.max(1, ...marks.map(({ row }) => row + 1)) - 1) * 30;
  const top = TUBE_TOP + lift;
  const shapes: Shape[] = [
    { kind: 'polygon', points: rectangle(x(0), top, sheet.blank * scale, TUBE), pen: 'steel' },
    { kind: 'line', from: [x(0), top + TUBE * 0.72], to: [x(sheet.blank), top + TUBE * 0.72], pen: 'seam' },
    { kind: 'text', at: [4, top + TUBE / 2 + 6], text: 'A', size: 18, anchor: 'start', voice: 'bend' },
    { kind: 'text', at: [width - 4, top + TUBE / 2 + 6], text: 'B', size: 18, anchor: 'end', voice: 'bend' },
    ...sheet.bends.flatMap((bend) => zoneShapes(bend, x, scale, top)),
    ...marks.flatMap(({ bend, row, text, shift }) =>
      markShapes(x(bend.mark), top, top - 22 - row * 30, text, shift),
    ),
    ...captions.flatMap(({ bend, row, lines, at, anchor }) =>
      captionShapes(
        x((bend.tangentA + bend.tangentB) / 2),
        at,
        top + TUBE + 26 + row * ROW,
        lines,
        anchor,
        top,
      ),
    ),
    ...hookShapes(hook, x, top),
  ];
  return {
    width,
    height: top + TUBE + 26 + rows * ROW,
    title: `Mark-out of ${sheet.stamp}: blank ${formatWithUnit(sheet.blank, style)}, marks at ${sheet.bends
      .map((bend) => figure(bend.mark))
      .join(', ')} ${hook.words}`,
    shapes,
  };
}

/** Arc zone with its direction, both tangents, and the clamp's block ahead of the bend. */
function zoneShapes(bend: SheetBend, x: (fromA: number) => number, scale: number, top: number): Shape[] {
  const towardA = bend.clampSide === 'a';
  const start = towardA ? bend.tangentA : bend.tangentB;
  const end = towardA ? bend.tangentB : bend.tangentA;
  const clampFrom = towardA ? start - bend.die.clampLength.mm : start;
  const clamp = rectangle(x(clampFrom), top - 5, bend.die.clampLength.mm * scale, TUBE + 10);
  const inset = Math.min(6, (bend.arc * scale) / 6);
  const direction = towardA ? 1 : -1;
  return [
    { kind: 'polygon', points: rectangle(x(bend.tangentA), top, bend.arc * scale, TUBE), pen: 'arc-zone' },
    {
      kind: 'arrow',
      from: [x(start) + direction * inset, top + TUBE / 2],
      to: [x(end) - direction * inset, top + TUBE / 2],
      pen: 'arrow',
    },
    ...(bend.die.clampLength.mm > 0
      ? [{ kind: 'polygon', points: clamp, pen: 'clamp', hatched: true } as const]
      : []),
    { kind: 'line', from: [x(start), top - 14], to: [x(start), top + TUBE + 8], pen: 'tangent' },
    { kind: 'line', from: [x(end), top], to: [x(end), top + TUBE], pen: 'leader' },
  ];
}

/** The scribed mark itself, with its pointer and its figure above. */
const markShapes = (x: number, top: number, baseline: number, text: string, shift: number): Shape[] => [
  { kind: 'line', from: [x, baseline + 4], to: [x, top], pen: 'mark' },
  { kind: 'line', from: [x, top], to: [x, top + TUBE], pen: 'scribed' },
  { kind: 'pointer', tip: [x, baseline + 16], size: 7, pen: 'mark' },
  { kind: 'text', at: [x + shift, baseline], text, size: 24, anchor: 'middle', voice: 'figure' },
];

interface Caption {
  bend: SheetBend;
  row: number;
  lines: [string, string];
  at: number;
  anchor: 'start' | 'middle' | 'end';
}

/** What each bend is, set below the strip in as many rows as keep the words apart. */
function captionRows(
  bends: SheetBend[],
  x: (fromA: number) => number,
  style: LengthStyle,
  width: number,
): Caption[] {
  const taken: number[] = [];
  return bends.map((bend) => {
    // A roller has no clamp and no dial: what it is set by is the radius.
    const lines: [string, string] =
      bend.school === 'rolled'
        ? [
            `roll ${bend.number}: radius ${formatWithUnit(bend.finishedClr, style)}`,
            `arc ${formatWithUnit(bend.arc, style)}, from tangent to tangent`,
          ]
        : [
            `bend ${bend.number}: ${formatAngle(bend.angle)}° (inside ${formatAngle(bend.included)}°)`,
            `arc ${formatWithUnit(bend.arc, style)}, clamp toward ${bend.clampSide.toUpperCase()}`,
          ];
    const half = Math.max(textWidth(lines[0], 17), textWidth(lines[1], 15)) / 2;
    const wanted = x((bend.tangentA + bend.tangentB) / 2);
    const at = Math.min(Math.max(wanted, half + 4), width - half - 4);
    return { bend, row: freeRow(taken, at - half, at + half + 10), lines, at, anchor: 'middle' };
  });
}

/** The figures above the strip, raised where two marks stand close. */
function figureRows(bends: SheetBend[], x: (fromA: number) => number, figure: (fromA: number) => string) {
  const taken: number[] = [];
  const placed = [...bends]
    .sort((a, b) => a.mark - b.mark)
    .map((bend) => {
      const text = figure(bend.mark);
      const half = textWidth(text, 24) / 2;
      return { bend, text, half, row: freeRow(taken, x(bend.mark) - half, x(bend.mark) + half + 8) };
    });
  // The line of a mark set higher runs down past the figure below: that one gives way.
  return placed.map((one) => {
    const past = placed.find(
      (other) => other.row > one.row && Math.abs(x(other.bend.mark) - x(one.bend.mark)) < one.half + 4,
    );
    const gap = past ? x(past.bend.mark) - x(one.bend.mark) : 0;
    return { ...one, shift: past ? gap - Math.sign(gap || 1) * (one.half + 6) : 0 };
  });
}

/** The first row that is free from `from` on; takes it up to `to`. */
function freeRow(taken: number[], from: number, to: number): number {
  const free = taken.findIndex((end) => end <= from);
  const row = free < 0 ? taken.length : free;
  taken[row] = to;
  return row;
}

const captionShapes = (
  x: number,
  at: number,
  y: number,
  [bend, arc]: [string, string],
  anchor: Caption['anchor'],
  top: number,
): Shape[] => [
  { kind: 'line', from: [x, top + TUBE], to: [x, y - 15], pen: 'leader' },
  { kind: 'text', at: [at, y], text: bend, size: 17, anchor, voice: 'bend' },
  { kind: 'text', at: [at, y + LINE], text: arc, size: 15, anchor, voice: 'quiet' },
];

/** Where the tape is hooked. */
function hookShapes({ datum, at, words }: TapeHook, x: (fromA: number) => number, top: number): Shape[] {
  const anchor = ({ a: 'start', b: 'end', centre: 'middle', 'ear-a': 'start', 'ear-b': 'end' } as const)[
    datum
  ];
  const said =
    datum === 'centre'
      ? 'centre: measure from here'
      : `${words.replace(/^from (the )?/, '')}: hook the tape here`;
  return [
    { kind: 'line', from: [x(at), 24], to: [x(at), top + TUBE + 10], pen: 'centre' },
    { kind: 'text', at: [x(at), 16], text: said, size: 15, anchor, voice: 'label' },
  ];
}
