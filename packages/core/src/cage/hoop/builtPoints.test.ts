import { mm } from '../../testing/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { builtPoints } from './builtPoints.ts';

const points: Vec3[] = [
  [0, 700, 0],
  [0, 700, 500],
  [-20, 600, 1000],
  [-20, -600, 1000],
  [0, -700, 500],
  [0, -700, 0],
];
const hoop = { points, features: ['knee-left', 'crown-left', 'crown-right', 'knee-right'] };
const NOTHING = { feetApart: null, crownUp: null, crownLeft: null };

test('as designed nothing moves', () => {
  expect(builtPoints(hoop, NOTHING)).toEqual(points);
});

test('feet that are wider go out by half on each side, and nothing else does', () => {
  const built = builtPoints(hoop, { ...NOTHING, feetApart: mm(1412) });
  expect([built[0], built.at(-1)]).toEqual([
    [0, 706, 0],
    [0, -706, 0],
  ]);
  expect(built.slice(1, -1)).toEqual(points.slice(1, -1));
});

test('a crown that stands higher and aside takes the knees along in proportion to their height, and no foot', () => {
  const built = builtPoints(hoop, { ...NOTHING, crownUp: mm(10), crownLeft: mm(-6) });
  expect([built[0], built.at(-1)]).toEqual([points[0], points.at(-1)]);
  expect([built[2], built[3]]).toEqual([
    [-20, 594, 1010],
    [-20, -606, 1010],
  ]);
  // Half as high, half as far.
  expect([built[1], built[4]]).toEqual([
    [0, 697, 505],
    [0, -703, 505],
  ]);
});

test('a rolled crown’s middle stands over its corners, and moves as far as they do', () => {
  const rolled = {
    points: [points[0]!, points[2]!, [-20, 0, 1060] as Vec3, points[3]!, points.at(-1)!],
    features: ['crown-left', 'crown-middle', 'crown-right'],
  };
  const built = builtPoints(rolled, { ...NOTHING, crownUp: mm(10) });
  expect(built.map(([, , z]) => z)).toEqual([0, 1010, 1070, 1010, 0]);
});
