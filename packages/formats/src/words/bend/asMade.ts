import { type AsMade, formatAngle, formatWithUnit, type LengthStyle } from '@gyrus/core';

/** Below these an end is where it belongs. mm, degrees */
const SEEN = { off: 1, turned: 0.2 };

/** What the ends of a part do at their joints: `end B stands 12 mm off and leans 2° otherwise: fit it before its cope is cut`. */
export function endsWords({ ends }: AsMade, style: LengthStyle): string[] {
  return (['a', 'b'] as const).flatMap((end) => {
    const { off, turned } = ends[end];
    if (off < SEEN.off && turned < SEEN.turned) return [];
    return [
      `End ${end.toUpperCase()} stands ${formatWithUnit(off, style)} off and leans ${formatAngle(turned)}° otherwise: a cope that is cut for its place does not fit; offer it up before it is cut.`,
    ];
  });
}
