import { type BarRole } from '../../plan/index.ts';

/** One of the ways in which a role is built, such as X or parallel. */
export type Arrangement = string;

/** The ways a role is built, the usual one first. */
export const WAYS: Partial<Record<BarRole, readonly Arrangement[]>> = {
  diagonal: ["driver's side left", "driver's side right", 'X'],
  'harness-bar': [
    'straight',
    'offset left',
    'offset right',
    'both offset',
    'behind the hoop',
    'between two places',
    'between two places, ends bent',
    'between two places, ends square',
  ],
  backstay: ['straight', 'bent'],
  'windscreen-bar': ['straight', 'cranked'],
  'roof-diagonal': ['single', 'X'],
  'rear-diagonal': ['single', 'X'],
  'door-bar': ['straight pair', 'single', 'X', 'bowed pair'],
  'dash-bar': ['straight', 'round the column'],
};
