import { type EndCut } from '../cage/index.ts';
import { type FlatOutline, type TrueLine } from './outline.ts';

/** Which line is drawn: the outer edge, the inner edge, or the one that seats without grinding. */
export type CopeCurve = 'outer' | 'inner' | 'seating';

/** Thickness of printing paper, which the wrap goes round as well. mm, common practice for 80 g/m² */
export const PAPER = 0.1;
/** Tab that laps over the start of the template. mm */
const TAB = 8;
/** Paper left above the throat, to hold by. mm */
const HOLD = 40;

/** Setbacks of the line that is drawn: of the seating line the greater of outer and inner, at each place round the tube. */
export const curveOf = ({ outer, inner }: EndCut, curve: CopeCurve): (number | null)[] =>
  curve === 'seating'
    ? outer.map((one, i) => (one === null ? (inner[i] ?? null) : Math.max(one, inner[i] ?? one)))
    : curve === 'outer'
      ? outer
      : inner;

/**
 * The wrap template of an end at true size: once round the tube from the face line on the left to the face line on the right,
 * the cut below, up the tube above. The end has a cut. paper: its thickness, mm, which the wrap goes round as well.
 */
export function copeTemplate(cut: EndCut, od: number, curve: CopeCurve, paper: number): FlatOutline {
  const round = Math.PI * (od + paper);
  const setbacks = curveOf(cut, curve);
  const drawn = setbacks.flatMap((setback) => setback ?? []);
  const [low, throat] = [Math.min(...drawn), Math.max(...drawn)];
  const top = throat - low + HOLD;
  const steps = setbacks.length;
  const x = (i: number) => (round * i) / steps;
  const edges: TrueLine[] = [];
  for (let i = 0; i < steps; i++) {
    const [from, to] = [setbacks[i], setbacks[(i + 1) % steps]];
    if (from == null || to == null) continue;
    edges.push({ kind: 'line', from: [x(i), from - low], to: [x(i + 1), to - low] });
  }
  const start = (setbacks[0] ?? 0) - low;
  edges.push(
    { kind: 'line', from: [0, start], to: [0, top] },
    { kind: 'line', from: [0, top], to: [round + TAB, top] },
    { kind: 'line', from: [round, start], to: [round, top] },
    { kind: 'line', from: [round + TAB, top], to: [round + TAB, start + TAB] },
    { kind: 'line', from: [round + TAB, start + TAB], to: [round, start] },
  );
  return {
    stamp: `${cut.stamp} end ${cut.end.toUpperCase()}, ${CURVE_WORDS[curve]}, coped to ${cut.headers.join(', ') || 'the floor'}`,
    width: round + TAB,
    height: top,
    edges,
    // The face line at both edges and a quarter turn apart: clock the template by them.
    axis: [0.25, 0.5, 0.75].map((share): TrueLine => ({
      kind: 'line',
      from: [round * share, (setbacks[Math.round(share * steps)] ?? 0) - low],
      to: [round * share, top],
    })),
    // Ears and throat across the curve.
    tangents: [low, throat].map((setback): TrueLine => ({
      kind: 'line',
      from: [0, setback - low],
      to: [round, setback - low],
    })),
  };
}

const CURVE_WORDS: Record<CopeCurve, string> = {
  outer: 'outer edge',
  inner: 'inner edge',
  seating: 'seating line',
};
