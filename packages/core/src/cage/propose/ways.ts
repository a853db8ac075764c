import { type BarRole } from '../../plan/index.ts';

/** One of the ways in which a role is built, such as X or parallel. */
export type Arrangement = string;

/** How the ways begin in which a bar stands between two places of the body, and on no hoop. */
export const BETWEEN_PLACES = 'between two places';

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
  backstay: ['straight', 'bent'],
  'windscreen-bar': ['straight', 'cranked'],
  'roof-diagonal': ['single', 'X'],
  'rear-diagonal': ['single', 'X'],
  'door-bar': ['straight pair', 'single', 'X', 'bowed pair'],
  'dash-bar': ['straight', 'round the column'],
};
