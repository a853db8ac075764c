import { copeSettingOf, evaluate } from '../../evaluate.ts';
import { EMPTY_SHOP, type Plan } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { bar, cageOf, point, stationOn } from '../../testing/index.ts';
import { buildRoomOf } from './buildRoom.ts';
import { type WaysIn } from './waysIn.ts';

/** How a tube of a plan gets to its place, with the other tubes by their stamps. */
function waysOf(plan: Plan, stamp: string): WaysIn {
  const room = buildRoomOf(copeSettingOf(plan, evaluate(plan, EMPTY_SHOP, []), []));
  const found = room.waysIn[room.tubes.findIndex((tube) => tube.stamp === stamp)];
  if (!found) throw new Error(`${stamp} stands`);
  return found;
}

const inOrder = (plan: Plan, ...order: string[]): Plan => ({
  ...plan,
  fitOrder: order.map((id) => `p-${id}`),
});
/** Two posts of 2 in that stand 600 mm apart, and a rung between them at a height. */
const left = bar('p', 'frame-tube', point(2000, 0, 0), point(2000, 0, 1000));
const right = bar('q', 'frame-tube', point(2000, 600, 0), point(2000, 600, 1000));
const rung = (id: string, height: number) =>
  bar(id, 'frame-tube', stationOn('m-p', 'end-a', height), stationOn('m-q', 'end-a', height));
const OD = 50.8;

test('a rung between two parallel posts has no way in while both stand fast: one gives by half of its diameter', () => {
  // The ear of a square cope of equal tubes reaches to the header's axis (handbook, cope of equal tubes).
  const { ways, sprung } = waysOf(inOrder(cageOf(left, right, rung('r', 500)), 'p', 'q', 'r'), 'R');
  expect(ways).toEqual([]);
  expect(sprung.headers).toEqual(['p-p', 'p-q']);
  expect(sprung.by).toBeCloseTo(OD / 2, 1);
  const [way] = sprung.ways;
  expect(way?.by).toEqual([]);
});

test('near the open top of the posts the same rung is slid in along them', () => {
  const { ways } = waysOf(inOrder(cageOf(left, right, rung('r', 900)), 'p', 'q', 'r'), 'R');
  const [way] = ways;
  expect(way?.toward[2]).toBeCloseTo(1, 3);
  // It is past the posts' ends, 100 mm above its axis, when the lower of its ears is.
  expect(way?.travel).toBeGreaterThan(100);
  expect(way?.travel).toBeLessThan(100 + 2 * OD);
});

test('a rung that is slid in stands in the way of one below it, once it is there', () => {
  const plan = inOrder(cageOf(left, right, rung('r', 870), rung('s', 950)), 'p', 'q', 'r', 's');
  expect(waysOf(plan, 'R').ways.map(({ by }) => by)).toEqual([['p-s']]);
  expect(waysOf(plan, 'S').ways[0]?.by).toEqual([]);
});

test('a brace in an open corner comes in from the side away from it', () => {
  const rail = bar('r', 'frame-tube', stationOn('m-p', 'end-a', 500), point(2000, 700, 500));
  const brace = bar('b', 'frame-tube', stationOn('m-p', 'end-a', 200), stationOn('m-r', 'end-a', 400));
  const { ways } = waysOf(inOrder(cageOf(left, rail, brace), 'p', 'r', 'b'), 'B');
  const [{ toward, by } = { toward: [0, 0, 0] as Vec3, by: ['none'] }] = ways;
  expect(by).toEqual([]);
  // Away from the post, and down from the rail.
  expect(toward[1] - toward[2]).toBeGreaterThan(0.5);
});
