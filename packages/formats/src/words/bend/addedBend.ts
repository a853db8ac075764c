import { type AddedBend, copeTurned, formatAngle, formatWithUnit, type LengthStyle } from '@gyrus/core';

/** What a bend does to a bar that is finished and coped. */
export function addedBendWords(
  { chord: [before, after], rise, turned, straights }: AddedBend,
  od: number,
  style: LengthStyle,
): string[] {
  const length = (mm: number) => formatWithUnit(Math.abs(mm), style);
  const cope = (end: 'A' | 'B', by: number): string => {
    const { fits, opens } = copeTurned(od, by);
    return fits
      ? `Its cope at ${end} still fits: it leans ${formatAngle(Math.abs(by))}° otherwise.`
      : `Its cope at ${end} leans ${formatAngle(Math.abs(by))}° otherwise and opens by up to ${length(opens)}: cut it again.`;
  };
  const short = before - after;
  return [
    short > 0
      ? `Its ends come ${length(short)} nearer to each other: it does not reach any more, and wants a longer bar or its joints moved.`
      : `Its ends stand ${length(short)} farther apart: it is too long, and can be cut.`,
    `The bend's corner stands ${length(rise)} off the line between the ends.`,
    cope('A', turned[0]),
    cope('B', turned[1]),
    `${length(straights[0])} and ${length(straights[1])} of straight are left beside it.`,
  ];
}
