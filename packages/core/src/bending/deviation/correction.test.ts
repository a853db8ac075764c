import { pointsOf } from '../../centreline/index.ts';
import { expectValue } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { markedBlank, pointsFrom } from '../../testing/blank.ts';
import { asPulled } from './asPulled.ts';
import { correctionOf, type MeasuredBend } from './correction.ts';
import { whatNow } from './whatNow.ts';

/** A hoop with two bends of 85°, 1000 mm legs, 25 mm of trim on its ends. */
const rows = [
  { length: 850, rotation: 0, angle: 85, clr: 150 },
  { length: 900, rotation: 0, angle: 85, clr: 150 },
];
const points = pointsFrom(rows, 850);
const marked = markedBlank(rows, 850, { trim: [25, 25] });
const DIAL = { slope: 0.95, step: 1, zero: 0, error: 0.5 };
const after = (measured: Partial<MeasuredBend>, toBeMade: number[] = [2], dial = DIAL) =>
  expectValue(correctionOf(marked, { bend: 1, angle: 85, reading: 89, ...measured }, toBeMade, dial));

test('within what the protractor is trusted to a bend is right', () => {
  expect(after({ angle: 85.5 }).verdict).toBe('right');
  expect(after({ angle: 84.5 })).toMatchObject({ verdict: 'right', pull: null });
  expect(after({ angle: 85.6 }).verdict).toBe('over');
  expect(after({ angle: 84.4 }).verdict).toBe('short');
});

test('a bend that is short is pulled further, by what it lacks over the slope, and to a step of the dial that is not too far', () => {
  const { pull, off } = after({ angle: 83 });
  expect(off).toBeCloseTo(-2, 9);
  expect(pull?.more).toBeCloseTo(2 / 0.95, 9);
  // 89 + 2.105 = 91.1: to 91, which lacks a tenth of it.
  expect(pull?.dial).toMatchObject({ to: 91, next: 92, off: { to: expect.closeTo(-0.1, 9) as number } });
  // The reading of a dial that stood at 3° before the pull counts from there.
  expect(after({ angle: 83, reading: 92 }, [2], { ...DIAL, zero: 3 }).pull?.dial?.to).toBe(94);
});

test('a reading that is not to be trusted gives no reading, only how much further', () => {
  const { pull } = after({ angle: 83, reading: null });
  expect(pull?.dial).toBeNull();
  expect(pull?.more).toBeCloseTo(2.105, 3);
});

test('left as it is the part is what whatnow says', () => {
  const made = { angle: 88, mark: 4 };
  const { off } = expectValue(whatNow({ points, clr: 150, bend: 1, made }));
  const found = after(made);
  expect(found.pull).toBeNull();
  expect(found.points).toEqual(off.map((one) => expect.closeTo(one, 6) as number));
  expect(found.apart).toBeLessThan(0);
  expect(Math.hypot(found.end.along, found.end.aside)).toBeCloseTo(itemAt(off, -1), 6);
});

test('a bend that is over is met by the one that is still to be made: no other angle of it brings the end nearer', () => {
  const { takings, points: off } = after({ angle: 88 });
  const [best] = takings;
  if (!best) throw new Error('bend 2 is still to be made');
  expect(best.far).toBeLessThan(itemAt(off, -1));
  const lra = {
    ...marked.lra,
    bends: marked.lra.bends.map((bend, i) => ({ ...bend, angle: i === 0 ? 88 : bend.angle })),
  };
  const end = itemAt(points, -1);
  for (let angle = 75; angle <= 95; angle += 0.05) {
    const made = expectValue(
      pointsOf({ bends: lra.bends.map((bend, i) => (i === 1 ? { ...bend, angle } : bend)), tail: lra.tail }),
    );
    const [x, y, z] = itemAt(made, -1);
    expect(Math.hypot(x - end[0], y - end[1], z - end[2])).toBeGreaterThan(best.far - 0.02);
  }
  expect(after({ angle: 88 }, []).takings).toEqual([]);
  expect(after({ angle: 88, bend: 2 }, [2]).takings).toEqual([]);
});

test('trim takes what lies along the last straight, as far as there is trim', () => {
  // Bend 2 lies off its mark toward B: its straight is shorter by that, and the end stands aside.
  const less = after({ bend: 2, mark: 20 }, []);
  expect(less.end.along).toBeLessThan(0);
  expect(less.end.trimTakes).toBe(true);
  expect(after({ bend: 2, mark: 40 }, []).end.trimTakes).toBe(false);
  expect(after({ bend: 2, mark: -40 }, []).end.trimTakes).toBe(true);
});

test('a place that the straights beside the bend do not reach to is refused, with how long they are', () => {
  for (const mark of [-2000, 2000])
    expect(correctionOf(marked, { bend: 1, angle: 85, reading: 89, mark }, [2], DIAL)).toMatchObject({
      ok: false,
      fault: {
        code: 'negative-straight',
        message: expect.stringMatching(/850 mm, the one behind 900 mm/) as string,
      },
    });
});

/** Four bends in a zigzag, pulled from the middle outward: 2, 3, 1, 4. */
const zigzag = markedBlank(
  [0, 90, -60, 40].map((rotation) => ({ length: 500, rotation, angle: 40, clr: 150 })),
  500,
);
const clocksOf = (bend: number, turned: number, toCome: number[]): number[] => {
  let clock = 0;
  const { bends } = expectValue(asPulled(zigzag, bend, { turned }, toCome));
  return bends.map(({ rotation }) => (clock += rotation));
};

test('what is pulled after a bend that was turned too far is turned from it; what was pulled before stays', () => {
  const [first, ...rest] = clocksOf(3, 10, [1, 4]);
  // Seen from bend 2, which was there: 3 and all that come lean by 10 more, so 1 leans as much.
  expect([(first ?? 0) - (rest[0] ?? 0), (rest[1] ?? 0) - (rest[0] ?? 0)]).toEqual([
    expect.closeTo(-90 + 10, 9) as number,
    expect.closeTo(-60 + 10, 9) as number,
  ]);
  expect((rest[2] ?? 0) - (rest[1] ?? 0)).toBeCloseTo(40, 9);
  // The last one alone leans by itself; and nothing turned is the plan.
  const last = clocksOf(4, 10, []);
  expect(last.map((clock) => Math.round(clock))).toEqual([0, 90, 30, 80]);
  expect(clocksOf(2, 0, [3, 1, 4]).map((clock) => Math.round(clock))).toEqual([0, 90, 30, 70]);
});
