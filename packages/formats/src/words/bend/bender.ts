import {
  type BenderKind,
  type Hindrance,
  type LengthStyle,
  fineLength,
  formatAngle,
  formatWithUnit,
  type Met,
  type Swing,
  type Turn,
} from '@gyrus/core';

/** How a machine bends. */
export const benderKindWords: Record<BenderKind, string> = {
  'draw-hand': 'rotary draw, by hand',
  'draw-air': 'rotary draw, air over hydraulic',
  'draw-hydraulic': 'rotary draw, hydraulic',
  ram: 'ram: the die is pushed between two followers',
  compression: 'compression: wrapped round a standing die',
  roller: 'roller, for large radii',
};

/** Which way the bent end goes. */
export const swingWords: Record<Swing, string> = {
  left: 'to the left, on a bed that lies',
  right: 'to the right, on a bed that lies',
  up: 'up, on a bed that stands',
  down: 'down, on a bed that stands',
};

/** What the tube meets at the machine. */
export function metWords(met: Met): string {
  switch (met.what) {
    case 'wall':
      return met.wall === 'ahead' || met.wall === 'behind'
        ? `the wall ${met.wall}`
        : `the wall at the ${met.wall}`;
    case 'frame':
      return met.name;
    case 'pressure-die':
      return 'the pressure die';
    case 'itself':
      return 'itself';
    case 'operator':
      return 'the operator';
    default:
      return `the ${met.what}`;
  }
}

/** Why a pull cannot be made: `the tube meets the floor at 41°`. */
export function hindranceWords(hindrance: Hindrance, style: LengthStyle): string {
  if (hindrance.kind === 'straight') {
    const { where, measured, limit } = hindrance;
    const who = where === 'ahead' ? 'the clamp' : 'the pressure die';
    return `${fineLength(measured, style)} of straight is left for ${who}, which needs ${fineLength(limit, style)}`;
  }
  const { met, touches, gap } = hindrance;
  const when = touches === 0 ? 'before the pull' : `at ${formatAngle(touches)}°`;
  return `the tube meets ${metWords(met)} ${when}, and would go ${formatWithUnit(-gap, style)} into it`;
}

/** A pull by its bend and its clamp: `bend 3, clamp toward A`. */
export const turnName = ({ bend, clamp }: Turn): string =>
  `bend ${bend}, clamp toward ${clamp.toUpperCase()}`;

/** What is bent already: `after bends 1 and 2`. */
export function afterWords(bends: readonly number[]): string {
  if (bends.length === 0) return 'first';
  const list = new Intl.ListFormat('en', { type: 'conjunction' }).format(bends.map(String));
  return `after bend${bends.length === 1 ? '' : 's'} ${list}`;
}
