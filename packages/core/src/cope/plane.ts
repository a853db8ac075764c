import { radians } from '../measure/index.ts';
import { cross, dot, type Vec3 } from '../space/index.ts';
import { anySquareTo, squareTo } from './generators.ts';

/** The cut of an end against a plate or a floor: each generator up to the plane through the end point. */
export interface PlaneCut {
  /** Setbacks at even steps round the tube, mm. */
  outer: number[];
  inner: number[];
  /** The direction of φ = 0 from the axis. */
  face: Vec3;
}

/**
 * into: the axis into the branch; normal: of the plane; both of length 1. φ = 0 lies toward the normal, square to the axis: on the long
 * side where the normal points into the branch, else on the short one. null where the tube runs along the plane.
 */
export function planeCut(
  od: number,
  wall: number,
  into: Vec3,
  normal: Vec3,
  generators: number,
): PlaneCut | null {
  const lean = dot(into, normal);
  if (Math.abs(lean) < 0.02) return null;
  const u = squareTo(into, normal) ?? anySquareTo(into, [1, 0, 0], [0, 1, 0]);
  const v = cross(into, u);
  const curve = (radius: number): number[] =>
    Array.from({ length: generators }, (_, k) => {
      const phi = (360 * k) / generators;
      const off = Math.cos(radians(phi)) * dot(u, normal) + Math.sin(radians(phi)) * dot(v, normal);
      return (-radius * off) / lean + 0;
    });
  return {
    outer: curve(od / 2),
    inner: curve(od / 2 - wall),
    face: u,
  };
}
