import { type DieTest, inDegrees, millimetres } from '@gyrus/core';
import { chartedLine, commonReadings } from './chartedLine.ts';

const bend = (reading: number, released: number, changes: Partial<DieTest> = {}): DieTest => ({
  id: `${reading}/${released}`,
  od: millimetres(45),
  wall: millimetres(2.5),
  kind: null,
  batch: '',
  made: 'test',
  reading: inDegrees(reading),
  released: inDegrees(released),
  sound: true,
  note: '',
  ...changes,
});
const good = [bend(30, 27.4), bend(45, 41.8), bend(60, 55.9), bend(75, 70.3), bend(90, 84.4)];

test('what is left out stays on the chart and moves no line', () => {
  const line = chartedLine(good).line;
  const with61 = chartedLine([...good, bend(70, 61, { sound: false })]);
  expect(with61.line).toEqual(line);
  expect(with61.points).toHaveLength(6);
  expect(with61.points.map(({ outlier }) => outlier)).not.toContain(true);
});

test('a bend that the others do not bear out is pointed out, and still counts until somebody leaves it out', () => {
  const charted = chartedLine([...good, bend(70, 61)]);
  expect(charted.points.filter(({ outlier }) => outlier).map(({ reading }) => reading)).toEqual([70]);
  expect(charted.line?.n).toBe(6);
});

test('the band lies about the line, and residuals sum to nothing', () => {
  const { curve, points } = chartedLine(good);
  for (const { back, band } of curve) {
    expect(band?.[0]).toBeLessThan(back);
    expect(band?.[1]).toBeGreaterThan(back);
  }
  expect(points.reduce((sum, { residual }) => sum + (residual ?? NaN), 0)).toBeCloseTo(0, 4);
});

test('one bend draws no line; the table for the wall says why it has no reading', () => {
  expect(chartedLine([bend(50, 46)])).toMatchObject({ line: null, curve: [] });
  expect(commonReadings([])[0]).toMatchObject({ reading: null, why: 'no sound test bend' });
  const [ten] = commonReadings([bend(60, 55), bend(90, 86)]);
  expect(ten?.reading === null ? ten.why : ten?.reading).toBeTruthy();
});
