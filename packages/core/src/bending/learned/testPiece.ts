import { radians } from '../../measure/index.ts';

/** The pulls of a test piece that are commonly made [trade, handbook §5]. Degrees, by the dial */
const TEST_PULLS = [30, 45, 90] as const;

/** What a test piece is cut and marked at for a die. mm from the end that is clamped last */
export interface TestPiecePlan {
  length: number;
  pulls: { reading: number; mark: number }[];
}

/**
 * One piece with three pulls: straight for the pressure die, then each arc with the straight that its clamp needs ahead of it, all in one
 * plane. The tube that an arc takes is that of its reading, so that what springs back leaves more and not less. marks: at the arcs' starts
 * on the clamp's side, moved by the die's offset toward the clamp. mm
 */
export function testPiecePlan({
  clr,
  clampLength,
  trailing,
  reference,
  offset,
}: {
  clr: number;
  clampLength: number;
  trailing: number;
  reference: 'start' | 'centre' | 'end';
  offset: number;
}): TestPiecePlan {
  let at = trailing;
  const pulls = TEST_PULLS.map((reading) => {
    const arc = clr * radians(reading);
    const end = at;
    const start = at + arc;
    at = start + clampLength;
    const places = { start, centre: (start + end) / 2, end };
    return { reading, mark: places[reference] + offset };
  });
  return { length: at, pulls };
}

/**
 * Where a die really starts, from tangents that were scribed on a test piece: the offset from the mark to the place of the bend that it
 * stands for, positive toward the clamp. onClamp, onFar: from the mark to the two tangents, positive toward the clamp. mm
 */
export function trueOffset(reference: 'start' | 'centre' | 'end', onClamp: number, onFar: number): number {
  const place = { start: onClamp, centre: (onClamp + onFar) / 2, end: onFar }[reference];
  // The mark lies so far from its place as the place from the mark, the other way.
  return -place + 0;
}
