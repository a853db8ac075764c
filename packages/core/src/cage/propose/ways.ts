import { type BarRole } from '../../plan/index.ts';

/** One of the ways in which a role is built, such as X or parallel. */
export type Arrangement = string;

/** How the ways begin in which a bar stands between two places of the body, and on no hoop. */
export const BETWEEN_PLACES = 'between two places';

/** How a front hoop follows the body. */
export const WITHIN_SECTION = 'within its section of the body';

/** A V that stands on one bar by its point and on another by its feet. */
export const V_ON_TWO_BARS = 'V on two bars';

/** The ways a role is built, the usual one first. */
export const WAYS: Partial<Record<BarRole, readonly Arrangement[]>> = {
  diagonal: ["driver's side left", "driver's side right", 'X'],
  'harness-bar': [
    'straight',
    'offset left',
    'offset right',
    'both offset',
    'behind the hoop',
    BETWEEN_PLACES,
    `${BETWEEN_PLACES}, ends bent`,
    `${BETWEEN_PLACES}, ends square`,
  ],
  'front-hoop': ['by its own figures', 'by straights and bends, or sample bends', WITHIN_SECTION],
  backstay: ['straight', 'bent'],
  'windscreen-bar': ['straight', 'cranked'],
  'roof-diagonal': ['single', 'X', 'V'],
  'rear-diagonal': ['single', 'X'],
  'door-bar': ['straight pair', 'single', 'X', 'bowed pair'],
  spreader: ['V below the rear cross', 'between the front legs', V_ON_TWO_BARS],
  'dash-bar': ['straight', 'round the column'],
};
