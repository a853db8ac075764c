import {
  type BendOff,
  formatAngle,
  formatWithUnit,
  isUsable,
  type LengthStyle,
  type PartMade,
} from '@gyrus/core';

/** Whether a practised part could be used, and by how much it is off, in words. */
export function partWords(
  part: PartMade,
  blank: number,
  style: LengthStyle,
): { usable: boolean; words: string } {
  const length = (mm: number) => formatWithUnit(mm, style);
  const { off, far, apart } = part;
  const usable = isUsable(part);
  const ends = `end B is off by ${length(far)}, the ends stand ${length(Math.abs(apart))} ${apart < 0 ? 'nearer' : 'farther apart'}`;
  return {
    usable,
    words: usable
      ? `It can be used: ${ends}.`
      : `It is scrap, ${length(blank)} of tube: ${ends}; at its worst it is off by ${length(Math.max(...off))}.`,
  };
}

/** Less than this is nobody's fault. mm, degrees */
const SEEN = { place: 2, plane: 0.5, angle: 0.5 };

/** Why a bend is off: `bend 2 lies 1 in toward B of its place, as it was clamped toward the other end`. */
export function bendOffWords(
  { bend, place, plane, angle }: BendOff,
  made: { zeroed: boolean; clampedWrong: boolean },
  style: LengthStyle,
): string[] {
  const where = `bend ${bend}`;
  return [
    ...(Math.abs(place) > SEEN.place
      ? [
          `${where} lies ${formatWithUnit(Math.abs(place), style)} toward ${place > 0 ? 'B' : 'A'} of its place${made.clampedWrong ? ', as the clamp was toward the other end' : ', as its mark was'}`,
        ]
      : []),
    ...(Math.abs(plane) > SEEN.plane
      ? [`${where} lies ${formatAngle(Math.abs(plane))}° out of its plane, as the tube was turned otherwise`]
      : []),
    ...(Math.abs(angle) > SEEN.angle
      ? [
          `${where} has ${formatAngle(Math.abs(angle))}° too ${angle < 0 ? 'little' : 'much'}${made.zeroed ? '' : ', and its dial was not zeroed under preload'}`,
        ]
      : []),
  ];
}
