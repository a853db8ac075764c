import { type BendSheet } from '../cage/index.ts';
import { isMultiPlane, rolledOut } from './rolledOut.ts';

/** Three bends on a 1 1/2 in tube; only what the rolled-out strip reads. */
const sheetWith = (clocks: number[]): BendSheet =>
  ({
    stamp: 'SL',
    od: 38.1,
    blank: 2000,
    bends: clocks.map((clock, i) => ({
      number: i + 1,
      angle: 30,
      clock,
      tangentA: 300 + i * 500,
      tangentB: 400 + i * 500,
    })),
  }) as unknown as BendSheet;
const style = { unit: 'in', fraction: 16, decimals: 0 } as const;

// A 1 1/2 in tube with the line 5/16 in round: 23.9° [handbook §4, worked, common practice].
test('the turn is told in degrees and as tape round the tube', () => {
  const { title } = rolledOut(sheetWith([0, 23.873]), { width: 900, style });
  expect(title).toContain('bend 2 turn +23.9°, 5/16 round');
});

test('the line jumps round the tube by as much of its way round', () => {
  const { shapes } = rolledOut(sheetWith([0, 90, 200]), { width: 900, style });
  const heights = shapes.flatMap((shape) =>
    shape.kind === 'line' && shape.pen === 'scribed' ? [shape.from[1]] : [],
  );
  const [first = 0, second = 0, third = 0] = heights;
  expect(second - first).toBeCloseTo(132 / 4, 6);
  // 200° is −160°: nearer to the other edge.
  expect(third - first).toBeCloseTo((-160 / 360) * 132, 6);
});

test.each([
  [[0, 0], false],
  [[0, 180], false],
  [[0, -179.99], false],
  [[0, 12], true],
])('bends at %j lie in several planes: %s', (clocks, several) => {
  expect(isMultiPlane(sheetWith(clocks))).toBe(several);
});
