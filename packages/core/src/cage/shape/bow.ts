import { setbackOf } from '../../centreline/index.ts';
import { fail, type Outcome, succeed, told } from '../../fault/index.ts';
import { firstZero, radians } from '../../measure/index.ts';
import { type ShapeOf } from '../../plan/index.ts';
import { beside, type BendRoom, type Chord, type ShapePath } from './chord.ts';

/** Slopes tried, in degrees; steeper ends are a stand-off. */
const STEEPEST = 85;

/**
 * A bowed bar: both ends slope away from the chord and the middle runs parallel to it. By its rise the slope is solved for
 * the die, so that `flat` is left straight between the tangents; by its slope the rise follows.
 */
export function bowPath(
  chord: Chord,
  { rise, angle, flat }: ShapeOf<'bow'>,
  { clr }: BendRoom,
): Outcome<ShapePath> {
  const one = flat.mm === 0;
  // How far the sloping end runs along the chord, for a slope: the flat takes its tangents from the middle.
  const runFor = (slope: number) =>
    one ? chord.length / 2 : (chord.length - flat.mm) / 2 - setbackOf(clr, slope);
  const riseFor = (slope: number) => runFor(slope) * Math.tan(radians(slope));
  // The end must hold the setback of its bend.
  const fits = (slope: number) =>
    runFor(slope) / Math.cos(radians(slope)) >= setbackOf(clr, one ? 2 * slope : slope);
  const slope = angle?.deg ?? firstZero(0.01, STEEPEST, 500, (at) => riseFor(at) - (rise?.mm ?? 0));
  if (slope === null || !fits(slope)) return tooMuch(riseFor, fits, flat.mm);
  const off = riseFor(slope);
  if (one)
    return succeed({
      points: [beside(chord, chord.length / 2, off)],
      features: ['bow-middle'],
      radii: [null],
    });
  const run = runFor(slope);
  return succeed({
    points: [beside(chord, run, off), beside(chord, chord.length - run, off)],
    features: ['bow-a', 'bow-b'],
    radii: [null, null],
  });
}

function tooMuch(riseFor: (slope: number) => number, fits: (slope: number) => boolean, flat: number) {
  let most = 0;
  for (let slope = 0.25; slope <= STEEPEST; slope += 0.25)
    if (fits(slope)) most = Math.max(most, riseFor(slope));
  const remedy =
    most > 1
      ? told`with ${{ mm: flat }} left straight it rises ${{ mm: most, round: 'down' }} at most`
      : told`there is no room for ${{ mm: flat }} of straight: leave less`;
  return fail('bow-does-not-fit', '', told`the bow does not fit between its ends: ${remedy}`);
}
