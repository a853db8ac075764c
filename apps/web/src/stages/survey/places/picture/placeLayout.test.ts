import fc from 'fast-check';
import { heightFor, type Laid, layOut, type Margins } from './placeLayout.ts';

const MARGINS: Margins = { width: 900, box: [180, 62], least: 480 };
const spots = fc.array(fc.tuple(fc.integer({ min: 0, max: 900 }), fc.integer({ min: 0, max: 480 })), {
  maxLength: 24,
});

test('no boxes cover others or leave the picture, and every spot has boxes or a twin that has', () => {
  fc.assert(
    fc.property(spots, (points) => {
      const given = points.map((at, i) => ({ key: `${i}`, at }));
      const height = heightFor(given.length, MARGINS);
      const laid = layOut(given, height, MARGINS);
      expect(laid.flatMap(({ key, twins }) => [key, ...twins]).sort()).toEqual(
        given.map(({ key }) => key).sort(),
      );
      for (const side of ['left', 'right'] as const) {
        const ys = laid.filter((one) => one.side === side).map(({ y }) => y);
        ys.slice(1).forEach((y, i) => expect(y - (ys[i] ?? 0)).toBeGreaterThanOrEqual(62 - 1e-9));
        for (const y of ys) expect(y >= 0 && y + 62 <= height).toBe(true);
      }
    }),
  );
});

test('boxes stand beside what they belong to, on its side; what falls together shares them', () => {
  const laid = layOut(
    [
      { key: 'front', at: [300, 200] },
      { key: 'rear', at: [700, 100] },
      { key: 'front, right', at: [303, 202] },
    ],
    480,
    MARGINS,
  );
  const of = (key: string): Laid | undefined => laid.find((one) => one.key === key);
  expect(of('front')).toMatchObject({ side: 'left', y: 200 - 31, twins: ['front, right'] });
  expect(of('rear')).toMatchObject({ side: 'right', y: 100 - 31, x: 900 - 4 - 180 });
});
