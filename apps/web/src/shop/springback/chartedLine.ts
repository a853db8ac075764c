import {
  decided,
  type DieTest,
  outliersIn,
  releasedInterval,
  springbackFrom,
  testLine,
  type TestLine,
} from '@gyrus/core';

/** A bend of the chart: where it stands, and what it is worth. Degrees */
export interface ChartPoint {
  test: DieTest;
  reading: number;
  back: number;
  /** What it keeps more or less than the line says; null without a line. */
  residual: number | null;
  outlier: boolean;
}

/** What the chart draws of one tube's bends. */
export interface ChartedLine {
  points: ChartPoint[];
  line: TestLine | null;
  /** Springback by the line and its band over the readings of the chart; the band is null with fewer than three bends. */
  /** Readings that the charts go over, and those that stand under them. */
  readings: { range: [number, number]; ticks: number[] };
  curve: { reading: number; back: number; band: [number, number] | null }[];
}

/** Beyond the bends the line is drawn so far. Degrees */
const BEYOND = 8;
const STEPS = 24;

/** The line through the sound bends of a tube, what it leaves of each, and which of them the others do not bear out. */
export function chartedLine(tests: DieTest[]): ChartedLine {
  const sound = tests.filter((test) => test.sound);
  const plain = sound.map(({ reading, released }) => ({ reading: reading.deg, released: released.deg }));
  const line = testLine(plain);
  const outliers = new Set(outliersIn(plain).map((i) => sound[i]?.id));
  const points = tests.map((test) => ({
    test,
    reading: test.reading.deg,
    back: decided(test.reading.deg - test.released.deg),
    residual: line && decided(test.released.deg - line.a - line.b * test.reading.deg),
    outlier: outliers.has(test.id),
  }));
  const readings = points.map(({ reading }) => reading);
  const from = Math.max(0, Math.min(...readings) - BEYOND);
  const to = Math.max(...readings) + BEYOND;
  const curve = line
    ? Array.from({ length: STEPS + 1 }, (_, i) => {
        const reading = from + ((to - from) * i) / STEPS;
        const released = releasedInterval(line, reading);
        const band: [number, number] | null = released && [reading - released[1], reading - released[0]];
        return { reading, back: reading - line.a - line.b * reading, band };
      })
    : [];
  return { points, line, readings: { range: [from, to], ticks: ticksIn(from, to) }, curve };
}

/** Whole steps of a protractor between two readings. */
const ticksIn = (from: number, to: number): number[] =>
  Array.from({ length: Math.floor(to / TICK) + 1 }, (_, i) => i * TICK).filter((tick) => tick >= from);

const TICK = 15;

/** Angles that a shop bends most often. Degrees; the program's own choice */
const COMMON_ANGLES = [10, 15, 20, 30, 45, 60, 75, 84, 90];

/** What to pull to for a common angle, and what nine of ten bends then come out at; why: where the tests do not say. */
export interface CommonReading {
  angle: number;
  reading: number | null;
  released: [number, number] | null;
  why: string | null;
}

/** A table of readings for the wall, by the sound bends of one tube. */
export function commonReadings(tests: DieTest[]): CommonReading[] {
  const plain = tests
    .filter((test) => test.sound)
    .map(({ reading, released }) => ({ reading: reading.deg, released: released.deg }));
  return COMMON_ANGLES.map((angle) => {
    if (plain.length === 0) return { angle, reading: null, released: null, why: 'no sound test bend' };
    const found = springbackFrom({ tests: plain, target: angle });
    return found.ok
      ? { angle, reading: found.value.reading, released: found.value.released, why: null }
      : { angle, reading: null, released: null, why: found.fault.message };
  });
}
