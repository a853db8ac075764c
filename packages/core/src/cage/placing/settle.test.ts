import fc from 'fast-check';
import { copesIn, evaluate } from '../../evaluate.ts';
import { distanceToPath } from '../../centreline/index.ts';
import { type Attachment, EMPTY_SHOP, type Plan } from '../../plan/index.ts';
import { cross, dot, subtract, unit } from '../../space/index.ts';
import { bar, cageOf, mm, point, stationOn } from '../../testing/index.ts';
import { saysOf, tubeOf } from '../../testing/placed.ts';

type OnStation = Extract<Attachment, { kind: 'station' }>;

/** A rail along the car, and a post that stands on it and leads to a point. */
const rail = bar('r', 'sill-bar', point(-800, 500, 300), point(800, 500, 300));
const onRail = (changes: Partial<OnStation>): Attachment => ({
  ...(stationOn('m-r', 'end-a', 500) as OnStation),
  ...changes,
});
const cage = (end: Attachment, x = -300, y = 500, z = 900): Plan =>
  cageOf(rail, bar('p', 'strut', end, point(x, y, z)));
const foot = (plan: Plan) => tubeOf(plan, 'p-p').points[0]!;
const OD = 50.8;

test('a square bar whose near edge was measured has its axis half a tube farther along, and the far edge nearer', () => {
  // 500 from the rail's end, at -800.
  expect(foot(cage(onRail({ to: 'axis' })))[0]).toBeCloseTo(-300, 9);
  expect(foot(cage(onRail({ to: 'near' }), -300 + OD / 2))[0]).toBeCloseTo(-300 + OD / 2, 6);
  expect(foot(cage(onRail({ to: 'far' }), -300 - OD / 2))[0]).toBeCloseTo(-300 - OD / 2, 6);
});

test('of a slanting bar, the edge that was measured lies where it was: on the rail’s axis, half a tube off the bar’s', () => {
  fc.assert(
    fc.property(fc.integer({ min: -400, max: 700 }), fc.constantFrom('near', 'far'), (lean, to) => {
      const plan = cage(onRail({ to: to }), -300 + lean);
      const { points } = tubeOf(plan, 'p-p');
      // The edge, seen square to both tubes, crosses the rail's axis at 500 from its end.
      const along = unit(subtract(points[1]!, points[0]!));
      const away = subtract([-300, 500, 300], points[0]!);
      const off = Math.sqrt(dot(away, away) - dot(away, along) ** 2);
      expect(off).toBeCloseTo(OD / 2, 3);
      expect(Math.sign(away[0])).toBe(to === 'near' ? -1 : 1);
    }),
    { numRuns: 40 },
  );
});

test('an end crosses the other off its middle by as much as is wanted, to the side that was named', () => {
  const aside = { by: mm(12), toward: 'left' as const };
  const plan = cage(onRail({ aside }));
  expect(foot(plan)[1]).toBeCloseTo(512, 1);
  const railTube = tubeOf(plan, 'p-r');
  expect(distanceToPath(foot(plan), railTube.axis)).toBeCloseTo(12, 6);
  // Square to both tubes.
  const { points } = tubeOf(plan, 'p-p');
  const square = unit(cross([1, 0, 0], unit(subtract(points[1]!, points[0]!))));
  expect(Math.abs(dot(square, subtract(points[0]!, [-300, 500, 300])))).toBeCloseTo(12, 6);
  const right = cage(onRail({ aside: { ...aside, toward: 'right' } }));
  expect(foot(right)[1]).toBeCloseTo(488, 1);
});

test('its cope is off its middle, and it is not told as a node that misses', () => {
  const plan = cage(onRail({ aside: { by: mm(12), toward: 'left' } }));
  const evaluation = evaluate(plan, EMPTY_SHOP, []);
  expect(evaluation.findings.filter(({ code }) => code === 'off-node')).toEqual([]);
  const cut = copesIn(plan, evaluation, []).ends.find(({ piece, end }) => piece === 'p-p' && end === 'a')!;
  const [front, back] = [cut.outer[45] ?? 0, cut.outer[135] ?? 0];
  const central = copesIn(cage(onRail({})), evaluate(cage(onRail({})), EMPTY_SHOP, []), []).ends.find(
    ({ piece, end }) => piece === 'p-p' && end === 'a',
  )!;
  expect(Math.abs((central.outer[45] ?? 0) - (central.outer[135] ?? 0))).toBeLessThan(1e-6);
  expect(Math.abs(front - back) + Math.abs((cut.outer[0] ?? 0) - (cut.outer[90] ?? 0))).toBeGreaterThan(1);
});

test('a side along one of the tubes, and a bar along the other, are refused in words', () => {
  expect(saysOf(cage(onRail({ aside: { by: mm(12), toward: 'front' } })))).toEqual([
    'one of the two tubes runs to the front there: say another side that it passes on',
  ]);
  expect(saysOf(cage(onRail({ to: 'near' }), 700, 500, 301))[0]).toContain('the bar lies along R there');
});
