import fc from 'fast-check';
import { linearRegression, standardDeviation } from 'simple-statistics';
import { expectValue } from '../../fault/index.ts';
import { springbackFrom } from '../springback.ts';
import { outliersIn, studentised } from './outliers.ts';
import { releasedInterval, testLine } from './line.ts';
import { testPiecePlan, trueOffset } from './testPiece.ts';

const bends = (...pairs: [number, number][]) => pairs.map(([reading, released]) => ({ reading, released }));
const someTests = fc
  .uniqueArray(fc.integer({ min: 10, max: 110 }), { minLength: 4, maxLength: 12 })
  .chain((readings) =>
    fc
      .array(fc.double({ min: -0.6, max: 0.6, noNaN: true }), {
        minLength: readings.length,
        maxLength: readings.length,
      })
      .map((errors) =>
        readings.map((reading, i) => ({ reading, released: 0.95 * reading - 1 + (errors[i] ?? 0) })),
      ),
  );

test('the line is that of a statistics library [simple-statistics]', () => {
  fc.assert(
    fc.property(someTests, (tests) => {
      const line = testLine(tests);
      const { m, b } = linearRegression(tests.map(({ reading, released }) => [reading, released]));
      expect(line?.b).toBeCloseTo(m, 9);
      expect(line?.a).toBeCloseTo(b, 7);
      const residuals = tests.map(({ reading, released }) => released - b - m * reading);
      const n = tests.length;
      expect(line?.deviation).toBeCloseTo(standardDeviation(residuals) * Math.sqrt(n / (n - 2)), 7);
    }),
  );
});

test('the interval is that of the reading, wherever it is asked for', () => {
  fc.assert(
    fc.property(someTests, fc.integer({ min: 20, max: 90 }), (tests, target) => {
      const found = springbackFrom({ tests, target });
      const line = testLine(tests);
      if (!found.ok || !line) return;
      expect(found.value.released).toEqual(releasedInterval(line, found.value.reading));
    }),
  );
});

test('no line goes through one reading, and no interval through two tests', () => {
  expect(testLine(bends([50, 46]))).toBeNull();
  expect(testLine(bends([50, 46], [50, 47]))).toBeNull();
  const two = testLine(bends([50, 46], [80, 75]));
  expect(two && releasedInterval(two, 60)).toBeNull();
});

// The residual of a test foretold from all others, by definition: a line of a statistics library through those, and its own error.
test('a studentised residual is that of the line without the test [definition; simple-statistics]', () => {
  fc.assert(
    fc.property(someTests, fc.nat(3), (tests, i) => {
      const own = tests[i];
      const others = tests.filter((_, k) => k !== i);
      if (!own) return;
      const { m, b } = linearRegression(others.map(({ reading, released }) => [reading, released]));
      const n = others.length;
      const squares = others.reduce((sum, one) => sum + (one.released - b - m * one.reading) ** 2, 0);
      const deviation = Math.sqrt(squares / (n - 2));
      fc.pre(deviation > 0.06);
      const mean = others.reduce((sum, { reading }) => sum + reading, 0) / n;
      const spread = others.reduce((sum, { reading }) => sum + (reading - mean) ** 2, 0);
      const error = deviation * Math.sqrt(1 + 1 / n + (own.reading - mean) ** 2 / spread);
      expect(studentised(tests, i)).toBeCloseTo((own.released - b - m * own.reading) / error, 6);
    }),
  );
});

test('a bend that slipped stands out among good ones; good ones do not, and three say nothing of each other', () => {
  const good = bends([30, 27.4], [45, 41.8], [60, 55.9], [75, 70.3], [90, 84.4], [88, 82.6]);
  expect(outliersIn(good)).toEqual([]);
  expect(outliersIn([...good, { reading: 70, released: 61 }])).toEqual([6]);
  expect(outliersIn(bends([30, 20], [60, 56], [90, 84]))).toEqual([]);
  expect(expectValue(springbackFrom({ tests: good, target: 70 })).tests).toBe(6);
});

test('tests that lie on a line to the last digit call the next tenth of a degree no outlier', () => {
  const exact = bends([30, 27], [45, 42], [60, 57], [90, 87]);
  expect(outliersIn([...exact, { reading: 75, released: 72.1 }])).toEqual([]);
});

test('a test piece has straight for the pressure die, three arcs, and a clamp ahead of each [geometry]', () => {
  const die = { clr: 152.4, clampLength: 114.3, trailing: 76.2, reference: 'start' as const, offset: 0 };
  const { length, pulls } = testPiecePlan(die);
  const arcs = (Math.PI / 180) * 152.4 * (30 + 45 + 90);
  expect(length).toBeCloseTo(76.2 + arcs + 3 * 114.3, 9);
  expect(pulls.map(({ reading }) => reading)).toEqual([30, 45, 90]);
  expect(pulls[0]?.mark).toBeCloseTo(76.2 + (Math.PI / 180) * 152.4 * 30, 9);
  expect(pulls[2]?.mark).toBeCloseTo(length - 114.3, 9);
  const offset = testPiecePlan({ ...die, offset: 20 });
  expect((offset.pulls[1]?.mark ?? 0) - (pulls[1]?.mark ?? 0)).toBeCloseTo(20, 9);
});

test('where a die starts, by scribed tangents: mark to tangent is the offset, toward the clamp [handbook §5, trade]', () => {
  // The near tangent lies 4 1/2 in behind the mark, away from the clamp: the mark is set 4 1/2 in toward the clamp of it.
  expect(trueOffset('start', -114.3, -300)).toBeCloseTo(114.3, 9);
  expect(trueOffset('end', -114.3, -300)).toBeCloseTo(300, 9);
  expect(trueOffset('centre', 10, -10)).toBe(0);
});
