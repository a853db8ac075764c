import { type Plan } from '../plan/index.ts';
import { type Vec3 } from '../space/index.ts';

type Rib = Plan['survey']['ribs'][number];
type Flat = readonly [out: number, up: number];

/**
 * How far a place lies from the inside of a closed roof, by the surveyed sections: between two of them in proportion. null where
 * no roof is known: open cars, ahead of the first section or behind the last. Car's frame, mm.
 */
export function roofGap({ survey, brief }: Plan): (at: Vec3) => number | null {
  if (brief.roof === 'open') return () => null;
  const ribs = [...survey.ribs].sort((a, b) => a.forward.mm - b.forward.mm);
  return ([x, y, z]) => {
    const ahead = ribs.findIndex(({ forward }) => forward.mm >= x);
    const [front, rear] = [ribs[ahead], ribs[ahead === 0 ? 0 : ahead - 1]];
    if (ahead < 0 || !front || !rear || (ahead === 0 && front.forward.mm > x)) return null;
    const share =
      front === rear ? 0 : (x - rear.forward.mm) / Math.max(front.forward.mm - rear.forward.mm, 1e-9);
    const [fromRear, fromFront] = [rear, front].map((rib) => toRoof(rib, [Math.abs(y), z])) as [
      number,
      number,
    ];
    return fromRear + share * (fromFront - fromRear);
  };
}

/** To the roof's line of a section: its uppermost slope and from there level to the middle. */
function toRoof({ points }: Rib, at: Flat): number {
  const [below, top] = points.slice(-2).map(({ out, up }): Flat => [out.mm, up.mm]) as [Flat, Flat];
  return Math.min(toLine(below, top, at), toLine(top, [0, top[1]], at));
}

function toLine(from: Flat, to: Flat, at: Flat): number {
  const along: Flat = [to[0] - from[0], to[1] - from[1]];
  const off: Flat = [at[0] - from[0], at[1] - from[1]];
  const square = along[0] ** 2 + along[1] ** 2;
  const share = square === 0 ? 0 : Math.min(1, Math.max(0, (off[0] * along[0] + off[1] * along[1]) / square));
  return Math.hypot(off[0] - share * along[0], off[1] - share * along[1]);
}
