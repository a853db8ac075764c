import {
  type EndCut,
  formatAngle,
  formatWithUnit,
  type LengthStyle,
  type Plan,
  radians,
  slants,
  type Vec3,
} from '@gyrus/core';
import { type NamedFigure } from './cope.ts';
import { listed } from './listed.ts';

/** A direction that has less than this of an axis is not told by it. */
const SHARE = 0.35;

/** Which way something lies in the car: `front, left`. */
function carWords(toward: Vec3): string {
  const names = [
    ['front', 'rear'],
    ['left', 'right'],
    ['top', 'bottom'],
  ] as const;
  return listed(
    names.map(([plus, minus], axis) => {
      const part = toward[axis] ?? 0;
      return part > SHARE ? plus : part < -SHARE ? minus : null;
    }),
  );
}

/** How the saw is set for an end that is cut to a floor, a plate or a wall, and where its long side lies; none where it is square. od in mm */
export function footFigures(cut: EndCut, od: number, style: LengthStyle): NamedFigure[] {
  const { foot } = cut;
  if (!foot?.long) return [];
  const say = (mm: number) => formatWithUnit(mm, style);
  const { angle, rise, clock, long } = foot;
  return [
    { label: 'saw, off square', text: `${formatAngle(angle)}°` },
    { label: 'the long side stands out by', text: say(rise) },
    { label: 'it lies toward', text: carWords(long) },
    ...(clock === null
      ? []
      : [
          {
            label: 'round from the inside of the bend, looking up the tube',
            text: `${formatAngle(clock)}°, ${say((od / 2) * radians(clock))} round`,
          },
        ]),
  ];
}

/** How an end is cut to its plane: at the saw, or what to do where that does not swing so far. */
export function footCutWords(cut: EndCut, { sawSwing }: Pick<Plan['coping'], 'sawSwing'>): string {
  const { foot } = cut;
  if (!foot?.long) return 'Cut it square: what it stands on lies square to it.';
  if (foot.angle <= sawSwing.deg)
    return 'Set the saw, turn the tube in the vice until the long side lies where it is told, and cut.';
  return `The saw stops at ${formatAngle(sawSwing.deg)}°: cut it square past the long side, wrap the template round and grind to it; or clamp the tube on a wedge of ${formatAngle(foot.angle - sawSwing.deg)}°.`;
}

/** What the turn between a tube's ends is told from and to: `face line A to long side B`. */
export const clockedWords = (a: EndCut, b: EndCut): string =>
  [a, b].map((cut) => `${slants(cut) ? 'long side' : 'face line'} ${cut.end.toUpperCase()}`).join(' to ');
