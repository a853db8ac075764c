import { INCH } from '../measure/index.ts';
import { MEASURES, otherSideOf } from '../plan/index.ts';
import { inch } from '../testing/index.ts';
import { halfOf, withHalves } from './index.ts';

const mm = (value: number) => ({ mm: value, typed: String(value) });

test('half of a whole width is written as the sum that it is, in either unit', () => {
  expect(halfOf(mm(1404), 'mm')).toEqual({ mm: 702, typed: '1404 / 2' });
  expect(halfOf({ mm: 52.25 * INCH, typed: '52 1/4' }, 'in')).toEqual({
    mm: 26.125 * INCH,
    typed: '52 1/4 / 2',
  });
});

test('half of a sum is half of all of it', () => {
  expect(halfOf({ mm: 1404, typed: '1400 + 4' }, 'mm')).toEqual({ mm: 702, typed: '702 mm' });
});

test('either box takes it: the other side follows where it was not measured', () => {
  const half = { mm: 702, typed: '1404 / 2' };
  expect(withHalves({}, 'halfWidthFloorRight', mm(1404), 'mm')).toEqual({
    halfWidthFloorRight: half,
    halfWidthFloorLeft: half,
  });
  const measured = { halfWidthFloorRight: inch('27') };
  expect(withHalves(measured, 'halfWidthFloorLeft', mm(1404), 'mm')).toEqual({ halfWidthFloorLeft: half });
});

test('every measure of a side has its other one', () => {
  for (const [key, { side }] of Object.entries(MEASURES)) {
    const other = otherSideOf(key as keyof typeof MEASURES);
    expect(other === null).toBe(side === null);
    if (other) expect(otherSideOf(other)).toBe(key);
  }
});
