import { NOISE } from '../../measure/index.ts';
import { cornersOf, distanceToPath, layOut, type Piece, piecesOf } from '../../centreline/index.ts';
import { fail, type Outcome, succeed, told } from '../../fault/index.ts';
import { itemAt, tripleOf } from '../../items/index.ts';
import { type ShapeOf } from '../../plan/index.ts';
import { beside, type Chord, type ShapePath } from './chord.ts';

interface Place {
  along: number;
  off: number;
}

/**
 * Arcs of the roller through offsets from a straight edge. Tangents are laid at some of the stations, each from the
 * parabola through it and its neighbours, and an arc fills each corner between two tangents. One arc more is taken until no
 * station lies farther off the axis than the tolerance.
 */
export function stationsPath(chord: Chord, shape: ShapeOf<'stations'>): Outcome<ShapePath> {
  const given = shape.stations
    .map(({ along, offset }) => ({ along: along.mm, off: offset.mm }))
    .sort((a, b) => a.along - b.along);
  const places = [{ along: 0, off: 0 }, ...given, { along: chord.length, off: 0 }];
  const tooNear = places.findIndex((place, i) => i > 0 && place.along - (places[i - 1]?.along ?? 0) < 1);
  if (tooNear > 0)
    return fail(
      'stations',
      '',
      told`the stations lie between 0 and ${{ mm: chord.length }}, each apart from the next: check ${{ mm: places[tooNear]?.along ?? 0 }}`,
    );
  let best: { path: ShapePath; error: number } | null = null;
  for (let arcs = 1; arcs < places.length; arcs++) {
    const path = arcsThrough(chord, places, arcs);
    const error = path && errorOf(chord, places, path);
    if (path === null || error === null) continue;
    if (best === null || error < best.error) best = { path, error };
    if (error <= shape.tolerance.mm) break;
  }
  if (best === null)
    return fail('stations', '', 'no arcs run through these offsets: check them, or give more');
  if (best.error > shape.tolerance.mm)
    return fail(
      'stations',
      '',
      told`the nearest arcs miss a station by ${{ mm: best.error, fine: true }}: allow that, or measure more stations`,
    );
  return succeed(best.path);
}

function arcsThrough(chord: Chord, places: Place[], arcs: number): ShapePath | null {
  const knots = Array.from({ length: arcs + 1 }, (_, i) => Math.round((i * (places.length - 1)) / arcs));
  const corners: (Place & { radius: number })[] = [];
  for (let i = 1; i < knots.length; i++) {
    const from = tangentAt(places, itemAt(knots, i - 1));
    const to = tangentAt(places, itemAt(knots, i));
    const corner = cornerOf(from, to);
    if (corner === null) return null;
    if (corner !== 'straight') corners.push(corner);
  }
  return {
    points: corners.map(({ along, off }) => beside(chord, along, off)),
    features: corners.map((_, i) => (corners.length === 1 ? 'arc' : `arc-${LETTERS[i] ?? 'z'}`)),
    radii: corners.map(({ radius }) => radius),
  };
}

const LETTERS = 'abcdefghijklmnopqrstuvwxyz';

interface Tangent extends Place {
  slope: number;
}

/** The slope of the parabola through a station and its neighbours; at an end, through the first three. */
function tangentAt(places: Place[], index: number): Tangent {
  const middle = Math.min(Math.max(index, 1), places.length - 2);
  const [p, q, r] = tripleOf([middle - 1, middle, middle + 1], (i) => itemAt(places, i));
  const first = (q.off - p.off) / (q.along - p.along);
  const second = ((r.off - q.off) / (r.along - q.along) - first) / (r.along - p.along);
  const at = itemAt(places, index);
  return { ...at, slope: first + second * (2 * at.along - p.along - q.along) };
}

/** Where two tangents meet, with the largest radius that fits between their points; null where they meet outside. */
function cornerOf(from: Tangent, to: Tangent): (Place & { radius: number }) | 'straight' | null {
  const turn = Math.abs(Math.atan(to.slope) - Math.atan(from.slope));
  if (turn < 1e-4) return 'straight';
  const along = (to.off - from.off + from.slope * from.along - to.slope * to.along) / (from.slope - to.slope);
  if (along <= from.along || along >= to.along) return null;
  const off = from.off + from.slope * (along - from.along);
  const tangent = Math.min(
    Math.hypot(along - from.along, off - from.off),
    Math.hypot(to.along - along, to.off - off),
  );
  return { along, off, radius: tangent / Math.tan(turn / 2) };
}

/** How far the worst station lies from the axis of a path; null where the path does not bend. */
function errorOf(chord: Chord, places: Place[], { points, radii }: ShapePath): number | null {
  const path = [beside(chord, 0, 0), ...points, beside(chord, chord.length, 0)];
  const corners = cornersOf({
    points: path.map((point): [number, number, number] => [...point]),
    clr: radii.map((radius) => (radius ?? 0) * (1 - NOISE)),
  });
  const lra = corners.ok ? layOut(corners.value) : corners;
  if (!corners.ok || !lra.ok) return null;
  const axis: Piece[] = piecesOf(corners.value, lra.value);
  return Math.max(...places.map(({ along, off }) => distanceToPath(beside(chord, along, off), axis)));
}
