import {
  type Angle,
  collect,
  fail,
  type Length,
  millimetres,
  type Outcome,
  parseAngle,
  succeed,
  type TakeOffRow,
  type Unit,
  type Via,
  itemAt,
  tripleOf,
} from '@gyrus/core';
import { inRow, lengthIn, readCells } from './readCells.ts';

/** A list of bends, or of corners, as it was typed, pasted or read from a CSV file. */
export interface TakeOffList {
  rows: TakeOffRow[] | null;
  tail: Length | null;
  points: Via[] | null;
}

type Column = 'straight' | 'offset' | 'rotation' | 'angle' | 'x' | 'y' | 'z';

const NAMES: Record<string, Column> = {
  straight: 'straight',
  length: 'straight',
  distance: 'straight',
  l: 'straight',
  offset: 'offset',
  rotation: 'rotation',
  turn: 'rotation',
  r: 'rotation',
  angle: 'angle',
  bend: 'angle',
  a: 'angle',
  x: 'x',
  y: 'y',
  z: 'z',
  forward: 'x',
  left: 'y',
  up: 'z',
};

/** What the columns are where no row of names says so, by how many there are. */
const USUAL: Record<number, Column[]> = {
  2: ['straight', 'angle'],
  3: ['straight', 'rotation', 'angle'],
};

/**
 * Reads rows of straight, (offset,) rotation, angle, the last straight alone in the last row; or corners under a row of names
 * x, y, z. Lengths as people write them, in `unit` where bare. An offset (mark to tangent of a sample bend) is added to its
 * straight. Faults name the row.
 */
export function readTakeOff(text: string, unit: Unit): Outcome<TakeOffList> {
  const cells = readCells(text);
  const [first = []] = cells;
  const named = first.map((cell) => NAMES[cell.toLowerCase().replace(/[^a-z]/g, '')]);
  const hasNames = named.some((name) => name !== undefined) && first.every((cell) => !/\d/.test(cell));
  const width = Math.max(...cells.map((row) => row.length));
  const columns = hasNames ? named : USUAL[width];
  const body = hasNames ? cells.slice(1) : cells;
  if (!columns || body.length === 0)
    return fail(
      'no-list',
      '',
      'give one bend a row: straight, rotation, angle, or name the columns in a first row',
    );
  return columns.includes('x') ? pointsFrom(body, columns, unit) : bendsFrom(body, columns, unit);
}

function bendsFrom(body: string[][], columns: (Column | undefined)[], unit: Unit): Outcome<TakeOffList> {
  const cell = (row: string[], column: Column) => row[columns.indexOf(column)] ?? '';
  const last = itemAt(body, -1);
  const hasTail = cell(last, 'angle') === '';
  const rows = collect(
    (hasTail ? body.slice(0, -1) : body).map((row, i): Outcome<TakeOffRow> =>
      inRow(i, () => {
        const straight = lengthIn(cell(row, 'straight'), unit);
        if (!straight.ok) return straight;
        const offset = cell(row, 'offset') === '' ? null : lengthIn(cell(row, 'offset'), unit);
        if (offset && !offset.ok) return offset;
        const rotation = parseAngle(cell(row, 'rotation') || '0');
        if (!rotation.ok) return rotation;
        const angle = bendAngle(cell(row, 'angle'));
        if (!angle.ok) return angle;
        return succeed({
          straight: offset ? added(straight.value, offset.value) : straight.value,
          turn: { kind: 'degrees', angle: rotation.value },
          angle: angle.value,
          takes: null,
        });
      }),
    ),
  );
  if (!rows.ok) return rows;
  const tail = hasTail ? inRow(body.length - 1, () => lengthIn(cell(last, 'straight'), unit)) : null;
  if (tail && !tail.ok) return tail;
  return succeed({ rows: rows.value, tail: tail?.value ?? null, points: null });
}

function bendAngle(text: string): Outcome<Angle> {
  const angle = parseAngle(text);
  if (!angle.ok || (angle.value.deg > 0 && angle.value.deg < 180)) return angle;
  return fail('angle', '', `a bend turns between 0° and 180°, not ${angle.value.deg}°`);
}

const added = (a: Length, b: Length): Length => millimetres(a.mm + b.mm, 2);

function pointsFrom(body: string[][], columns: (Column | undefined)[], unit: Unit): Outcome<TakeOffList> {
  const points = collect(
    body.map((row, i): Outcome<Via> =>
      inRow(i, () => {
        const axes = collect(
          (['x', 'y', 'z'] as const).map((axis) => lengthIn(row[columns.indexOf(axis)] ?? '', unit)),
        );
        if (!axes.ok) return axes;
        const at = tripleOf([0, 1, 2], (axis) => itemAt(axes.value, axis));
        return succeed({ feature: `bend-${letters(i)}`, at });
      }),
    ),
  );
  return points.ok ? succeed({ rows: null, tail: null, points: points.value }) : points;
}

const LETTERS = 'abcdefghijklmnopqrstuvwxyz';
const letters = (i: number): string =>
  i < LETTERS.length ? LETTERS.charAt(i) : `${letters(Math.floor(i / 26) - 1)}-${LETTERS[i % 26]}`;
