import { evaluate } from '../../evaluate.ts';
import { tubesIn } from '../../evaluation.ts';
import { expectValue } from '../../fault/index.ts';
import { copeOf } from '../../cope/index.ts';
import { straightAxis } from '../../centreline/index.ts';
import { EMPTY_SHOP } from '../../plan/index.ts';
import { bar, cageOf, placeAt, point } from '../../testing/index.ts';

test('the offset of the notcher’s second pass is how far that header’s axis passes the branch’s, toward its own side', () => {
  const branch = { od: 38.1, wall: 2.4, axis: straightAxis([0, 0, 0], [0, 0, 500]) };
  const along = { od: 44.45, axis: straightAxis([-400, 0, 0], [400, 0, 0]) };
  const second = (x: number) => ({ od: 44.45, axis: straightAxis([x, -400, 8], [x, 400, 8]) });
  const offsetOf = (x: number) =>
    expectValue(copeOf(branch, 'a', [along, second(x)], 180)).passes[1]?.offset ?? 0;
  // Two lines square to each other and level, their plans 7 mm apart.
  expect(Math.abs(offsetOf(7))).toBeCloseTo(7, 6);
  expect(offsetOf(-7)).toBeCloseTo(-offsetOf(7), 6);
  // b × u for u along +y (the header's own direction) and b up is −x: the branch lies 7 mm toward −x of a header at x = 7.
  expect(offsetOf(7)).toBeCloseTo(7, 6);
});

test('the right twin goes the other way across by the bar’s own offset', () => {
  const moved = bar('b', 'backstay', point(-200, 500, 900), point(-700, 450, 200), {
    pair: 'mirrored',
    offset: placeAt(10, 25, 5),
  });
  const [left, right] = tubesIn(evaluate(cageOf(moved), EMPTY_SHOP, [])).filter(
    ({ role }) => role === 'backstay',
  );
  expect(left?.points).toEqual([
    [-190, 525, 905],
    [-690, 475, 205],
  ]);
  expect(right?.points).toEqual([
    [-190, -525, 905],
    [-690, -475, 205],
  ]);
});
