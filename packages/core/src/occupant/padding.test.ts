import { cockpitIn, evaluate } from '../evaluate.ts';
import { EMPTY_SHOP, type Plan } from '../plan/index.ts';
import { bar, cageOf, personOf, placeAt, point } from '../testing/index.ts';

test('stretches to pad that leave less than 50 mm between them are padded as one', () => {
  const head = (id: string, y: number) => ({
    ...personOf(id),
    helmetTop: placeAt(0, y, 1140),
  });
  /** A level rail at 1000 mm, 150 mm ahead of two helmets' middles, `apart` from each other. */
  const stretches = (apart: number) => {
    const plan: Plan = {
      ...cageOf(bar('r', 'frame-tube', point(200, 900, 1000), point(200, -900, 1000))),
      occupants: [head('o', apart / 2), head('p', -apart / 2)],
    };
    return cockpitIn(plan, evaluate(plan, EMPTY_SHOP, [])).padding.filter(({ stamp }) => stamp === 'R')
      .length;
  };
  // A ball of 140 mm that is thrown 150 mm reaches the surface of 2 in tube 200 mm away over ±√((140 + 150 + 25.4)² − 200²).
  const half = Math.sqrt((140 + 150 + 25.4) ** 2 - 200 ** 2);
  expect([stretches(2 * half + 48), stretches(2 * half + 52)]).toEqual([1, 2]);
});
