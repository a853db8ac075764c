import { evaluate } from '../evaluate.ts';
import { EMPTY_SHOP, type Plan } from '../plan/index.ts';
import { bar, cageOf, deg, mm, placeAt, plateOf, point, stationOn } from '../testing/index.ts';
import { type Vec3 } from '../space/index.ts';
import { sheetsIn } from './sheets.ts';

const sheetsOf = (plan: Plan) => sheetsIn(plan, evaluate(plan, EMPTY_SHOP, []));
const spans = (corners: Vec3[]): number[] =>
  [0, 1, 2].map((axis) => {
    const all = corners.map((corner) => corner[axis] as number);
    return Math.max(...all) - Math.min(...all);
  });

test('a plate lies with its length along the car and its width across, about its place', () => {
  const plan: Plan = { ...cageOf(), plates: [plateOf({ at: placeAt(40, 600, 10), follows: 'own' })] };
  const [plate] = sheetsOf(plan);
  expect(plate?.stamp).toBe('P1');
  expect(spans(plate?.corners ?? []).map((one) => Math.round(one))).toEqual([150, 80, 0]);
  expect((plate?.corners ?? []).reduce((sum, [x]) => sum + x, 0) / 4).toBeCloseTo(40, 6);
});

test('a plate that is tilted is as long on its slope; one without a place is not drawn', () => {
  const tilted = plateOf({ at: placeAt(0, 600, 0), follows: 'own', tilt: deg(10) });
  const [plate] = sheetsOf({ ...cageOf(), plates: [tilted] });
  const [along = 0, across = 0, up = 0] = spans(plate?.corners ?? []);
  expect(Math.max(Math.hypot(along, up), Math.hypot(across, up))).toBeGreaterThan(80);
  expect(up).toBeGreaterThan(10);
  expect(sheetsOf({ ...cageOf(), plates: [plateOf({ under: null })] })).toEqual([]);
});

test('a gusset with a twin is drawn on both sides of the car', () => {
  const stay = bar('b', 'backstay', stationOn('m-hoop', 'crown-left', -40), point(-700, 500, 200));
  const gusset: Plan['gussets'][number] = {
    id: 'g',
    stamp: 'G1',
    kind: 'flat',
    between: [{ member: 'm-hoop' }, { member: 'm-b' }],
    legs: [mm(60), mm(60)],
    thickness: mm(2),
    holes: [],
    twin: true,
  };
  const [left, right, ...more] = sheetsOf({ ...cageOf(stay), gussets: [gusset] });
  expect(more).toEqual([]);
  expect(right?.corners).toEqual(left?.corners.map(([x, y, z]) => [x, -y, z]));
  expect(left?.corners).toHaveLength(3);
});
