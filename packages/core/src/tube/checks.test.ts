import { checkSection, outerWallAfterBend, sectionProperties } from './index.ts';

/** What publications say of round tube, with the source beside each value. */

test.each([
  // EN 10219-2: M = 0.0246615·(D − T)·T [pub]
  [38.1, 2.413],
  [45, 2.5],
  [50, 2],
  [40, 2],
  [48.3, 3.2],
])('mass of %s × %s mm by the formula of EN 10219-2', (od, wall) => {
  expect(sectionProperties({ od, wall }).massPerLength).toBeCloseTo(0.0246615 * (od - wall) * wall, 4);
});

test.each([
  // Table of EN 10219-2, rounded to three figures there [from memory]
  [48.3, 3.2, 3.56],
  [60.3, 3.2, 4.51],
  [33.7, 2.6, 1.99],
  [42.4, 3.2, 3.09],
])('mass of %s × %s mm by its table: %s kg/m', (od, wall, table) => {
  expect(sectionProperties({ od, wall }).massPerLength).toBeCloseTo(table, 1);
  expect(Math.abs(sectionProperties({ od, wall }).massPerLength - table)).toBeLessThan(0.011);
});

test('1.5 × 0.095 in: 2.124 kg/m, 1.427 lb/ft [handbook §3; inch form 10.69·(OD − t)·t lb/ft, ASTM A500]', () => {
  const { massPerLength } = sectionProperties({ od: 38.1, wall: 2.413 });
  expect(massPerLength).toBeCloseTo(2.124, 3);
  const poundsPerFoot = (massPerLength / 0.45359237) * 0.3048;
  expect(poundsPerFoot).toBeCloseTo(1.427, 3);
  expect(poundsPerFoot).toBeCloseTo(10.69 * (1.5 - 0.095) * 0.095, 2);
});

test('48.3 × 3.2 mm: I = 11.6 cm⁴, W = 4.80 cm³ [table of EN 10219-2, from memory]', () => {
  const { secondMoment, sectionModulus, area } = sectionProperties({ od: 48.3, wall: 3.2 });
  expect(secondMoment / 1e4).toBeCloseTo(11.6, 1);
  expect(sectionModulus / 1e3).toBeCloseTo(4.8, 1);
  expect(area / 100).toBeCloseTo(4.53, 2);
});

test('second moment and plastic modulus against summing the section in strips [definition]', () => {
  const [od, wall] = [45, 2.5];
  const strips = 20_000;
  const chord = (r: number, y: number) => 2 * Math.sqrt(Math.max(0, r * r - y * y));
  let second = 0;
  let plastic = 0;
  for (let i = 0; i < strips; i++) {
    const y = -od / 2 + ((i + 0.5) * od) / strips;
    const area = ((chord(od / 2, y) - chord(od / 2 - wall, y)) * od) / strips;
    second += y * y * area;
    plastic += Math.abs(y) * area;
  }
  const properties = sectionProperties({ od, wall });
  expect(properties.secondMoment / second).toBeCloseTo(1, 5);
  expect(properties.plasticModulus / plastic).toBeCloseTo(1, 5);
});

test('the outer wall of a bend thins as t/(1 + OD/(2·CLR)) [handbook §5, estimate]', () => {
  expect(outerWallAfterBend({ od: 50.8, wall: 2.413 }, 152.4)).toBeCloseTo(2.413 / (1 + 1 / 6), 9);
});

test('a wall that leaves no bore is refused with what would be right', () => {
  const refused = checkSection({ od: 38.1, wall: 19.05 });
  expect(refused).toEqual({
    ok: false,
    fault: expect.objectContaining({
      code: 'wall-too-thick',
      path: '/wall',
      message: expect.stringContaining('less than 19.05') as string,
    }) as object,
  });
});
