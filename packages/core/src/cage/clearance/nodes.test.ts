import { evaluate } from '../../evaluate.ts';
import { EMPTY_SHOP, type Plan } from '../../plan/index.ts';
import { bar, cageOf, point, stationOn } from '../../testing/index.ts';

const answersOf = (plan: Plan) => evaluate(plan, EMPTY_SHOP, []);

describe('a frame without a car', () => {
  /** Four tubes round a bay of 800 × 600. */
  const frame = cageOf(
    bar('l', 'frame-tube', point(0, 400, 50), point(0, 400, 650)),
    bar('r', 'frame-tube', point(0, -400, 50), point(0, -400, 650)),
    bar('t', 'frame-tube', stationOn('m-l', 'end-b'), stationOn('m-r', 'end-b')),
    bar('b', 'frame-tube', stationOn('m-l', 'end-a'), stationOn('m-r', 'end-a')),
  );

  test('has its bay with both diagonals, and its nodes with stand heights', () => {
    const { loops, nodes } = answersOf({ ...frame, members: frame.members.slice(1) });
    expect(loops).toHaveLength(1);
    expect(loops[0]?.pieces.sort()).toEqual(['p-b', 'p-l', 'p-r', 'p-t']);
    expect(loops[0]?.diagonals).toEqual([expect.closeTo(1000, 6), expect.closeTo(1000, 6)]);
    expect(nodes.map(({ name, at, standHeight }) => [name, at, standHeight])).toEqual([
      ['N1', [0, 400, 50], expect.closeTo(50 - 25.4, 9)],
      ['N2', [0, -400, 50], expect.closeTo(50 - 25.4, 9)],
      ['N3', [0, 400, 650], expect.closeTo(650 - 25.4, 9)],
      ['N4', [0, -400, 650], expect.closeTo(650 - 25.4, 9)],
    ]);
  });
});
