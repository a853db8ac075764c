import { lengthOf, type Piece, pointOn } from '../centreline/index.ts';
import { dot, length, scale, subtract, unit } from '../space/index.ts';
import { sectionProperties, type Section, YOUNGS_MODULUS } from '../tube/index.ts';

/** Places along the axis that the integral is taken at: a midpoint rule. */
const STEPS = 2000;

/** ∫ y² ds along a flat hoop, y over the line through its feet. mm³ */
export function squaredHeights(axis: Piece[]): number {
  const total = lengthOf(axis);
  const [from, to] = [pointOn(axis, 0), pointOn(axis, total)];
  const along = unit(subtract(to, from));
  let sum = 0;
  for (let i = 0; i < STEPS; i++) {
    const off = subtract(pointOn(axis, ((i + 0.5) * total) / STEPS), from);
    const y = length(subtract(off, scale(along, dot(off, along))));
    sum += y * y * (total / STEPS);
  }
  return sum;
}

/**
 * The force between the feet of a flat hoop that is sprung by so much, its feet pinned: F = E·I·δ / ∫ y² ds (handbook §12; Castigliano, bending
 * alone). An estimate: it leaves out what else holds the legs. mm → N
 */
export function springForce(axis: Piece[], section: Section, by: number): number {
  const squared = squaredHeights(axis);
  return squared === 0
    ? 0
    : (YOUNGS_MODULUS * sectionProperties(section).secondMoment * Math.abs(by)) / squared;
}
