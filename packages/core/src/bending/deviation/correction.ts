import { type Lra, pathFrom } from '../../centreline/index.ts';
import { andThen, type Outcome, succeed } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { decided, degrees, leastOver, radians } from '../../measure/index.ts';
import { distance, dot, length, subtract, unit, type Vec3 } from '../../space/index.ts';
import { type Dial, dialFor } from '../dial.ts';
import { type MarkedBlank } from '../marks.ts';
import { asPulled, type PulledOtherwise } from './asPulled.ts';
import { remade, startOf } from './whatNow.ts';

/** A bend as it was measured after its release. Degrees, mm */
export interface MeasuredBend extends PulledOtherwise {
  bend: number;
  angle: number;
  /** What the dial read at full pull; null where it cannot be trusted, as it was not zeroed or the tube slipped. */
  reading: number | null;
}

/** Of a bend that is still to be made: the angle that it would best be given, and how far end B is off then. Degrees, mm */
interface Taking {
  bend: number;
  angle: number;
  far: number;
}

/** What is to be done after a bend. */
export interface Correction {
  verdict: 'right' | 'short' | 'over';
  /** Released, less the angle wanted. */
  off: number;
  /** Short: how much farther than the last pull, and what to pull to where the last reading is to be trusted. */
  pull: { more: number; dial: Dial | null } | null;
  /** How far each end and PI is off, A → B, if it is left as it is. mm */
  points: number[];
  /** The ends farther apart; less than nothing: nearer. mm */
  apart: number;
  /** What of end B lies along its straight, which trim may take, and what aside. mm */
  end: { along: number; aside: number; trimTakes: boolean };
  /** What each bend that is still to be made could take of it, the best first. */
  takings: Taking[];
}

/** A bend that is still to be made is not bent otherwise by more than this to make up for another. Degrees */
const MOST_TAKEN = 10;

/**
 * What now? after a measured bend: how much to pull further, or what the part is if it is left, and what can still take it. toBeMade: numbers
 * of the bends that are not made yet; slope: degrees released for each degree pulled; error: what the protractor is trusted to.
 * Fault: a place farther off than the straights beside the bend are long.
 */
export const correctionOf = (
  blank: Pick<MarkedBlank, 'corners' | 'lra' | 'trim'>,
  measured: MeasuredBend,
  toBeMade: readonly number[],
  dial: { slope: number; step: number | null; zero: number; error: number },
): Outcome<Correction> =>
  andThen(asPulled(blank, measured.bend, measured, toBeMade), (made) =>
    succeed(correctionOfPart(blank, made, measured, toBeMade, dial)),
  );

function correctionOfPart(
  { corners, lra, trim }: Pick<MarkedBlank, 'corners' | 'lra' | 'trim'>,
  made: Pick<Lra, 'bends' | 'tail'>,
  measured: MeasuredBend,
  toBeMade: readonly number[],
  { slope, step, zero, error }: { slope: number; step: number | null; zero: number; error: number },
): Correction {
  const indexOf = (bend: number) => corners.corners.findIndex(({ index }) => index === bend);
  const wanted = itemAt(lra.bends, indexOf(measured.bend)).angle;
  const off = measured.angle - wanted;
  const start = startOf(corners);
  const pathOf = ({ bends, tail }: Pick<Lra, 'bends' | 'tail'>) => pathFrom(start, bends, tail);
  const points = pathOf(made);
  const planned = pathOf(lra);
  const verdict = decided(Math.abs(off) - error) <= 0 ? 'right' : off < 0 ? 'short' : 'over';
  const more = -off / slope;
  return {
    verdict,
    off,
    pull:
      verdict === 'short'
        ? {
            more,
            dial:
              measured.reading === null
                ? null
                : dialFor(measured.reading - zero + more, { step, zero }, slope),
          }
        : null,
    points: points.map((at, k) => distance(at, itemAt(planned, k))),
    apart: spanOf(points) - spanOf(planned),
    end: endOff(points, itemAt(planned, -1), trim[1]),
    takings: toBeMade
      .filter((bend) => bend !== measured.bend)
      .map((bend) =>
        takingOf({ ...lra, ...made }, indexOf(bend), bend, (of) =>
          distance(itemAt(pathOf(of), -1), itemAt(planned, -1)),
        ),
      )
      .sort((a, b) => a.far - b.far),
  };
}

const spanOf = (points: readonly Vec3[]): number => distance(itemAt(points, 0), itemAt(points, -1));

function endOff(points: readonly Vec3[], wanted: Vec3, trim: number): Correction['end'] {
  const end = itemAt(points, -1);
  const moved = subtract(end, wanted);
  const along = dot(moved, unit(subtract(end, itemAt(points, -2))));
  const aside = Math.sqrt(Math.max(0, length(moved) ** 2 - along ** 2));
  // What is too long is cut off; what is too short is made up by the trim that is there.
  return { along, aside, trimTakes: decided(along + trim) >= 0 };
}

/** The angle of one bend that brings end B nearest to its place. */
function takingOf(
  lra: Lra,
  i: number,
  bend: number,
  far: (of: Pick<Lra, 'bends' | 'tail'>) => number,
): Taking {
  const { angle } = itemAt(lra.bends, i);
  // End B moves by no more than the tube is long, times the turn: so far along a way of that length.
  const reach = lra.developed;
  const most = Math.min(MOST_TAKEN, angle / 2);
  const angleAt = (way: number) => angle - most + degrees(way / reach);
  const farAt = (way: number) => {
    return far(remade(lra, i, { angle: angleAt(way) }));
  };
  const { along, least } = leastOver(2 * reach * radians(most), farAt, { closeness: 0.01 });
  return { bend, angle: angleAt(along), far: least };
}
