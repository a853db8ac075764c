import { arcsIn } from '../../centreline/index.ts';
import { itemAt } from '../../items/index.ts';
import { decided, halve } from '../../measure/index.ts';
import { type Plan } from '../../plan/index.ts';
import { length } from '../../space/index.ts';
import { rebent, type Tube } from '../tube.ts';
import { keepOutGaps } from './keepOuts.ts';

/** A bend whose radius brings its tube too near to something that is kept free. mm */
export interface RadiusRoom {
  feature: string;
  /** What it comes too near to. */
  name: string;
  radius: number;
  /** The largest radius that keeps clear; null where none does. */
  most: number | null;
}

/** The least radius that is asked after, in diameters: tighter is no bend of a cage. The program's own choice */
const TIGHTEST = 1;

/** What is missing where nothing is: by how much it is clear is not asked. mm */
const CLEAR = -1;

/**
 * Bends of a tube that cut a corner off a keep-out on their inside, and the radius that would just pass it: the other corners stay as they
 * are. A keep-out that is met elsewhere, and no nearer for a tighter bend, is not told here.
 */
export function radiusRoom(plan: Plan, tube: Tube): RadiusRoom[] {
  const radii = arcsIn(tube.axis).map(({ radius }) => length(radius));
  if (radii.length !== tube.features.length) return [];
  return tube.features.flatMap((feature, i): RadiusRoom[] => {
    const radius = itemAt(radii, i);
    const tightest = Math.min(TIGHTEST * tube.od, radius);
    const bentOn = (clr: number) =>
      rebent(
        tube,
        tube.points,
        radii.map((own, k) => (k === i ? clr : own)),
      );
    return keepOutGaps(plan, [tube]).flatMap(({ keepOut, name, gap, clearance }): RadiusRoom[] => {
      const missing = (clr: number): number => {
        const bent = bentOn(clr);
        if (!bent.ok) return Infinity;
        const met = keepOutGaps(plan, [bent.value]).find((one) => one.keepOut === keepOut);
        return met ? met.clearance - met.gap : CLEAR;
      };
      const tight = missing(tightest);
      if (decided(tight - (clearance - gap)) >= 0) return [];
      const most = decided(tight) > 0 ? null : halve(tightest, radius, missing);
      return [{ feature, name, radius, most }];
    });
  });
}
