import { andThen, collect, fail, type Outcome, succeed, type TracedPoint, type Unit } from '@gyrus/core';
import { inRow, lengthIn, readCells } from './readCells.ts';

/**
 * Reads a traced shape as offsets from a straight edge: along it, and off it to the left; one place a row, from end A to end B. Bare
 * numbers are in `unit`; result in mm. Faults name the row.
 */
export function readOffsets(text: string, unit: Unit): Outcome<TracedPoint[]> {
  const cells = readCells(text);
  if (cells.length === 0) return fail('no-list', '', 'give one place a row: along the edge, and off it');
  return collect(
    cells.map((row, i): Outcome<TracedPoint> =>
      inRow(i, () => {
        const [along = '', off = '', ...more] = row;
        if (more.length > 0)
          return fail(
            'no-list',
            '',
            `two figures make a place, ${row.length} are given: part them by a comma`,
          );
        return andThen(lengthIn(along, unit), (x) =>
          andThen(lengthIn(off, unit), (y) => succeed([x.mm, y.mm] as const)),
        );
      }),
    ),
  );
}
