import { type HarnessAnswer } from '../../harness/index.ts';
import { formatAngle, formatLength, type LengthStyle, radians, writeSaid } from '../../measure/index.ts';
import { type SlotPlace } from '../../occupant/index.ts';
import { disc, type Drawing, type Point, type Shape } from '../drawing.ts';

interface HarnessViewOptions {
  width: number;
  style: LengthStyle;
  /** The slot that is shown in bold, with its strap. */
  shown: SlotPlace;
}

const EDGE = 40;
/** Room ahead of and behind slots and bar, above and below them. mm */
const AROUND = { x: 130, z: 90 };
const SECTOR = 18;

/**
 * Side elevation of a harness bar, the car's front to the right: the hoop's leg with the heights that suit all on it, the bar, every
 * slot that the seat can put a strap at, and for one of them the window as a sector and the strap as it runs.
 */
export function harnessView(answer: HarnessAnswer, { width, style, shown }: HarnessViewOptions): Drawing {
  const { bar, places, interval } = answer;
  const { at, onLeg, low, high, scale, height } = framed(answer, width);
  const od = bar.od * scale;
  return {
    width,
    height,
    title: `Side elevation: ${answer.stamp} at ${formatLength(bar.z, style)}, strap of ${shown.driver}`,
    shapes: [
      { kind: 'stroke', points: [onLeg(low), onLeg(high)], width: od, pen: 'body' },
      ...(interval && interval.room >= 0
        ? intervalShapes([onLeg(interval.low.height), onLeg(interval.high.height)], interval, od, style)
        : []),
      ...sectorShapes(answer, shown, at),
      ...places.map(({ slot }): Shape => ({
        kind: 'polygon',
        points: disc(at(...slot), 3),
        pen: 'dimension',
      })),
      { kind: 'line', from: at(...shown.slot), to: onLeg(bar.z), pen: 'mark' },
      { kind: 'polygon', points: disc(at(...shown.slot), 6), pen: 'mark' },
      { kind: 'polygon', points: disc(onLeg(bar.z), od / 2), pen: 'picked' },
      ...names(answer, { width, style, shown }, onLeg(bar.z), od, at),
      { kind: 'arrow', from: [width - 110, height - 14], to: [width - 20, height - 14], pen: 'dimension' },
      {
        kind: 'text',
        at: [width - 118, height - 9],
        text: 'front of the car',
        size: 14,
        anchor: 'end',
        voice: 'quiet',
      },
    ],
  };
}

type At = (x: number, z: number) => Point;

/** Slots, bar and heights with room around them, as large as the width takes. */
function framed({ bar, places, interval }: HarnessAnswer, width: number) {
  const xs = [bar.x, ...places.map(({ slot }) => slot[0])];
  const zs = [bar.z, ...places.map(({ slot }) => slot[1])];
  if (interval) zs.push(interval.low.height, interval.high.height);
  const [left, right] = [Math.min(...xs) - AROUND.x, Math.max(...xs) + AROUND.x];
  const [low, high] = [Math.min(...zs) - AROUND.z, Math.max(...zs) + AROUND.z];
  const scale = (width - 2 * EDGE) / (right - left);
  const height = (high - low) * scale + 2 * EDGE;
  const at: At = (x, z) => [EDGE + (x - left) * scale, height - EDGE - (z - low) * scale];
  const onLeg = (z: number): Point => at(bar.x + bar.lean * (z - bar.z), z);
  return { at, onLeg, low, high, scale, height };
}

/** The bar by its stamp and height, and above the slots whose strap is shown at which setting. */
const names = (
  { stamp, bar, places }: HarnessAnswer,
  { width, style, shown }: HarnessViewOptions,
  [x, y]: Point,
  od: number,
  at: At,
): Shape[] => [
  {
    kind: 'text',
    at: [x + od / 2 + 14, y + od / 2 + 20],
    text: `${stamp} ${formatLength(bar.z, style)}`,
    size: 16,
    anchor: 'start',
    voice: 'figure',
  },
  {
    kind: 'text',
    at: [width - 8, Math.min(...places.map(({ slot }) => at(...slot)[1])) - 16],
    text: [shown.driver, writeSaid(shown.notch, style)].filter(Boolean).join(': '),
    size: 15,
    anchor: 'end',
    voice: 'label',
  },
];

/** The heights that suit all: marked on the leg, each with a line to its figure at the edge. */
function intervalShapes(
  [low, high]: [Point, Point],
  interval: NonNullable<HarnessAnswer['interval']>,
  width: number,
  style: LengthStyle,
): Shape[] {
  const line = (at: Point): Shape => ({
    kind: 'line',
    from: [8, at[1]],
    to: [at[0] + width / 2, at[1]],
    pen: 'mark',
  });
  const label = (y: number, text: string): Shape => ({
    kind: 'text',
    at: [8, y],
    text,
    size: 15,
    anchor: 'start',
    voice: 'label',
  });
  return [
    { kind: 'stroke', points: [low, high], width: width * 0.6, pen: 'steel' },
    line(low),
    line(high),
    label(low[1] + 17, `lowest ${formatLength(interval.low.height, style)}`),
    label(high[1] - 6, `highest ${formatLength(interval.high.height, style)}`),
  ];
}

/** The windows' common part as a sector behind the slot. */
function sectorShapes({ windows, bar }: HarnessAnswer, { slot }: SlotPlace, at: At): Shape[] {
  const least = Math.max(...windows.map((one) => one.least));
  const most = Math.min(...windows.map((one) => one.most));
  if (least > most) return [];
  const reach = Math.max(120, (slot[0] - bar.x) * 1.15);
  const point = (angle: number): Point =>
    at(slot[0] - reach * Math.cos(radians(angle)), slot[1] - reach * Math.sin(radians(angle)));
  const arc = Array.from({ length: SECTOR + 1 }, (_, i) => point(least + ((most - least) * i) / SECTOR));
  const label = (angle: number, lift: number): Shape => {
    const [x, y] = at(
      slot[0] - reach * 0.55 * Math.cos(radians(angle)),
      slot[1] - reach * 0.55 * Math.sin(radians(angle)),
    );
    return {
      kind: 'text',
      at: [x, y + lift],
      text: `${formatAngle(angle)}°`,
      size: 14,
      anchor: 'middle',
      voice: 'quiet',
    };
  };
  return [
    { kind: 'polyline', points: [at(...slot), ...arc, at(...slot)], pen: 'leader' },
    label(least, -6),
    label(most, 17),
  ];
}
