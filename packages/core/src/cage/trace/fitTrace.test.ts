import { expectValue } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { cornersOf, layOut, piecesOf, polylineOf } from '../../centreline/index.ts';
import { fitTrace, type TracedPoint } from './fitTrace.ts';

/** Places of a known tube every few mm, each moved by as much as a pencil strays. */
function traced(points: TracedPoint[], clr: number[], stray = 0): TracedPoint[] {
  const corners = expectValue(cornersOf({ points: points.map(([x, y]) => [x, y, 0]), clr }));
  const axis = polylineOf(piecesOf(corners, expectValue(layOut(corners))), 2);
  const dense = axis.flatMap((at, i): TracedPoint[] => {
    const next = axis[i + 1];
    if (!next) return [[at[0], at[1]]];
    const parts = Math.max(1, Math.round(Math.hypot(next[0] - at[0], next[1] - at[1]) / 40));
    return Array.from({ length: parts }, (_, k) => [
      at[0] + ((next[0] - at[0]) * k) / parts,
      at[1] + ((next[1] - at[1]) * k) / parts,
    ]);
  });
  // Straying that is the same each time: no chance in it.
  return dense.map(([x, y], i) =>
    i === 0 || i === dense.length - 1 ? [x, y] : [x + stray * Math.sin(7 * i), y + stray * Math.cos(5 * i)],
  );
}

const ONE: TracedPoint[] = [
  [0, 0],
  [400, 0],
  [700, 250],
];

test('one bend of 150 mm radius is found again: straights, angle and radius', () => {
  const fit = expectValue(fitTrace(traced(ONE, [150]), 0.5));
  expect(fit.radii).toHaveLength(1);
  expect(itemAt(fit.radii, 0)).toBeCloseTo(150, 0);
  expect(itemAt(fit.lra.bends, 0).angle).toBeCloseTo((Math.atan2(250, 300) * 180) / Math.PI, 1);
  expect(fit.error).toBeLessThan(0.1);
});

test('a wide bend that few places lie on is one bend, not several tight ones', () => {
  const rad = Math.PI / 180;
  const [c, s] = [Math.cos(40 * rad), Math.sin(40 * rad)];
  const places: TracedPoint[] = [
    ...[0, 60, 120, 180, 210].map((x): TracedPoint => [x, 0]),
    ...[5, 10, 15, 20, 25, 30, 35, 40].map((a): TracedPoint => [
      210 + 350 * Math.sin(a * rad),
      350 * (1 - Math.cos(a * rad)),
    ]),
    ...[60, 120, 200].map((along): TracedPoint => [210 + 350 * s + along * c, 350 * (1 - c) + along * s]),
  ];
  const fit = expectValue(fitTrace(places, 2));
  expect(fit.radii).toHaveLength(1);
  expect(itemAt(fit.radii, 0)).toBeCloseTo(350, 0);
  expect(itemAt(fit.lra.bends, 0).angle).toBeCloseTo(40, 1);
});

test('two bends to opposite sides, traced with a pencil that strays 1 mm: within 2 mm and half a degree', () => {
  const s: TracedPoint[] = [
    [0, 0],
    [350, 0],
    [600, 200],
    [1000, 200],
  ];
  const fit = expectValue(fitTrace(traced(s, [150, 150], 1), 2));
  const turn = (Math.atan2(200, 250) * 180) / Math.PI;
  for (const { angle } of fit.lra.bends) expect(Math.abs(angle - turn)).toBeLessThan(0.5);
  expect(Math.abs(itemAt(fit.lra.bends, 1).rotation)).toBeCloseTo(180, 6);
  expect(fit.error).toBeLessThan(2);
  for (const [i, at] of fit.points.entries())
    expect(Math.hypot(at[0] - itemAt(s, i)[0], at[1] - itemAt(s, i)[1])).toBeLessThan(3);
});

test('a straight tube has no bend', () => {
  const fit = expectValue(
    fitTrace(
      [
        [0, 0],
        [100, 0.3],
        [200, -0.2],
        [300, 0],
      ],
      1,
    ),
  );
  expect(fit.radii).toEqual([]);
  expect(fit.lra.tail).toBe(300);
});

test('too few places, and places in no order, are told', () => {
  expect(
    fitTrace(
      [
        [0, 0],
        [100, 0],
        [200, 50],
      ],
      1,
    ),
  ).toMatchObject({ fault: { code: 'trace' } });
  const muddled: TracedPoint[] = [
    [0, 0],
    [900, 400],
    [100, 10],
    [800, 390],
    [50, 300],
    [850, 0],
    [400, 0],
  ];
  expect(fitTrace(muddled, 1)).toMatchObject({ fault: { code: 'trace' } });
});
