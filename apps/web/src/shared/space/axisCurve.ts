import { lengthOf, type Piece, pointAt, type Shell, type Vec3 } from '@gyrus/core';
import { BufferGeometry, Curve, Float32BufferAttribute, TubeGeometry, Vector3 } from 'three';

/** Metres, so that the camera's defaults fit. */
const METRE = 1000;
const RADIAL = 10;
/** An arc is drawn in chords of this many degrees at most. */
const CHORD = 6;

/** x forward, y left, z up in the car → x to the left, y up, z forward in the picture; still right-handed. */
export const inPicture = ([x, y, z]: Vec3): Vector3 => new Vector3(y / METRE, z / METRE, x / METRE);
/** Space is drawn in metres. */
export const metres = (mm: number): number => mm / METRE;

/** The axis of a tube with its stops at the ends of straights and along its arcs, so that no bend is kinked. */
class AxisCurve extends Curve<Vector3> {
  readonly stops: number[];

  constructor(
    private readonly axis: Piece[],
    stretch: [from: number, to: number],
  ) {
    super();
    const [from, to] = stretch;
    this.stops = [from, ...stopsOf(axis).filter((stop) => stop > from && stop < to), to];
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

/** A tube swept along its axis, or along a stretch of it in mm. */
export function tubeGeometry(
  axis: Piece[],
  od: number,
  { stretch = [0, lengthOf(axis)], radial = RADIAL }: { stretch?: [number, number]; radial?: number } = {},
): TubeGeometry {
  const curve = new AxisCurve(axis, stretch);
  return marked(() => new TubeGeometry(curve, curve.stops.length - 1, metres(od / 2), radial, false));
}

function marked<T>(make: () => T): T {
  performance.clearMarks(GEOMETRY);
  const geometry = make();
  performance.mark(GEOMETRY);
  return geometry;
}

/** A shell of the core in the picture's metres. */
export const shellGeometry = (shell: Shell): BufferGeometry => marked(() => bufferOf(shell));

function bufferOf({ positions, indices }: Shell): BufferGeometry {
  const geometry = new BufferGeometry();
  const placed = new Float32Array(positions.length);
  for (let i = 0; i < positions.length; i += 3) {
    const at = inPicture([positions[i] ?? 0, positions[i + 1] ?? 0, positions[i + 2] ?? 0]);
    placed.set([at.x, at.y, at.z], i);
  }
  geometry.setAttribute('position', new Float32BufferAttribute(placed, 3));
  geometry.setIndex(indices);
  geometry.computeVertexNormals();
  return geometry;
}
