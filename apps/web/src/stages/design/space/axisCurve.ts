import { lengthOf, type Piece, pointAt, type Vec3 } from '@gyrus/core';
import { Curve, TubeGeometry, Vector3 } from 'three';

/** Metres, so that the camera's defaults fit. */
const METRE = 1000;
const RADIAL = 10;
/** An arc is drawn in chords of this many degrees at most. */
const CHORD = 6;

/** x forward, y left, z up in the car → x to the left, y up, z forward in the picture; still right-handed. */
export const inPicture = ([x, y, z]: Vec3): Vector3 => new Vector3(y / METRE, z / METRE, x / METRE);
export const metres = (mm: number): number => mm / METRE;

/** The axis of a tube with its stops at the ends of straights and along its arcs, so that no bend is kinked. */
class AxisCurve extends Curve<Vector3> {
  readonly stops: number[];

  constructor(private readonly axis: Piece[]) {
    super();
    this.stops = stopsOf(axis);
  }

  override getPointAt(share: number): Vector3 {
    return inPicture(pointAt(this.axis, this.along(share)) ?? [0, 0, 0]);
  }

  override getTangentAt(share: number): Vector3 {
    const along = this.along(share);
    const step = 0.05;
    const total = lengthOf(this.axis);
    const from = pointAt(this.axis, Math.max(0, along - step)) ?? [0, 0, 0];
    const to = pointAt(this.axis, Math.min(total, along + step)) ?? [0, 0, 1];
    return inPicture(to).sub(inPicture(from)).normalize();
  }

  private along(share: number): number {
    const at = share * (this.stops.length - 1);
    const before = Math.min(Math.floor(at), this.stops.length - 2);
    const [low = 0, high = 0] = [this.stops[before], this.stops[before + 1]];
    return low + (high - low) * (at - before);
  }
}

function stopsOf(axis: Piece[]): number[] {
  const stops = [0];
  for (const piece of axis) {
    if (piece.length < 1e-6) continue;
    const chords = piece.kind === 'straight' ? 1 : Math.max(1, Math.ceil(piece.angle / CHORD));
    for (let i = 1; i <= chords; i++) stops.push(piece.start + (piece.length * i) / chords);
  }
  return stops;
}

/** The name of the moment at which new geometry is there for the renderer; `npm run bench` waits for it. */
const GEOMETRY = 'gyrus-geometry';

/** A tube swept along its axis. */
export function tubeGeometry(axis: Piece[], od: number): TubeGeometry {
  performance.clearMarks(GEOMETRY);
  const curve = new AxisCurve(axis);
  const geometry = new TubeGeometry(curve, curve.stops.length - 1, metres(od / 2), RADIAL, false);
  performance.mark(GEOMETRY);
  return geometry;
}
