import fc from 'fast-check';
import { expectValue } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { markedBlank } from '../../testing/blank.ts';
import { whatNow } from '../deviation/index.ts';
import { normalFrom } from '../deviation/index.ts';
import { hiddenBender, releasedBy } from './hiddenBender.ts';
import { type HandMadeBend, partMade } from './partMade.ts';

const row = fc.record({
  length: fc.integer({ min: 250, max: 700 }),
  rotation: fc.integer({ min: -170, max: 180 }),
  angle: fc.integer({ min: 10, max: 110 }),
  clr: fc.constant(152),
});
const tubes = fc
  .array(row, { minLength: 1, maxLength: 4 })
  .map((rows) => rows.map((one, i) => (i === 0 ? { ...one, rotation: 0 } : one)));
type Blank = ReturnType<typeof markedBlank>;

const clocksOf = ({ bends }: Blank): Map<number, number> => {
  let clock = 0;
  return new Map(bends.map(({ number, rotation }) => [number, (clock += rotation)]));
};
/** Every bend just as the sheet has it, in an order. */
const bySheet = (blank: Blank, order: number[]): HandMadeBend[] => {
  const clocks = clocksOf(blank);
  return order.map((bend, i) => {
    const { mark, clampSide, angle } = itemAt(
      blank.bends.filter(({ number }) => number === bend),
      0,
    );
    const turn = i === 0 ? 0 : (clocks.get(bend) ?? 0) - (clocks.get(order[i - 1] ?? 0) ?? 0);
    return { bend, mark, clamp: clampSide, turn, released: angle };
  });
};

test('bent by the sheet, in whatever order, it is the part', () => {
  fc.assert(
    fc.property(tubes, fc.infiniteStream(fc.nat()), (rows, picks) => {
      const blank = markedBlank(rows, 400);
      const numbers = blank.bends.map(({ number }) => number);
      const order: number[] = [];
      while (numbers.length > 0)
        order.push(...numbers.splice((picks.next().value as number) % numbers.length, 1));
      const { off, bends } = expectValue(partMade(blank, clocksOf(blank), bySheet(blank, order)));
      for (const mm of off) expect(mm).toBeLessThan(1e-6);
      expect(bends.every(({ place, plane }) => Math.abs(place) < 1e-9 && Math.abs(plane) < 1e-6)).toBe(true);
    }),
  );
});

test('one bend off its mark and its angle is what the deviation says of it', () => {
  fc.assert(
    fc.property(
      tubes,
      fc.integer({ min: -20, max: 20 }),
      fc.integer({ min: -9, max: 9 }),
      (rows, mark, angle) => {
        const blank = markedBlank(rows, 400);
        const last = itemAt(blank.bends, -1);
        const made = bySheet(
          blank,
          blank.bends.map(({ number }) => number),
        ).map((one) =>
          one.bend === last.number ? { ...one, mark: one.mark + mark, released: one.released + angle } : one,
        );
        const found = expectValue(partMade(blank, clocksOf(blank), made));
        const points = [
          blank.corners.ends[0],
          ...blank.corners.corners.map(({ at }) => at),
          blank.corners.ends[1],
        ];
        const said = expectValue(
          whatNow({
            points: points.map(([x, y, z]): [number, number, number] => [x, y, z]),
            clr: blank.bends.map(({ finishedClr }) => finishedClr),
            bend: last.number,
            made: { mark, angle: last.angle + angle },
          }),
        );
        for (const [i, mm] of found.off.entries()) expect(mm).toBeCloseTo(itemAt(said.off, i), 6);
      },
    ),
  );
});

test('clamped toward the other end the bend lies on the other side of its mark', () => {
  const blank = markedBlank([{ length: 900, rotation: 0, angle: 90, clr: 152 }], 900, {
    die: { reference: 'start', offset: 100 },
  });
  const [made] = bySheet(blank, [1]);
  if (!made) throw new Error('one bend');
  const wrong = { ...made, clamp: made.clamp === 'a' ? ('b' as const) : ('a' as const) };
  const { bends, far } = expectValue(partMade(blank, clocksOf(blank), [wrong]));
  const arc = itemAt(blank.bends, 0).arc;
  // The middle of the arc lies half an arc and the offset from the mark, on whichever side.
  expect(Math.abs(bends[0]?.place ?? 0)).toBeCloseTo(arc + 2 * 100, 6);
  expect(far).toBeGreaterThan(200);
});

test('turned wrongly before the first pull nothing is lost; before the second the planes are', () => {
  const rows = [0, 0].map((rotation) => ({ length: 500, rotation, angle: 80, clr: 152 }));
  const blank = markedBlank(rows, 500);
  const made = bySheet(blank, [1, 2]);
  const turned = (k: number) => made.map((one, i) => (i === k ? { ...one, turn: one.turn + 90 } : one));
  expect(expectValue(partMade(blank, clocksOf(blank), turned(0))).far).toBeLessThan(1e-6);
  expect(expectValue(partMade(blank, clocksOf(blank), turned(1))).bends[1]?.plane).toBeCloseTo(90, 9);
});

test('a place beyond the straights beside the bend is a fault, and no part', () => {
  const blank = markedBlank([{ length: 300, rotation: 0, angle: 45, clr: 152 }], 300);
  const made = bySheet(blank, [1]).map((one) => ({ ...one, mark: one.mark + 400 }));
  expect(partMade(blank, clocksOf(blank), made)).toMatchObject({
    ok: false,
    fault: { code: 'negative-straight' },
  });
});

test('a hidden bender is the same for its seed, gives back less than it was pulled, and wants its dial zeroed', () => {
  fc.assert(
    fc.property(fc.integer(), fc.integer({ min: 20, max: 110 }), (seed, reading) => {
      const bender = hiddenBender(seed);
      expect(hiddenBender(seed)).toEqual(bender);
      const [right, wrong] = [true, false].map((zeroed) =>
        releasedBy(bender, { reading, zeroed }, normalFrom(seed)),
      );
      expect(right).toBeLessThanOrEqual(reading);
      expect(wrong).toBeLessThan(right ?? 0);
    }),
  );
});
