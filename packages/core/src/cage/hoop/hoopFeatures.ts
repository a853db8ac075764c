import { takeOffFeatures } from '../shape/index.ts';

/** The names of the bends of half a hoop, from the crown down, without their side: crown, knee, knee-two … */
export const hoopFeatures = (count: number): string[] =>
  [
    'crown',
    'knee',
    ...takeOffFeatures(count)
      .map((name) => name.replace('bend', 'knee'))
      .slice(1),
  ].slice(0, count);
