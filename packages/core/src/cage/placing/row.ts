import { DECISION } from '../../measure/index.ts';
import { lengthOf, nearestBetween, pointAt } from '../../centreline/index.ts';
import { andThen, fail, type Outcome, succeed, told } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { type CarSide, type Station } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { endFeatures, heightPoint, stationAlong } from './station.ts';
import { type Tube } from '../tube.ts';

/** The tubes of one bar from its end A to its end B: one, or the parts of a bar that is split, in line. */
export type Row = [Tube, ...Tube[]];

/** A place on a bar: the tube that has it, and how far along that tube's own axis from its end A. Car's frame, mm. */
export interface RowPlace {
  tube: Tube;
  along: number;
  point: Vec3;
}

/** The whole bar's length from end A to end B, whatever splits it. mm */
const wholeLength = (row: Row): number => row.reduce((sum, tube) => sum + lengthOf(tube.axis), 0);

/** Where a distance along the whole bar lies; null beyond its ends. The place where two parts meet is the first one's. */
export function placeAlong(row: Row, along: number): RowPlace | null {
  let before = 0;
  for (const tube of row) {
    const point = pointAt(tube.axis, along - before);
    if (point) return { tube, along: along - before, point };
    before += lengthOf(tube.axis);
  }
  return null;
}

/** The place that a station of a bar names: its ends and distances are the whole bar's, whatever it is split by. */
export function stationOnRow(row: Row, station: Station): Outcome<RowPlace> {
  return andThen(alongRow(row, station), (along) => {
    const found = placeAlong(row, along);
    if (!found)
      return fail(
        'off-the-tube',
        '',
        told`the place lies beyond an end of ${stampsOf(row)}, which is ${{ mm: wholeLength(row) }} long`,
      );
    // A bend's corner lies off the axis.
    const bend = found.tube.features.indexOf(station.feature);
    const corner = station.edge === 'pi' && station.along.mm === 0 && bend >= 0;
    return succeed(corner ? { ...found, point: itemAt(found.tube.points, bend + 1) } : found);
  });
}

/** How far along the whole bar from end A a station lies, mm; it may lie beyond an end. */
function alongRow(row: Row, station: Station): Outcome<number> {
  const [endA, endB] = endFeatures(row[0]);
  if (station.feature === endA) return succeed(station.along.mm);
  if (station.feature === endB) return succeed(wholeLength(row) + station.along.mm);
  let before = 0;
  for (const tube of row) {
    if (tube.features.includes(station.feature)) return succeed(before + stationAlong(tube, station));
    before += lengthOf(tube.axis);
  }
  const features = [endA, ...row.flatMap((tube) => tube.features), endB];
  return fail(
    'no-feature',
    '',
    `${stampsOf(row)} has no "${station.feature}": it has ${features.join(', ')}`,
  );
}

/** The first place of the bar, from its end A, at a height above the floor. */
export function heightOnRow(row: Row, height: number, side: CarSide | null): Outcome<RowPlace> {
  const [first, ...others] = row;
  const own = heightPoint(first, height, side);
  if (own.ok) return succeed({ tube: first, ...own.value });
  for (const tube of others) {
    const there = heightPoint(tube, height, side);
    if (there.ok) return succeed({ tube, ...there.value });
  }
  return own;
}

/** The part of each of two bars that comes nearest to the other. */
export function nearestParts(first: Row, second: Row): [Tube, Tube] {
  let best: [Tube, Tube] = [first[0], second[0]];
  if (first.length === 1 && second.length === 1) return best;
  let least = Infinity;
  for (const a of first)
    for (const b of second) {
      const { distance } = nearestBetween(a.axis, b.axis);
      // Parts of a split bar touch where they meet: the first of equals stays.
      if (distance >= least - DECISION) continue;
      least = distance;
      best = [a, b];
    }
  return best;
}

const stampsOf = (row: Row): string => row.map(({ stamp }) => stamp).join(' and ');
