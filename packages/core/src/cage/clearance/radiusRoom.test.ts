import { setbackOf } from '../../centreline/index.ts';
import { type Plan } from '../../plan/index.ts';
import { bar, cageOf, mm, placeAt, point } from '../../testing/index.ts';
import { tubeOf } from '../../testing/placed.ts';
import { radiusRoom } from '../index.ts';

const OD = 50.8;

/** A tube that runs forward and turns up at a right angle round a box on its inside, whose corner lies so far from the tube's corner. */
function round(off: number, clearance = 0): Plan {
  const plan = cageOf(
    bar('b', 'frame-tube', point(-900, 0, 100), point(0, 0, 1000), {
      shape: { kind: 'through', via: [{ feature: 'turn', at: placeAt(0, 0, 100) }] },
    }),
  );
  const keepOuts = [
    {
      id: 'k',
      name: 'gearbox',
      from: placeAt(-500, -100, 100 + off),
      to: placeAt(-off, 100, 600),
      clearance: mm(clearance),
    },
  ];
  return { ...plan, survey: { ...plan.survey, keepOuts } };
}
const roomOf = (plan: Plan) => radiusRoom(plan, tubeOf(plan, 'p-b'));

test('round a square corner the largest radius touches it: R (√2 − 1) = d √2 − OD/2 [geometry]', () => {
  const [found] = roomOf(round(45));
  expect(found).toMatchObject({ feature: 'turn', name: 'gearbox', radius: 3 * OD });
  expect(found?.most).toBeCloseTo((45 * Math.SQRT2 - OD / 2) / (Math.SQRT2 - 1), 1);
  expect(setbackOf(found?.most ?? 0, 90)).toBeLessThan(setbackOf(3 * OD, 90));
});

test('the clearance that is wanted is kept as well', () => {
  const [found] = roomOf(round(45, 5));
  expect(found?.most).toBeCloseTo((45 * Math.SQRT2 - OD / 2 - 5) / (Math.SQRT2 - 1), 1);
});

test('a box that is clear, and one that no radius clears, are told apart', () => {
  expect(roomOf(round(120))).toEqual([]);
  expect(roomOf(round(30))).toMatchObject([{ most: null }]);
});

test('what is met along a straight is no matter of the radius', () => {
  const plan = round(120);
  const keepOuts = plan.survey.keepOuts.map((one) => ({
    ...one,
    from: placeAt(-880, -100, 60),
    to: placeAt(-700, 100, 140),
  }));
  expect(roomOf({ ...plan, survey: { ...plan.survey, keepOuts } })).toEqual([]);
});
