import { type BendSheet, type SheetBend } from '../cage/index.ts';
import { formatAngle, formatLength, halfTurned, type LengthStyle, radians } from '../measure/index.ts';
import { type Drawing, rectangle, type Shape } from './drawing.ts';

/** What stands on the rolled-out surface of a tube. */
export interface RolledOutOptions {
  width: number;
  style: LengthStyle;
}

const SIDE = 26;
const TOP = 30;
/** Height of the rolled-out surface, however thick the tube: the way round is what is read. */
const ROUND = 132;
const FOOT = 34;

/**
 * The tube's surface cut open along the line of the first bend and rolled out: end A at the left, once round the tube from top
 * to bottom. A line is scribed along the tube where the inside of each bend lies, and jumps round the tube between bends.
 */
export function rolledOut(sheet: BendSheet, { width, style }: RolledOutOptions): Drawing {
  const scale = (width - 2 * SIDE) / sheet.blank;
  const x = (fromA: number) => SIDE + fromA * scale;
  const y = (clock: number) => TOP + (halfTurned(clock) / 360 + 0.5) * ROUND;
  const shapes: Shape[] = [
    { kind: 'polygon', points: rectangle(x(0), TOP, sheet.blank * scale, ROUND), pen: 'steel' },
    { kind: 'text', at: [4, TOP + ROUND / 2 + 6], text: 'A', size: 18, anchor: 'start', voice: 'bend' },
    { kind: 'text', at: [width - 4, TOP + ROUND / 2 + 6], text: 'B', size: 18, anchor: 'end', voice: 'bend' },
    ...sheet.bends.flatMap((bend, i) => bendShapes(sheet, bend, i, x, y, style)),
  ];
  return {
    width,
    height: TOP + ROUND + FOOT,
    title: `The surface of ${sheet.stamp} rolled out: ${sheet.bends
      .map((bend, i) =>
        i === 0 ? 'line of bend 1' : `bend ${bend.number} ${turnText(sheet, bend, i, style)}`,
      )
      .join(', ')}`,
    shapes,
  };
}

function bendShapes(
  sheet: BendSheet,
  bend: SheetBend,
  i: number,
  x: (fromA: number) => number,
  y: (clock: number) => number,
  style: LengthStyle,
): Shape[] {
  const before = sheet.bends[i - 1];
  const here = y(bend.clock);
  const start = before ? (before.tangentB + bend.tangentA) / 2 : 0;
  const next = sheet.bends[i + 1];
  const end = next ? (bend.tangentB + next.tangentA) / 2 : sheet.blank;
  const zone = rectangle(x(bend.tangentA), here - 9, x(bend.tangentB) - x(bend.tangentA), 18);
  const jump: Shape[] = before
    ? [
        { kind: 'arrow', from: [x(start), y(before.clock)], to: [x(start), here], pen: 'arrow' },
        {
          kind: 'text',
          at: [x(start), TOP + ROUND + 22],
          text: turnText(sheet, bend, i, style),
          size: 15,
          anchor: 'middle',
          voice: 'label',
        },
      ]
    : [];
  return [
    { kind: 'polygon', points: zone, pen: 'arc-zone' },
    { kind: 'line', from: [x(start), here], to: [x(end), here], pen: 'scribed' },
    {
      kind: 'text',
      at: [x((bend.tangentA + bend.tangentB) / 2), TOP - 10],
      text: `bend ${bend.number}: ${formatAngle(bend.angle)}°`,
      size: 15,
      anchor: 'middle',
      voice: 'label',
    },
    ...jump,
  ];
}

/** The turn from the bend before, in degrees and as tape round the tube. */
function turnText(sheet: BendSheet, bend: SheetBend, i: number, style: LengthStyle): string {
  const turn = halfTurned(bend.clock - (sheet.bends[i - 1]?.clock ?? 0));
  const tape = (sheet.od / 2) * radians(Math.abs(turn));
  return `turn ${turn > 0 ? '+' : turn < 0 ? '−' : ''}${formatAngle(Math.abs(turn))}°, ${formatLength(tape, style)} round`;
}

/** Whether the bends of a sheet lie in more planes than one, so that rolling it out says something. */
export const isMultiPlane = ({ bends }: Pick<BendSheet, 'bends'>): boolean =>
  bends.some(({ clock }) => {
    const turn = Math.abs(halfTurned(clock));
    return turn > 0.05 && turn < 179.95;
  });
