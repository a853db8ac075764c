import { type HarnessAnswer } from '../../harness/index.ts';
import { formatAngle, formatWithUnit, type LengthStyle, radians } from '../../measure/index.ts';
import { type Body, type SlotPlace } from '../../occupant/index.ts';
import { disc, type Drawing, type Point, type Shape } from '../drawing.ts';
import { personShapes } from './personShapes.ts';

interface HarnessViewOptions {
  width: number;
  style: LengthStyle;
  /** The slot that is shown in bold, with its strap. */
  shown: SlotPlace;
  /** Who sits there in that setting; null where that is not known. */
  body: Body | null;
}

const EDGE = 40;
/** Room ahead of and behind slots and bar, above and below them. mm */
const AROUND = { x: 130, z: 90 };
/** No picture is higher than this: the setting below it is to be seen with it. Drawing units */
const HIGHEST = 430;
const SECTOR = 18;
/** Length of a line that carries a height. Drawing units */
const LABELLED = 130;

/**
 * Side elevation of a harness bar from the left, the car's front to the left: who sits there, the hoop's leg with the heights that suit
 * all on it, the bar, every slot that the seat can put a strap at, and for one of them each book's window as a band and the strap as it runs.
 */
export function harnessView(answer: HarnessAnswer, options: HarnessViewOptions): Drawing {
  const { width, style, shown, body } = options;
  const { bar, places, interval } = answer;
  const { at, onLeg, low, high, scale, height } = framed(answer, options);
  const od = bar.od * scale;
  return {
    width,
    height,
    title: `Side elevation: ${answer.stamp} at ${formatWithUnit(bar.z, style)}, strap of ${shown.driver}`,
    shapes: [
      ...(body
        ? personShapes(body, {
            view: 'side',
            // Behind each seat an offset bar lies elsewhere: everything is seen from the bar's line.
            at: ([x, , z]) => at(x + shown.moved[0], z + shown.moved[1]),
            scale,
          })
        : []),
      { kind: 'stroke', points: [onLeg(low), onLeg(high)], width: od, pen: 'body' },
      ...(interval && interval.room >= 0
        ? intervalShapes([onLeg(interval.low.height), onLeg(interval.high.height)], interval, od, style)
        : []),
      ...windowShapes(answer, shown, at, width),
      ...places.map(({ slot }): Shape => ({
        kind: 'polygon',
        points: disc(at(...slot), 3),
        pen: 'dimension',
      })),
      { kind: 'line', from: at(...shown.slot), to: onLeg(bar.z), pen: 'mark' },
      { kind: 'polygon', points: disc(at(...shown.slot), 6), pen: 'mark' },
      { kind: 'polygon', points: disc(onLeg(bar.z), od / 2), pen: 'picked' },
      ...names(answer, style, onLeg(bar.z), od),
      { kind: 'arrow', from: [110, height - 14], to: [20, height - 14], pen: 'dimension' },
      {
        kind: 'text',
        at: [118, height - 9],
        text: 'front of the car',
        size: 14,
        anchor: 'start',
        voice: 'quiet',
      },
    ],
  };
}

type At = (x: number, z: number) => Point;

/** Slots, bar, heights and whoever sits there, as large as width and height allow. */
function framed(answer: HarnessAnswer, { width, body, shown }: HarnessViewOptions) {
  const { bar, places, interval } = answer;
  const volumes = body?.volumes ?? [];
  const xs = [bar.x, ...places.map(({ slot }) => slot[0])];
  const zs = [bar.z, ...places.map(({ slot }) => slot[1])];
  if (interval) zs.push(interval.low.height, interval.high.height);
  for (const { from, to, radius } of volumes)
    for (const [x, , z] of [from, to]) {
      xs.push(x + shown.moved[0] + radius, x + shown.moved[0] - radius);
      zs.push(z + shown.moved[1] + radius, z + shown.moved[1] - radius);
    }
  const [rear, front] = [Math.min(...xs) - AROUND.x * 2, Math.max(...xs) + AROUND.x];
  const [low, high] = [Math.min(...zs) - AROUND.z, Math.max(...zs) + AROUND.z];
  const scale = Math.min((width - 2 * EDGE) / (front - rear), (HIGHEST - 2 * EDGE) / (high - low));
  const height = (high - low) * scale + 2 * EDGE;
  const at: At = (x, z) => [width / 2 + ((front + rear) / 2 - x) * scale, height - EDGE - (z - low) * scale];
  const onLeg = (z: number): Point => at(bar.x + bar.lean * (z - bar.z), z);
  return { at, onLeg, low, high, scale, height };
}

/** The bar by its stamp and height, past the lines of the heights that suit all. */
const names = ({ stamp, bar }: HarnessAnswer, style: LengthStyle, [x, y]: Point, od: number): Shape[] => [
  {
    kind: 'text',
    at: [x + od / 2 + LABELLED + 16, y + 5],
    text: `${stamp} ${formatWithUnit(bar.z, style)}`,
    size: 16,
    anchor: 'start',
    voice: 'figure',
  },
];

/** The heights that suit all: marked on the leg, each with a line to its figure at the edge. */
function intervalShapes(
  [low, high]: [Point, Point],
  interval: NonNullable<HarnessAnswer['interval']>,
  width: number,
  style: LengthStyle,
): Shape[] {
  // Behind the leg, where neither straps nor the body are.
  const edge = Math.max(low[0], high[0]) + width / 2 + LABELLED;
  const line = (at: Point): Shape => ({
    kind: 'line',
    from: [at[0] - width / 2, at[1]],
    to: [edge, at[1]],
    pen: 'mark',
  });
  const label = (y: number, text: string): Shape => ({
    kind: 'text',
    at: [edge, y],
    text,
    size: 15,
    anchor: 'end',
    voice: 'label',
  });
  return [
    { kind: 'stroke', points: [low, high], width: width * 0.6, pen: 'steel' },
    line(low),
    line(high),
    label(low[1] + 17, `lowest ${formatWithUnit(interval.low.height, style)}`),
    label(high[1] - 6, `highest ${formatWithUnit(interval.high.height, style)}`),
  ];
}

/** Each book's window as a band behind the slot, with its limits and its name. */
const windowShapes = (answer: HarnessAnswer, shown: SlotPlace, at: At, width: number): Shape[] =>
  answer.windows.flatMap((window, i) =>
    windowShape(window, reachOf(answer, shown) * (1 + 0.16 * i), shown, { at, nth: i, width }),
  );

/** Past the bar, so that the band is seen on both sides of it. mm */
const reachOf = ({ bar }: HarnessAnswer, { slot }: SlotPlace): number =>
  Math.max(120, (slot[0] - bar.x) * 1.25);

function windowShape(
  { least, most, book }: HarnessAnswer['windows'][number],
  reach: number,
  { slot }: SlotPlace,
  { at, nth, width }: { at: At; nth: number; width: number },
): Shape[] {
  const point = (angle: number): Point =>
    at(slot[0] - reach * Math.cos(radians(angle)), slot[1] - reach * Math.sin(radians(angle)));
  const arc = Array.from({ length: SECTOR + 1 }, (_, i) => point(least + ((most - least) * i) / SECTOR));
  const [, y] = point(most);
  return [
    { kind: 'polygon', points: [at(...slot), ...arc], pen: 'window' },
    {
      kind: 'text',
      at: [width - 10, y + 30 + 18 * nth],
      text: `${formatAngle(least)} to ${formatAngle(most)}°, ${book}`,
      size: 14,
      anchor: 'end',
      voice: 'quiet',
    },
  ];
}
