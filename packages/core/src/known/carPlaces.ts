import { isFigure } from '../measure/index.ts';
import { type Plan } from '../plan/index.ts';
import { type Vec3 } from '../space/index.ts';
import { recordedThings } from './recorded.ts';
import { type Path, type ThingName } from './thing.ts';

/** A place in the car that is taken with tape and square: its name, where its three distances stand in the plan, and where it is. mm */
export interface CarPlace {
  name: ThingName;
  path: Path;
  at: Vec3;
}

/** Whose places are shown one by one: boxes, panels and lines of sight have pictures of their own. */
const SHOWN = new Set<ThingName['of']>(['point', 'occupant', 'member', 'plate', 'part']);

/** Every place of the car and of the people in it that the plan holds. */
export const carPlaces = (plan: Plan): CarPlace[] =>
  recordedThings(plan, isFigure).flatMap(({ name, figures }) => {
    const [first, ...more] = figures;
    if (!first || more.length !== 2 || first.axis === null) return [];
    if (!SHOWN.has(name.of) || name.standsFor === 'cage') return [];
    const [x = 0, y = 0, z = 0] = figures.map(({ value }) => ('mm' in value ? value.mm : 0));
    return [{ name, path: first.path.slice(0, -1), at: [x, y, z] }];
  });
