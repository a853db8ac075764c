import fc from 'fast-check';
import { radiusOfRise, riseOver, rollOf } from './roll.ts';

const blank = (radius: number, angle: number) => {
  const arc = (radius * Math.PI * angle) / 180;
  const bend = { number: 1, tangentA: 200, tangentB: 200 + arc, finishedClr: radius, angle };
  return { od: 44, blank: 500 + arc, bends: [bend] };
};

// 1 m of radius over a gauge of 300 mm rises by 11.3 mm, and by 2.8 at 4 m [from the circle; common practice of rolling].
test('the rise over a gauge is that of the circle', () => {
  expect(riseOver(1000, 300)).toBeCloseTo(11.314, 3);
  expect(riseOver(4000, 300)).toBeCloseTo(2.8135, 3);
  expect(riseOver(100, 300)).toBeNull();
});

test('radius and rise are each other’s turn', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 200, max: 9000, noNaN: true }),
      fc.double({ min: 50, max: 390, noNaN: true }),
      (radius, gauge) => {
        const rise = riseOver(radius, gauge);
        if (rise !== null) expect(radiusOfRise(rise, gauge)).toBeCloseTo(radius, 3);
      },
    ),
  );
});

test('an arc has its start, its end, the straights left on both sides, and the rise where the gauge fits on it', () => {
  const roll = rollOf(blank(2000, 20), 1, 300);
  expect(roll).toMatchObject({ start: 200, radius: 2000 });
  expect(roll.leads[0]).toBe(200);
  expect(roll.leads[1]).toBeCloseTo(300, 9);
  // The gauge lies on the outside of the bend, half a diameter from the axis.
  expect(roll.overGauge?.rise).toBeCloseTo(riseOver(2022, 300) ?? NaN, 9);
  // The whole arc's own rise over its own chord is the same circle.
  expect(riseOver(2000, roll.chord)).toBeCloseTo(roll.rise, 6);
  expect(rollOf(blank(500, 10), 1, 300).overGauge).toBeNull();
  expect(rollOf(blank(2000, 20), 1, null).overGauge).toBeNull();
});
