import { type Occupant, type Plan } from '../plan/index.ts';
import { bar, cageOf, heightOn, mm, personOf, placeAt, point } from './index.ts';

/** Somebody of 1780 mm in the seat, measured at shoulder and helmet. */
export const personIn = (changes: Partial<Occupant> = {}): Occupant => ({
  ...personOf('o'),
  name: 'A. N.',
  height: mm(1780),
  shoulder: placeAt(230, 330, 560),
  helmetTop: placeAt(250, 330, 860),
  ...changes,
});

const leg = bar('f', 'front-leg', point(900, 640, 0), point(900, 600, 900));

const rail = bar('s', 'side-hoop', heightOn('m-hoop', 'left', 900), {
  kind: 'height',
  aside: null,
  on: { member: 'm-f' },
  height: mm(880),
});

const door = bar('d', 'door-bar', heightOn('m-hoop', 'left', 300), {
  kind: 'height',
  aside: null,
  on: { member: 'm-f' },
  height: mm(320),
});

/** A front leg, a side hoop and a door bar on the leaning car’s hoop, with somebody in it. */
export const cageWith = (occupant: Occupant = personIn()): Plan => ({
  ...cageOf(leg, rail, door),
  occupants: [occupant],
});
