import { cockpitIn, evaluate } from '../evaluate.ts';
import { EMPTY_SHOP, type Plan } from '../plan/index.ts';
import { bar, cageOf, point } from '../testing/index.ts';

test('a sloping door bar is thicker upright: its OD over the cosine of its slope', () => {
  const plan: Plan = {
    ...cageOf(
      bar('d', 'door-bar', point(0, 600, 200), point(1000, 600, 700)),
      bar('r', 'frame-tube', point(-200, 600, 1100), point(1200, 600, 1100)),
    ),
  };
  const [entry] = cockpitIn(plan, evaluate(plan, EMPTY_SHOP, [])).entries;
  // Half a 2 in tube off the rail's axis, and off the bar's by 25.4/cos(atan 1/2) upright.
  const bars = 200 + 0.5 * (entry?.at ?? 0) + 25.4 * Math.hypot(1, 0.5);
  expect(entry?.height).toBeCloseTo(1100 - 25.4 - bars, 6);
});
