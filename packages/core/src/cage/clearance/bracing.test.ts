import { evaluate } from '../../evaluate.ts';
import { EMPTY_SHOP } from '../../plan/index.ts';
import { bar, cageOf, placeAt, point, stationOn } from '../../testing/index.ts';

test('a tube braces a bend that it meets within 60 mm of the arc’s surface, and not beyond', () => {
  const braced = (from: number) => {
    const stay = bar('b', 'backstay', point(0, 0, 800), point(-800, 0, 0), {
      shape: { kind: 'through', via: [{ feature: 'over-arch', at: placeAt(0, 0, 0) }] },
    });
    // Its first leg is upright: the arc of three diameters starts 152.4 mm above the corner.
    const brace = bar(
      's',
      'strut',
      point(300, 0, 152.4 + from),
      stationOn('m-b', 'end-a', 800 - 152.4 - from),
    );
    return !evaluate(cageOf(stay, brace), EMPTY_SHOP, []).findings.some(
      ({ code }) => code === 'unbraced-bend',
    );
  };
  // 60 mm and half of a tube of 2 in.
  expect([braced(60 + 25.4 - 1), braced(60 + 25.4 + 1)]).toEqual([true, false]);
});
