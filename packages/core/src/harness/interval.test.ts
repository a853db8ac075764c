import fc from 'fast-check';
import {
  aimedHeight,
  angleAt,
  type BarLine,
  brokenAt,
  heightInterval,
  offsetThatHelps,
  type StrapAttach,
  type StrapWindow,
} from './index.ts';
import { type SlotPlace } from '../occupant/index.ts';

const bar: BarLine = { x: 0, z: 600, lean: 0.15, od: 38.1 };
const place = (x: number, z: number, driver = 'A'): SlotPlace => ({ driver, notch: [], slot: [x, z] });
const window = (least: number, most: number, book = 'b'): StrapWindow => ({ book, least, most });

const slots = fc.record({ x: fc.integer({ min: 120, max: 400 }), z: fc.integer({ min: 520, max: 720 }) });
const attach = fc.constantFrom<StrapAttach>('tab', 'over', 'under');

test('the interval is what a fine grid of heights finds', () => {
  fc.assert(
    fc.property(fc.array(slots, { minLength: 1, maxLength: 5 }), attach, (given, how) => {
      const places = given.map(({ x, z }) => place(x, z));
      const windows = [window(0, 20), window(-5, 30, 'c')];
      const found = heightInterval(places, windows, bar, how);
      if (!found) throw new Error('every slot lies before the bar');
      const holds = (height: number) => brokenAt(places, windows, bar, height, how).broken.length === 0;
      const STEP = 0.1;
      let [low, high] = [Infinity, -Infinity];
      for (let height = 200; height <= 1000; height += STEP)
        if (holds(height)) [low, high] = [Math.min(low, height), Math.max(high, height)];
      if (found.room < STEP) {
        expect(high - low).not.toBeGreaterThan(STEP);
        return;
      }
      expect(Math.abs(low - found.low.height)).toBeLessThanOrEqual(STEP + 1e-6);
      expect(Math.abs(high - found.high.height)).toBeLessThanOrEqual(STEP + 1e-6);
    }),
    { numRuns: 20 },
  );
});

test('one more book never widens the interval', () => {
  fc.assert(
    fc.property(
      slots,
      attach,
      fc.integer({ min: -10, max: 10 }),
      fc.integer({ min: 11, max: 45 }),
      (at, how, least, most) => {
        const places = [place(at.x, at.z)];
        const one = heightInterval(places, [window(0, 25)], bar, how);
        const two = heightInterval(places, [window(0, 25), window(least, most, 'c')], bar, how);
        expect(two?.room).toBeLessThanOrEqual((one?.room ?? 0) + 1e-9);
      },
    ),
  );
});

test('the limits are named: the tall driver sets the lowest bar, the short one the highest', () => {
  const found = heightInterval(
    [place(250, 640, 'tall'), place(250, 560, 'short')],
    [window(0, 20)],
    bar,
    'tab',
  );
  expect(found?.low.place.driver).toBe('tall');
  expect(found?.high.place.driver).toBe('short');
  // Level from the short driver's slot is the highest bar there can be.
  expect(found?.high.height).toBeCloseTo(560, 9);
});

test('at the aimed height the strap has the angle asked for, or the middle is taken', () => {
  const at = place(250, 600);
  const found = heightInterval([at], [window(0, 20)], bar, 'tab');
  if (!found) throw new Error('there is one');
  const ten = aimedHeight(found, { kind: 'angle', angle: 10 }, at, bar, 'tab');
  expect(ten !== null && angleAt(at.slot, bar, ten, 'tab')).toBeCloseTo(10, 9);
  const middle = aimedHeight(found, { kind: 'middle' }, at, bar, 'tab');
  expect(middle).toBeCloseTo((found.low.height + found.high.height) / 2, 9);
  // An aim outside is kept within.
  expect(aimedHeight(found, { kind: 'angle', angle: 40 }, at, bar, 'tab')).toBeCloseTo(found.low.height, 9);
});

test('where no height suits all, an offset bar may: the least that helps leaves no room to spare', () => {
  const places = [place(140, 660, 'tall'), place(140, 560, 'short')];
  const windows = [window(0, 20)];
  expect(heightInterval(places, windows, bar, 'tab')?.room).toBeLessThan(0);
  const offset = offsetThatHelps(places, windows, bar, 'tab');
  if (offset === null) throw new Error('it helps');
  const moved = heightInterval(places, windows, { ...bar, x: bar.x - offset }, 'tab');
  expect(moved?.room).toBeCloseTo(0, 6);
  expect(offsetThatHelps([place(140, 900), place(140, 500)], windows, bar, 'tab')).toBeNull();
});

test('a wrapped strap’s interval agrees with the tangent found by turning a line until it touches', () => {
  const at = place(250, 600);
  const found = heightInterval([at], [window(10, 10)], bar, 'over');
  const height = found?.low.height ?? NaN;
  // A line from the slot at 10° down to the rear passes the bar's axis at its radius, above it.
  const [dx, dz] = [-Math.cos((10 * Math.PI) / 180), -Math.sin((10 * Math.PI) / 180)];
  const [wx, wz] = [bar.x + bar.lean * (height - bar.z) - at.slot[0], height - at.slot[1]];
  expect(dx * wz - dz * wx).toBeCloseTo(19.05, 6);
});

test('the share of places that break at a height', () => {
  const places = [place(250, 600), place(250, 640), place(250, 700), place(250, 760)];
  const { broken, share } = brokenAt(places, [window(0, 20)], { ...bar, lean: 0 }, 600, 'tab');
  expect(broken.map(({ slot }) => slot[1])).toEqual([700, 760]);
  expect(share).toBe(0.5);
});
