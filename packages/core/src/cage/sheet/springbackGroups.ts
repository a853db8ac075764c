import { type Die, type DieTest, type Shop, type TubeChoice } from '../../plan/index.ts';
import { CATALOGUE } from '../../measure/index.ts';

/** The tube that bends are of: its size, how it was made where that is known, its batch. */
export type BentTube = Pick<DieTest, 'od' | 'wall' | 'kind' | 'batch'>;

/** The bends of a die in one tube. Sound or not: who draws a line through them says which count. */
export interface SpringbackGroup {
  tube: BentTube;
  tests: DieTest[];
}

/**
 * A die's bends by their tube, in the order in which the tubes came. As where a pull is foretold, bends of unknown kind count with every
 * kind of their size and batch; they stand by themselves only where there is no other.
 */
export function springbackGroups({ tests }: Pick<Die, 'tests'>): SpringbackGroup[] {
  const groups: SpringbackGroup[] = [];
  for (const test of tests) {
    const kindKnown = tests.some((one) => one.kind !== null && isSameTube({ ...test, kind: one.kind }, one));
    if ((test.kind === null && kindKnown) || groups.some(({ tube }) => isSameTube(tube, test))) continue;
    const { od, wall, kind, batch } = test;
    const tube = { od, wall, kind, batch };
    const ofTube = tests.filter((one) => isSameTube(tube, { ...one, kind: one.kind ?? kind }));
    groups.push({ tube, tests: ofTube });
  }
  return groups;
}

const isSameTube = (a: BentTube, b: BentTube): boolean =>
  Math.abs(a.od.mm - b.od.mm) < CATALOGUE &&
  Math.abs(a.wall.mm - b.wall.mm) < CATALOGUE &&
  a.kind === b.kind &&
  a.batch === b.batch;

/** Tube in stock that a die takes and that no sound bend of the very batch tells of: a test bend is due. */
export function testsDue(die: Pick<Die, 'od' | 'tests'>, { tubes }: Pick<Shop, 'tubes'>): TubeChoice[] {
  const told = (tube: TubeChoice) =>
    die.tests.some((test) => test.sound && isSameTube({ ...test, kind: test.kind ?? tube.kind }, tube));
  return tubes
    .filter((tube) => Math.abs(tube.od.mm - die.od.mm) < CATALOGUE && !told(tube))
    .map(({ od, wall, kind, batch }) => ({ od, wall, kind, batch }));
}
