import { itemAt } from '../items/index.ts';

/** The tube that a bend of so many degrees was measured to use. Degrees, mm */
export interface TubeUsed {
  angle: number;
  tube: number;
}

/**
 * The tube that a bend uses by a shop's own table (54° takes 6 3/4 in, 32° takes 4 1/8 in on one die [handbook §5, common practice]): in
 * proportion between two angles of the table, from nothing at 0°, and past the largest as that one has it by the degree.
 * table: at least one angle. mm
 */
export function tubeUsedAt(table: readonly TubeUsed[], angle: number): number {
  const rows = [...table].sort((a, b) => a.angle - b.angle);
  const i = rows.findIndex((row) => row.angle >= angle);
  // Past the largest none is found, and the last one is taken, from nothing.
  const from = i > 0 ? itemAt(rows, i - 1) : { angle: 0, tube: 0 };
  const to = itemAt(rows, i);
  return from.tube + ((to.tube - from.tube) * (angle - from.angle)) / (to.angle - from.angle);
}
