import fc from 'fast-check';
import { expectValue } from '../fault/index.ts';
import {
  aimedHeight,
  angleAt,
  type BarLine,
  brokenAt,
  heightInterval,
  offsetThatHelps,
  strapAngle,
  type StrapAttach,
  type StrapWindow,
} from './index.ts';
import { AS_MEASURED, type SlotPlace } from '../occupant/index.ts';

const bar: BarLine = { x: 0, z: 600, lean: 0.15, od: 38.1 };
const place = (x: number, z: number, driver = 'A'): SlotPlace => ({
  driver,
  occupant: driver,
  pose: AS_MEASURED,
  notch: [],
  slot: [x, z],
  moved: [0, 0],
});
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

/** The heights at which every strap holds, looked at every so many mm. */
function scanned(
  places: SlotPlace[],
  windows: StrapWindow[],
  at: BarLine,
  how: StrapAttach,
): [number, number] {
  let [low, high] = [Infinity, -Infinity];
  for (let height = 300; height <= 900; height += 0.05)
    if (brokenAt(places, windows, at, height, how).broken.length === 0)
      [low, high] = [Math.min(low, height), Math.max(high, height)];
  return [low, high];
}

test.each<StrapAttach>(['over', 'under', 'tab'])(
  'a slot close to the bar, which leans under it higher up, has the heights that looking finds: %s',
  (how) => {
    const leaning = { ...bar, lean: 0.3 };
    for (const near of [place(30, 600), place(45, 640), place(60, 560)]) {
      const windows = [window(0, 45)];
      const found = heightInterval([near], windows, leaning, how);
      const [low, high] = scanned([near], windows, leaning, how);
      expect(found?.low.height).toBeCloseTo(low, 0);
      expect(found?.high.height).toBeCloseTo(high, 0);
    }
  },
);

test('a slot that the tube itself reaches has no height; one just clear of it has', () => {
  const of = (x: number) => heightInterval([place(x, 600)], [window(0, 45)], bar, 'tab');
  expect(of(bar.od / 2)).toBeNull();
  expect(of(bar.od / 2 + 0.01)).not.toBeNull();
  expect(of(bar.od)).not.toBeNull();
  expect(heightInterval([place(200, 600), place(-5, 600)], [window(0, 45)], bar, 'over')).toBeNull();
});

test('nobody belted, or no window, has no interval, and nothing of it is broken', () => {
  expect(heightInterval([], [window(0, 45)], bar, 'tab')).toBeNull();
  expect(heightInterval([place(200, 600)], [], bar, 'tab')).toBeNull();
  expect(brokenAt([], [window(0, 45)], bar, bar.z, 'tab')).toEqual({ broken: [], share: 0 });
});

test('of two that ask for the same height the first is named', () => {
  const found = heightInterval(
    [place(200, 600, 'first'), place(200, 600, 'second')],
    [window(0, 45, 'a'), window(0, 45, 'c')],
    bar,
    'tab',
  );
  expect([found?.low, found?.high].map((limit) => [limit?.place.driver, limit?.window.book])).toEqual([
    ['first', 'a'],
    ['first', 'a'],
  ]);
});

test('where one height alone suits all it is the one to build, and where none does there is none', () => {
  const at = place(200, 600);
  const build = (windows: StrapWindow[]) => {
    const interval = heightInterval([at], windows, bar, 'tab');
    return interval && [interval.room, aimedHeight(interval, { kind: 'middle' }, at, bar, 'tab')];
  };
  const [room, height] = build([window(0, 20), window(20, 45)]) ?? [];
  expect(room).toBe(0);
  expect(angleAt(at.slot, bar, height ?? NaN, 'tab')).toBeCloseTo(20, 9);
  const [less, none] = build([window(0, 20), window(25, 45)]) ?? [];
  expect(less).toBeLessThan(0);
  expect(none).toBeNull();
});

test('a strap on a limit itself is within it, one that meets no bar is broken', () => {
  const upright = { ...bar, lean: 0 };
  const level = place(200, 600);
  // Level: 0° both as the least and as the most.
  for (const [least, most] of [
    [0, 10],
    [-10, 0],
    [0, 0],
  ] as const)
    expect(brokenAt([level], [window(least, most)], upright, 600, 'tab').broken).toEqual([]);
  expect(brokenAt([level, place(-50, 600)], [window(-90, 90)], upright, 600, 'tab')).toEqual({
    broken: [place(-50, 600)],
    share: 0.5,
  });
});

test('a bar goes back no further than it has to: not at all, to where all are before it, or 400 mm do not help', () => {
  const wide = [window(0, 45)];
  expect(offsetThatHelps([place(200, 600)], wide, bar, 'tab')).toBe(0);
  const behind = offsetThatHelps([place(-80, 600), place(200, 600)], wide, bar, 'tab') ?? NaN;
  expect(behind).toBeGreaterThan(80);
  const at = (offset: number) =>
    heightInterval([place(-80, 600), place(200, 600)], wide, { ...bar, x: -offset }, 'tab')?.room ?? -1;
  expect(at(behind + 0.1)).toBeGreaterThanOrEqual(0);
  expect(at(behind - 0.1)).toBeLessThan(0);
  expect(offsetThatHelps([place(200, 600), place(200, 900)], [window(0, 5)], bar, 'tab')).toBeNull();
});

test('a slot that just touches the tube has the same angle wherever it is asked for: along the tangent there', () => {
  const upright = { ...bar, lean: 0 };
  const slot: [number, number] = [bar.od / 2, bar.z];
  for (const [how, wrapped] of [
    ['over', -90],
    ['tab', 0],
    ['under', 90],
  ] as const) {
    expect(angleAt(slot, upright, bar.z, how)).toBeCloseTo(wrapped, 6);
    expect(expectValue(strapAngle({ slot, bar: [0, bar.z], barOd: bar.od, attach: how })).angle).toBeCloseTo(
      wrapped,
      6,
    );
  }
});
