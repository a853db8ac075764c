import { type EndCut } from '../cage/index.ts';
import { type StraightCuts, straightSetback } from '../cope/index.ts';
import { formatWithUnit, type LengthStyle } from '../measure/index.ts';
import { type FlatOutline, type TrueLine } from './outline.ts';

/** Which line is drawn: the outer edge, the inner edge, or the one that seats without grinding. */
export type CopeCurve = 'outer' | 'inner' | 'seating';

/** Tab that laps over the start of the template. mm */
const TAB = 8;
/** Paper left above the throat, to hold by and to write on. mm */
const HOLD = 44;
/** The bar that a rule is laid to, to see that nothing was scaled. mm */
const CHECK_BAR = 50;

/** Setbacks of the line that is drawn: of the seating line the greater of outer and inner, at each place round the tube. */
export const curveOf = ({ outer, inner }: EndCut, curve: CopeCurve): (number | null)[] =>
  curve === 'seating'
    ? outer.map((one, i) => (one === null ? (inner[i] ?? null) : Math.max(one, inner[i] ?? one)))
    : curve === 'outer'
      ? outer
      : inner;

/** What stands on a template besides its curve. */
export interface TemplateOptions {
  curve: CopeCurve;
  /** Thickness of the paper, mm, which the wrap goes round as well. */
  paper: number;
  /** What it was made from: the job and its revision. */
  origin: string;
  style: LengthStyle;
  /** The lines of two straight cuts, drawn besides; null for none. */
  straight: StraightCuts | null;
}

/** Once round the tube on the paper's middle. od and paper in mm */
export const wrapLength = (od: number, paper: number): number => Math.PI * (od + paper);

/**
 * The wrap template of an end at true size: once round the tube from the face line on the left to the face line on the right,
 * the cut below, up the tube above. The end has a cut. od, mm
 */
export function copeTemplate(cut: EndCut, od: number, options: TemplateOptions): FlatOutline {
  const round = wrapLength(od, options.paper);
  const setbacks = curveOf(cut, options.curve);
  const drawn = setbacks.flatMap((setback) => setback ?? []);
  const straight = options.straight ? straightLine(options.straight, setbacks.length) : [];
  const [low, throat] = [Math.min(...drawn, ...straight), Math.max(...drawn)];
  const top = throat - low + HOLD;
  const steps = setbacks.length;
  const upTo = (i: number) => (setbacks[i % steps] ?? 0) - low;
  const x = (i: number) => (round * i) / steps;
  const start = upTo(0);
  const ear = Math.min(...drawn) - low;
  return {
    stamp: `${cut.stamp} end ${cut.end.toUpperCase()}, ${CURVE_WORDS[options.curve]}, ${standsOn(cut)}`,
    width: round + TAB,
    height: top,
    edges: [
      ...curveLines(setbacks, low, x),
      line([0, start], [0, top]),
      line([0, top], [round + TAB, top]),
      line([round, start], [round, top]),
      line([round + TAB, top], [round + TAB, start + TAB]),
      line([round + TAB, start + TAB], [round, start]),
    ],
    // Quarters of a turn from the face line at both edges: clock the template by them.
    axis: [0.25, 0.5, 0.75].map((share) =>
      line([round * share, upTo(Math.round(share * steps))], [round * share, top - 34]),
    ),
    // Ear and throat across the curve, and the check bar.
    tangents: [
      ...[ear, throat - low].map((y) => line([0, y], [round, y])),
      ...curveLines(straight, low, x),
      line([4, top - 30], [4 + CHECK_BAR, top - 30]),
      line([4, top - 31.5], [4, top - 28.5]),
      line([4 + CHECK_BAR, top - 31.5], [4 + CHECK_BAR, top - 28.5]),
    ],
    arrows: [{ from: [round - 6, top - 24], to: [round - 6, top - 4] }],
    labels: labelsOf(cut, { round, top, ear, throat: throat - low }, options),
  };
}

interface Sizes {
  round: number;
  top: number;
  ear: number;
  throat: number;
}

function labelsOf(
  cut: EndCut,
  { round, top, ear, throat }: Sizes,
  { curve, origin, style, straight }: TemplateOptions,
): FlatOutline['labels'] {
  const text = (
    at: readonly [number, number],
    words: string,
    size = 2.6,
    anchor: 'start' | 'end' = 'start',
  ) => ({ at, text: words, size, anchor });
  return [
    text([4, top - 8], `${cut.stamp} ${cut.end.toUpperCase()}`, 6.5),
    text([4, top - 12.5], `${CURVE_WORDS[curve]}, ${standsOn(cut)}`, 3),
    text([4, top - 16.5], `once round ${formatWithUnit(round, style)} (${round.toFixed(1)} mm)`),
    text([4, top - 20.5], origin),
    text([4, top - 24.5], 'print at 100 %, do not fit to page'),
    text([6 + CHECK_BAR, top - 31], `${CHECK_BAR} mm`),
    text([round - 9, top - 8], 'up the tube', 2.6, 'end'),
    text([1.2, top - 36], 'face line', 2.4),
    text([round - 1.2, top - 36], 'face line', 2.4, 'end'),
    text([10, throat + 0.8], 'throat', 2.4),
    text([4, ear + 0.8], 'ear', 2.4),
    ...(straight ? [text([round / 2 + 3, throat + 3.6], 'thin: two straight cuts', 2.4)] : []),
    text([round / 2 - 1, throat + 3.6], 'cut along the curve below', 2.4, 'end'),
    text([round + 1, top - 5], 'lap', 2.4),
  ];
}

/** Where straight cuts leave the tube, at even steps round it. mm */
const straightLine = (cuts: StraightCuts, steps: number): number[] =>
  Array.from({ length: steps }, (_, i) => straightSetback(cuts, (360 * i) / steps));

/** The curve in chords; open where a generator meets nothing. */
function curveLines(setbacks: (number | null)[], low: number, x: (i: number) => number): TrueLine[] {
  return setbacks.flatMap((from, i): TrueLine[] => {
    const to = setbacks[(i + 1) % setbacks.length];
    return from === null || to == null ? [] : [line([x(i), from - low], [x(i + 1), to - low])];
  });
}

const line = (from: readonly [number, number], to: readonly [number, number]): TrueLine => ({
  kind: 'line',
  from,
  to,
});

const standsOn = ({ headers, plate }: EndCut): string =>
  headers.length > 0 ? `coped to ${headers.join(', ')}` : `cut to ${plate ? `plate ${plate}` : 'the floor'}`;

const CURVE_WORDS: Record<CopeCurve, string> = {
  outer: 'outer edge',
  inner: 'inner edge',
  seating: 'seating line',
};
