import { CATALOGUE, decided } from '../measure/index.ts';
import { type Status } from './finding.ts';

/** What is measured with tape or protractor is clear only beyond the instrument's error (handbook §9). */
export function judgeMeasured(margin: number, error: number): Status {
  if (decided(margin) < 0) return 'out';
  return decided(margin - error) < 0 ? 'look' : 'clear';
}

/** Catalogue sizes compare as they are. */
export const judgeCatalogue = (margin: number): Status => (decided(margin + CATALOGUE) < 0 ? 'out' : 'clear');

interface Window {
  least: number;
  most: number;
}

/** How far inside a window an angle lies; negative outside. */
export const marginIn = ({ least, most }: Window, angle: number): number =>
  Math.min(angle - least, most - angle);

/** The limit of a window that an angle is nearer to. */
export const nearerLimit = ({ least, most }: Window, angle: number): number =>
  angle - least < most - angle ? least : most;
