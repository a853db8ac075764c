import { type Lra, lraOf } from '../../centreline/index.ts';
import { type Outcome, succeed } from '../../fault/index.ts';
import { radians } from '../../measure/index.ts';
import { type Errors, normalFrom } from './chance.ts';
import { type ScatterInput } from './input.ts';
import { type Spread, spreadOf } from './widths.ts';

/** How the distance between a part's ends comes out, over many parts. mm */
export interface Scatter extends Spread {
  planned: number;
}

/**
 * Many parts with independent normal errors at each bend: a mark moves its bend along the tube, an angle and a rotation (which the
 * first has not) come out otherwise, straights are as long as they were. One seed, one answer.
 */
export function scatterOf({ sigma, n, seed, ...path }: ScatterInput): Outcome<Scatter> {
  const lra = lraOf(path);
  if (!lra.ok) return lra;
  const spans = spansOf(lra.value, sigma, n, seed);
  return succeed({
    planned: spanOf(lra.value, new Float64Array(3 * lra.value.bends.length)),
    ...spreadOf(spans),
  });
}

/** The distance between the ends of each of n parts. mm */
export function spansOf(lra: Lra, sigma: Errors, n: number, seed: number): Float64Array {
  const normal = normalFrom(seed);
  const errors = new Float64Array(3 * lra.bends.length);
  const spans = new Float64Array(n);
  for (let k = 0; k < n; k++) {
    for (let i = 0; i < errors.length; i += 3) {
      errors[i] = sigma.mark * normal();
      errors[i + 1] = sigma.angle * normal();
      errors[i + 2] = i === 0 ? 0 : sigma.rotation * normal();
    }
    spans[k] = spanOf(lra, errors);
  }
  return spans;
}

/**
 * The distance between the ends of a part with [mark, angle, rotation] errors, three a bend. From end B backward, in the frame of each
 * straight (x along it, y toward its bend's centre), so that no frame is carried along. mm, degrees
 */
function spanOf({ bends, tail }: Lra, errors: Float64Array): number {
  const off = (i: number) => errors[i] ?? 0;
  let x = tail - off(3 * (bends.length - 1));
  let [y, z] = [0, 0];
  for (let i = bends.length - 1; i >= 0; i--) {
    const bend = bends[i];
    if (!bend) continue;
    const turn = radians(bend.angle + off(3 * i + 1));
    const [cosine, sine] = [Math.cos(turn), Math.sin(turn)];
    const straight = bend.length + off(3 * i) - (i > 0 ? off(3 * (i - 1)) : 0);
    [x, y] = [
      straight + bend.clr * sine + x * cosine - y * sine,
      bend.clr * (1 - cosine) + x * sine + y * cosine,
    ];
    const about = radians(bend.rotation + off(3 * i + 2));
    [y, z] = [y * Math.cos(about) - z * Math.sin(about), y * Math.sin(about) + z * Math.cos(about)];
  }
  return Math.sqrt(x * x + y * y + z * z);
}
