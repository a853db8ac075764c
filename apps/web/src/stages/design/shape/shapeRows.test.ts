import { type BarShape, type ChordShape, freshShape, isAssumed, type Vec3 } from '@gyrus/core';
import { into, narrowed, PLAN_PATH, type PlanPath } from '../../../job/store/planPath.ts';
import { stationRows, throughRows } from './shapeRows.ts';
import { takeOffRows } from './takeOffRows.ts';

const A: Vec3 = [0, 400, 900];
const B: Vec3 = [-900, 450, 200];
const PATH: PlanPath<BarShape> = narrowed(into(into(into(PLAN_PATH, 'members'), 1), 'shape'));

function shapeOf<K extends ChordShape['kind']>(kind: K): Extract<BarShape, { kind: K }> {
  const is = (shape: BarShape): shape is Extract<BarShape, { kind: K }> => shape.kind === kind;
  const shape = freshShape(kind, A, B);
  if (!is(shape)) throw new Error(`no ${kind}`);
  return shape;
}

function rowsOf(shape: BarShape) {
  switch (shape.kind) {
    case 'through':
      return throughRows(shape, PATH, A, B);
    case 'stations':
      return stationRows(shape, PATH);
    case 'take-off':
      return takeOffRows(
        shape.rows,
        shape.sample,
        into(narrowed<BarShape, typeof shape>(PATH), 'rows'),
        (rows) => ({
          ...shape,
          rows,
        }),
      );
    default:
      throw new Error(shape.kind);
  }
}

test.each([
  ['through', 'via'],
  ['stations', 'stations'],
  ['take-off', 'rows'],
] as const)('the list of "%s": a row more, and the same list when it is taken out again', (kind, key) => {
  const shape = shapeOf(kind);
  const rows = rowsOf(shape);
  expect([...rows.path]).toEqual(['members', 1, 'shape', key]);
  const more = rowsOf(rows.added());
  expect(more.names).toHaveLength(rows.names.length + 1);
  expect(new Set(more.names).size).toBe(more.names.length);
  expect(more.removed(rows.names.length)).toEqual(shape);
});

test('a new corner lies halfway from the last one to end B, under a free name, and is assumed', () => {
  const once = throughRows(shapeOf('through'), PATH, A, B).added();
  const twice = rowsOf(once).added();
  const via = twice.kind === 'through' ? twice.via : [];
  expect(via.map(({ at }) => at.map(({ mm }) => mm))).toEqual([
    [-450, 425, 550],
    [-675, 438, 375],
  ]);
  expect(via.map(({ feature }) => feature)).toEqual(['bend-a', 'bend-b']);
  expect(via.flatMap(({ at }) => at).every(isAssumed)).toBe(true);
});

test('a new offset stands 50 mm further along the straight edge than the last', () => {
  const shape = shapeOf('stations');
  const next = stationRows(shape, PATH).added();
  const along = next.kind === 'stations' ? next.stations.map((one) => one.along.mm) : [];
  expect(along.at(-1)).toBe((along.at(-2) ?? 0) + 50);
});
