import fc from 'fast-check';
import { expectValue } from '../fault/index.ts';
import { itemAt } from '../items/index.ts';
import { markedBlank, pointsFrom } from '../testing/blank.ts';
import { dialFor, endsMoved, tubeUsedAt, whatNow } from './index.ts';

const IN = 25.4;
/** One die's table [handbook §5, common practice]. */
const TABLE = [
  { angle: 54, tube: 6.75 * IN },
  { angle: 32, tube: 4.125 * IN },
];

test('a table gives what was measured, and in proportion between two of its angles', () => {
  expect(tubeUsedAt(TABLE, 54)).toBeCloseTo(6.75 * IN, 12);
  expect(tubeUsedAt(TABLE, 32)).toBeCloseTo(4.125 * IN, 12);
  expect(tubeUsedAt(TABLE, 43)).toBeCloseTo(((6.75 + 4.125) / 2) * IN, 12);
  expect(tubeUsedAt(TABLE, 16)).toBeCloseTo((4.125 / 2) * IN, 12);
  expect(tubeUsedAt(TABLE, 108)).toBeCloseTo(2 * 6.75 * IN, 12);
  expect(
    tubeUsedAt(
      [
        { angle: 90, tube: 200 },
        { angle: 90, tube: 200 },
      ],
      90,
    ),
  ).toBe(200);
});

test('the table is not one radius: 54° and 32° of it bend at radii that are 3 % apart', () => {
  const radius = (angle: number) => tubeUsedAt(TABLE, angle) / ((angle * Math.PI) / 180) / IN;
  expect(radius(54)).toBeCloseTo(7.162, 3);
  expect(radius(32)).toBeCloseTo(7.386, 3);
});

test('the tube used never shrinks as the angle grows, whatever the order of the table', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 120, noNaN: true }), (angle) => {
      expect(tubeUsedAt(TABLE, angle + 1)).toBeGreaterThan(tubeUsedAt(TABLE, angle));
      expect(tubeUsedAt([...TABLE].reverse(), angle)).toBe(tubeUsedAt(TABLE, angle));
    }),
    { seed: 6 },
  );
});

const ROWS = [
  { length: 600, rotation: 0, angle: 54, clr: 190 },
  { length: 300, rotation: 40, angle: 32, clr: 190 },
];
const points = pointsFrom(ROWS, 700);
const marked = (takes: typeof TABLE) =>
  markedBlank(ROWS, 700, { takes, springback: { model: 'share', share: 0.05 }, growRadius: true });

test('marks go by the table where the shop keeps one, and not by a grown radius', () => {
  const { bends } = marked(TABLE);
  expect(bends.map(({ arc }) => arc / IN)).toEqual(
    [6.75, 4.125].map((one) => expect.closeTo(one, 9) as number),
  );
  expect(itemAt(marked([]).bends, 0).finishedClr).toBeCloseTo(190 * 1.05, 9);
});

test('a dial of steps is rounded down, as more can be pulled and nothing taken back', () => {
  const whole = { step: 1, zero: 0 };
  expect(dialFor(88.7, whole, 0.9)).toEqual({
    to: 88,
    next: 89,
    off: { to: expect.closeTo(-0.63, 9) as number, next: expect.closeTo(0.27, 9) as number },
  });
  expect(dialFor(88, whole, 0.9)).toEqual({ to: 88, next: null, off: { to: 0, next: null } });
  expect(dialFor(88 - 1e-9, whole, 0.9).to).toBe(88);
  expect(dialFor(88.7, { step: 0.5, zero: 0 }, 0.9)).toMatchObject({ to: 88.5, next: 89 });
  expect(dialFor(88.7, { step: 2, zero: 0 }, 0.9)).toMatchObject({ to: 88, next: 90 });
  expect(dialFor(88.7, { step: null, zero: 0 }, 0.9)).toMatchObject({ to: 88.7, next: null });
});

test('a dial that does not stand at nothing before the pull is read from there', () => {
  expect(dialFor(88.7, { step: 1, zero: 3.5 }, 1)).toMatchObject({ to: 92, next: 93 });
  expect(dialFor(10, { step: null, zero: -2 }, 1).to).toBe(8);
});

test('what a step does to the ends is what whatnow says of that bend', () => {
  const blank = marked([]);
  for (const bend of [1, 2]) {
    const was = itemAt(blank.lra.bends, bend - 1);
    const clr = blank.lra.bends.map((one) => one.clr);
    const now = expectValue(
      whatNow({
        points,
        clr,
        bend,
        made: { angle: was.angle + 0.4 },
      }),
    );
    const { far, apart } = endsMoved(blank, bend, 0.4);
    expect(far).toBeCloseTo(itemAt(now.off, -1), 9);
    const span = ([a, b]: (readonly number[])[]) =>
      Math.hypot(...[0, 1, 2].map((i) => (a?.[i] ?? 0) - (b?.[i] ?? 0)));
    expect(apart).toBeCloseTo(
      span([itemAt(now.points, 0), itemAt(now.points, -1)]) - span([itemAt(points, 0), itemAt(points, -1)]),
      9,
    );
  }
});
