import { itemAt } from '../../items/index.ts';
import { polylineOf } from '../../centreline/index.ts';
import { type BendSheet, type Gap, type HoopGeometry, type Tube } from '../../cage/index.ts';
import { formatAngle, formatLength, type LengthStyle } from '../../measure/index.ts';
import { type Measures } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { bodyOutline, outlinePoints } from './bodyOutline.ts';
import { type Drawing, type Point, type Shape } from '../drawing.ts';

/** What is drawn of a main hoop from behind. */
export interface FrontOptions {
  width: number;
  height: number;
  style: LengthStyle;
  /** Without the bends' labels, where a table beside it has them. */
  plain?: boolean;
  /** The car round the hoop, and the gaps to it. */
  body?: { measures: Measures; gaps: Gap[] };
}

const TOP = 46;
const BOTTOM = 62;
/** Room at both sides for gaps and the height. */
const SIDE = { body: 96, plain: 112 };

/** The hoop looking forward from the driver's back, with the car's section round it and the gaps dimensioned. */
export function hoopFront(
  hoop: HoopGeometry,
  tube: Tube,
  sheet: BendSheet | null,
  options: FrontOptions,
): Drawing {
  const { width, height, style, body } = options;
  const view = viewOf(hoop, width, height, body?.measures);
  const onPaper = ([, y, z]: Vec3): Point => view([-y, z]);
  const axis = polylineOf(tube.axis).map(onPaper);
  const outline = body ? outlinePoints(bodyOutline(body.measures)).map(view) : [];
  const shapes: Shape[] = [
    ...(body ? [{ kind: 'polygon', points: outline, pen: 'body' } as const] : []),
    { kind: 'line', from: view([0, -20]), to: [view([0, 0])[0], 12], pen: 'centre' },
    { kind: 'polygon', points: bandOf(axis, (tube.od / 2) * view.scale), pen: 'steel' },
    { kind: 'polyline', points: axis, pen: 'axis' },
    ...(options.plain ? [] : bendLabels(hoop, sheet, onPaper, style)),
    ...dimensions(hoop, onPaper, options),
    ...(body ? body.gaps.flatMap((gap) => gapLabel(gap, onPaper(gap.at), style)) : []),
  ];
  const { feetApart, cornersApart, totalHeight } = hoop.figures;
  const say = (value: number) => formatLength(value, style);
  return {
    width,
    height,
    title: `Main hoop from behind: feet ${say(feetApart.value)}, corners ${say(cornersApart.value)} between axes, ${say(totalHeight.value)} ${style.unit} high`,
    shapes,
  };
}

/** Fits car or hoop into the picture. Takes x to the right (the car's right) and height up, mm. */
function viewOf(hoop: HoopGeometry, width: number, height: number, measures?: Measures) {
  const body = measures ? outlinePoints(bodyOutline(measures)) : [];
  const all = [...body, ...hoop.points.map(([, y, z]): Point => [-y, z])];
  const half = Math.max(...all.map(([x]) => Math.abs(x)));
  const tall = Math.max(...all.map(([, z]) => z));
  const scale = Math.min(
    (width - 2 * (measures ? SIDE.body : SIDE.plain)) / (2 * half),
    (height - TOP - BOTTOM) / tall,
  );
  const view = ([x, z]: Point): Point => [width / 2 + x * scale, TOP + (tall - z) * scale];
  return Object.assign(view, { scale });
}

/** The outline of a band of half-width `half` about a line, in drawing units. */
function bandOf(axis: Point[], half: number): Point[] {
  const offset = (sign: number) =>
    axis.map((point, i): Point => {
      const before = itemAt(axis, Math.max(0, i - 1));
      const after = itemAt(axis, Math.min(axis.length - 1, i + 1));
      const along = [after[0] - before[0], after[1] - before[1]] as const;
      const size = Math.hypot(...along) || 1;
      return [point[0] + (sign * half * -along[1]) / size, point[1] + (sign * half * along[0]) / size];
    });
  return [...offset(1), ...offset(-1).reverse()];
}

