import { millimetres, NOISE } from '../../measure/index.ts';
import {
  type BendTooling,
  elasticShare,
  type SpringbackModel,
  type Side,
  type TestBend,
} from '../../bending/index.ts';
import { type BendingChoice, type Die, type DieTest, type TubeChoice } from '../../plan/index.ts';
import { TYPICAL_YIELD } from '../../tube/index.ts';

/** A target this far outside the tests is said to be extrapolated. Degrees; the program's own choice. */
const FAR_OUTSIDE = 10;

/** Which way of telling springback the reading of a bend really came from. */
export type SpringbackUsed = 'tests' | 'constant' | 'share' | 'theory' | 'theory-without-tests' | 'rolled';

/** A bend's die, and the springback it is pulled by. */
export interface BendSetup {
  feature: string;
  die: Die;
  used: SpringbackUsed;
  /** The tests that count, of the same OD and wall. */
  tests: DieTest[];
  /** The tests are of another batch than the tube's. */
  otherBatch: boolean;
  tooling: BendTooling;
}

/** How a bend is made: by the member's choices, or by the roller where it has a radius of its own; null where no die is chosen. */
export function setupOf(
  { feature, radius }: { feature: string; radius: number | null },
  tube: TubeChoice,
  bending: BendingChoice,
  dies: Die[],
  clampSide: Side,
): BendSetup | null {
  if (radius !== null) return rolled(feature, radius, tube, clampSide);
  const die = dies.find((one) => one.id === (bending.dieAt[feature] ?? bending.die));
  if (!die) return null;
  const { tests, otherBatch } = testsFor(die, tube);
  const { model, used } = modelOf(bending, tests, tube, die);
  return {
    feature,
    die,
    used,
    tests: used === 'tests' ? tests : [],
    otherBatch: used === 'tests' && otherBatch,
    tooling: {
      clr: die.finishedRadius?.mm ?? die.clr.mm,
      takes: die.takes.map(({ angle, tube: used }) => ({ angle: angle.deg, tube: used.mm })),
      die: { reference: die.reference, offset: die.offset.mm },
      springback: model,
      growRadius: bending.growRadius && die.finishedRadius === null,
      clampSide,
    },
  };
}

/**
 * A bend of the roller: it starts at its tangent, and is rolled until its rise is right, so no reading is foretold.
 * The radius is a hair under the given one, so that arcs that touch leave a straight of nothing rather than less.
 */
function rolled(feature: string, radius: number, tube: TubeChoice, clampSide: Side): BendSetup {
  const mm = (value: number) => millimetres(value, 1);
  const clr = radius * (1 - NOISE);
  return {
    feature,
    die: {
      id: `roller-${feature}`,
      machine: 'roller',
      name: 'roller',
      od: tube.od,
      clr: mm(clr),
      reference: 'start',
      offset: mm(0),
      clampLength: mm(0),
      trailing: mm(0),
      largestAngle: null,
      finishedRadius: mm(clr),
      dialStep: null,
      dialZero: null,
      takes: [],
      tests: [],
    },
    used: 'rolled',
    tests: [],
    otherBatch: false,
    tooling: {
      clr,
      die: { reference: 'start', offset: 0 },
      springback: { model: 'none' },
      growRadius: false,
      clampSide,
    },
  };
}

/** Sound bends in the same OD, wall and kind, as far as the kind is known; of the tube's batch where there are such. */
export function testsFor(die: Die, tube: TubeChoice): { tests: DieTest[]; otherBatch: boolean } {
  const same = (a: { mm: number }, b: { mm: number }) => Math.abs(a.mm - b.mm) < 0.01;
  const fitting = die.tests.filter(
    (test) =>
      test.sound &&
      same(test.od, tube.od) &&
      same(test.wall, tube.wall) &&
      (test.kind === null || test.kind === tube.kind),
  );
  const ofBatch = fitting.filter((test) => test.batch === tube.batch);
  return ofBatch.length > 0
    ? { tests: ofBatch, otherBatch: false }
    : { tests: fitting, otherBatch: fitting.length > 0 && tube.batch !== '' };
}

function modelOf(
  { springback }: BendingChoice,
  tests: DieTest[],
  tube: TubeChoice,
  die: Die,
): { model: SpringbackModel; used: SpringbackUsed } {
  switch (springback.school) {
    case 'constant':
      return { model: { model: 'constant', degrees: springback.degrees.deg }, used: 'constant' };
    case 'share':
      return { model: { model: 'share', share: springback.share }, used: 'share' };
    case 'theory':
      return { model: theory(tube, springback.yieldStrength, die.clr.mm), used: 'theory' };
    case 'tests':
      if (tests.length > 0) return { model: { model: 'tests', tests: tests.map(plain) }, used: 'tests' };
      return { model: theory(tube, TYPICAL_YIELD[tube.kind], die.clr.mm), used: 'theory-without-tests' };
  }
}

const plain = (test: DieTest): TestBend => ({ reading: test.reading.deg, released: test.released.deg });

/** The elastic share s is of the reading, θ = φ·(1 − s); a builder's share is of the angle, φ = θ·(1 + share). */
function theory(tube: TubeChoice, yieldStrength: number, clr: number): SpringbackModel {
  const share = elasticShare({ od: tube.od.mm, wall: tube.wall.mm }, yieldStrength, clr);
  return { model: 'share', share: share / (1 - share) };
}

/** Whether the angle lies far outside what was tested. */
export function isExtrapolated(angle: number, tests: DieTest[]): boolean {
  if (tests.length === 0) return false;
  const released = tests.map((test) => test.released.deg);
  return angle < Math.min(...released) - FAR_OUTSIDE || angle > Math.max(...released) + FAR_OUTSIDE;
}
