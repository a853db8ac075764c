import {
  bendRoomOf,
  emptyPlan,
  type HoopWay,
  type HoopWayOf,
  isAssumed,
  mainHoopOf,
  readPlan,
  wayFrom,
} from '@gyrus/core';
import { into, narrowed, PLAN_PATH, type PlanPath } from '../../../job/store/planPath.ts';
import { halfRows, legRows, tapedRows } from './hoopWayRows.ts';

const plan = emptyPlan({ member: 'hoop', piece: 'p' }, 'in');
const hoop = mainHoopOf(plan)!;
const PATH: PlanPath<HoopWay> = narrowed(into(into(into(PLAN_PATH, 'members'), 0), 'way' as never));

function fresh<K extends HoopWay['kind']>(kind: K): HoopWayOf<K> {
  const is = (way: HoopWay): way is HoopWayOf<K> => way.kind === kind;
  const way = wayFrom(kind, null, bendRoomOf(hoop, []), 'in');
  if (!is(way)) throw new Error(`no ${kind}`);
  return way;
}

/** The plan with a hoop that comes about this way, as the server would take it. */
const isPlan = (way: HoopWay): boolean => readPlan({ ...plan, members: [{ ...hoop, way }] }).ok;

test.each(['survey', 'figures', 'take-off', 'taped'] as const)(
  'without a hoop, "%s" starts from one that goes into most cars, assumed until somebody confirms it',
  (kind) => {
    const way = wayFrom(kind, null, bendRoomOf(hoop, []), 'in');
    expect(isPlan(way)).toBe(true);
    if (way.kind === 'figures')
      expect([way.crown, ...way.left.map(({ length }) => length)].every(isAssumed)).toBe(true);
    if (way.kind === 'take-off') expect(way.left.rows).toHaveLength(1);
    if (way.kind === 'taped') expect(way.stations.map(({ width }) => width).every(isAssumed)).toBe(true);
  },
);

test('a leg more and a leg less: the same figures again, and every one a plan', () => {
  const way = fresh('figures');
  const rowsOf = (of: HoopWayOf<'figures'>) =>
    legRows(of.left, into(narrowed<HoopWay, HoopWayOf<'figures'>>(PATH), 'left'), (legs) => ({
      ...of,
      left: legs,
    }));
  const more = rowsOf(way).added();
  expect(more.left).toHaveLength(2);
  expect(isPlan(more)).toBe(true);
  expect(rowsOf(more).names).toEqual(['leg 1 from the crown', 'leg to the foot']);
  expect(rowsOf(more).removed(1)).toEqual(way);
});

test('a bend more in a half, with its turn from the second bend on', () => {
  const way = fresh('take-off');
  const rowsOf = (of: HoopWayOf<'take-off'>) =>
    halfRows(of, of.left, into(narrowed<HoopWay, HoopWayOf<'take-off'>>(PATH), 'left'), (left) => ({
      ...of,
      left,
    }));
  const more = rowsOf(way).added();
  expect(isPlan(more)).toBe(true);
  const ways = (i: number) =>
    rowsOf(more)
      .fields(i)
      .map(({ at }) => String(at));
  expect(ways(0)).not.toContain('turn');
  expect(ways(1)).toEqual(expect.arrayContaining(['turn', 'turn.angle']));
  expect(rowsOf(more).removed(1)).toEqual(way);
});

test('a width more goes between the highest and the one below it, and the highest stays below the crown', () => {
  const way = fresh('taped');
  const rowsOf = (of: HoopWayOf<'taped'>) => tapedRows(of, narrowed(PATH));
  const more = rowsOf(way).added();
  expect(isPlan(more)).toBe(true);
  const heights = more.stations.map(({ height }) => height.mm);
  expect([...heights].sort((a, b) => a - b)).toEqual(heights);
  expect(rowsOf(more).names).toEqual([
    'width at the feet',
    'width at bend 1 from the feet',
    'highest width, below the crown',
  ]);
  expect(rowsOf(more).removed(1)).toEqual(way);
});