/** Both angles of every bend, inside the hoop. */
function bendLabels(
  hoop: HoopGeometry,
  sheet: BendSheet | null,
  onPaper: (point: Vec3) => Point,
  style: LengthStyle,
): Shape[] {
  if (!sheet) return [];
  return sheet.bends.flatMap((bend): Shape[] => {
    const [x, y] = onPaper(itemAt(hoop.points, bend.number));
    const left = bend.number <= sheet.bends.length / 2;
    const crown = bend.feature.startsWith('crown');
    const anchor = left ? 'start' : 'end';
    const at = (dy: number): Point => [x + (left ? 34 : -34), y + (crown ? 48 : 0) + dy];
    const line = (text: string, dy: number, size: number, voice: 'bend' | 'quiet'): Shape => ({
      kind: 'text',
      at: at(dy),
      text,
      size,
      anchor,
      voice,
    });
    return [
      line(`bend ${bend.number}: ${formatAngle(bend.angle)}°`, 0, 16, 'bend'),
      line(`inside ${formatAngle(bend.included)}°`, 18, 14, 'quiet'),
      line(`CLR ${formatLength(bend.finishedClr, style)}`, 35, 14, 'quiet'),
    ];
  });
}

function dimensions(
  hoop: HoopGeometry,
  onPaper: (point: Vec3) => Point,
  { style, width, plain }: FrontOptions,
): Shape[] {
  const { feetApart, cornersApart, crownHeight } = hoop.figures;
  const text = (value: number) => formatLength(value, style);
  const footA = onPaper(itemAt(hoop.points, 0));
  const footB = onPaper(itemAt(hoop.points, -1));
  const crown = hoop.features.indexOf('crown-left') + 1;
  const cornerA = onPaper(itemAt(hoop.points, crown));
  const cornerB = onPaper(itemAt(hoop.points, crown + 1));
  const floor = onPaper([0, 0, 0])[1];
  const under = Math.max(footA[1], footB[1]) + 26;
  const right = width - 34;
  const cornersLabel: Shape = {
    kind: 'text',
    at: [(cornerA[0] + cornerB[0]) / 2 + 10, cornerA[1] + 30],
    text: `corners ${text(cornersApart.value)}`,
    size: 16,
    anchor: 'start',
    voice: 'label',
  };
  return [
    { kind: 'line', from: [footA[0], footA[1] + 4], to: [footA[0], under + 6], pen: 'dimension' },
    { kind: 'line', from: [footB[0], footB[1] + 4], to: [footB[0], under + 6], pen: 'dimension' },
    { kind: 'arrow', from: [footA[0], under], to: [footB[0], under], pen: 'dimension', both: true },
    {
      kind: 'text',
      at: [(footA[0] + footB[0]) / 2 + 8, under + 20],
      text: `feet ${text(feetApart.value)} between axes, ${text(hoop.figures.feetOutside.value)} outside`,
      size: 16,
      anchor: 'middle',
      voice: 'label',
    },
    ...(plain ? [] : [cornersLabel]),
    { kind: 'arrow', from: [right, floor], to: [right, cornerA[1]], pen: 'dimension', both: true },
    { kind: 'line', from: [cornerB[0] + 20, cornerA[1]], to: [right + 6, cornerA[1]], pen: 'dimension' },
    { kind: 'line', from: [footB[0] + 20, floor], to: [right + 6, floor], pen: 'dimension' },
    {
      kind: 'text',
      at: [right - 6, floor - 74],
      text: text(crownHeight.value),
      size: 18,
      anchor: 'end',
      voice: 'figure',
    },
    {
      kind: 'text',
      at: [right - 6, floor - 56],
      text: 'to the axis',
      size: 14,
      anchor: 'end',
      voice: 'quiet',
    },
  ];
}

/** A gap, written beside the wall it is to. */
function gapLabel({ side, gap, place }: Gap, [x, y]: Point, style: LengthStyle): Shape[] {
  const text = `gap ${formatLength(gap, style)}`;
  if (place === 'headliner')
    return [{ kind: 'text', at: [x + 10, y - 10], text, size: 15, anchor: 'start', voice: 'label' }];
  const left = side === 'left';
  const dy = { floor: -8, lean: 5, roof: 22, corner: 5 }[place];
  return [
    {
      kind: 'text',
      at: [x + (left ? -10 : 10), y + dy],
      text,
      size: 15,
      anchor: left ? 'end' : 'start',
      voice: 'label',
    },
  ];
}
