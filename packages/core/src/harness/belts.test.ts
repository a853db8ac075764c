import fc from 'fast-check';
import { straightAxis } from '../centreline/index.ts';
import { type Vec3 } from '../space/index.ts';
import { mm, personOf, placeAt } from '../testing/index.ts';
import { type Tube } from '../cage/index.ts';
import { AS_MEASURED, type SlotPlace } from '../occupant/index.ts';
import {
  alternativesFor,
  type BarLine,
  brokenAt,
  type HipPlace,
  lapAngle,
  lapInterval,
  legRoom,
  longestSpan,
  offsetRange,
  strapRuns,
  type StrapWindow,
} from './index.ts';

const hip = (x: number, z: number, notch = ''): HipPlace => ({
  driver: 'A',
  notch: notch ? [notch] : [],
  hip: [x, z],
});
const window = (least: number, most: number, book = 'b'): StrapWindow => ({ book, least, most });

describe('lap belts', () => {
  test('the angle from hip to anchor: straight down is 90°, back and down as far is 45°', () => {
    expect(lapAngle([300, 200], [300, 50])).toBeCloseTo(90, 9);
    expect(lapAngle([300, 200], [150, 50])).toBeCloseTo(45, 9);
    expect(lapAngle([300, 200], [350, 50])).toBeGreaterThan(90);
  });

  test('the interval of an anchor is what a fine grid of places finds', () => {
    const settings = fc.record({
      x: fc.integer({ min: 250, max: 330 }),
      z: fc.integer({ min: 160, max: 220 }),
    });
    fc.assert(
      fc.property(fc.array(settings, { minLength: 1, maxLength: 4 }), (given) => {
        const places = given.map(({ x, z }) => hip(x, z));
        const windows = [window(45, 80), window(50, 85, 'c')];
        const found = lapInterval(places, windows, 40);
        if (!found) throw new Error('hips are above the anchor');
        const holds = (x: number) =>
          places.every((place) => {
            const angle = lapAngle(place.hip, [x, 40]);
            return windows.every(({ least, most }) => angle >= least - 1e-9 && angle <= most + 1e-9);
          });
        let [low, high] = [Infinity, -Infinity];
        for (let x = 0; x <= 500; x += 0.1) if (holds(x)) [low, high] = [Math.min(low, x), Math.max(high, x)];
        if (found.room < 0.1) expect(high - low).not.toBeGreaterThan(0.1);
        else {
          expect(Math.abs(low - found.rear.x)).toBeLessThanOrEqual(0.1 + 1e-6);
          expect(Math.abs(high - found.front.x)).toBeLessThanOrEqual(0.1 + 1e-6);
        }
      }),
      { seed: 5, numRuns: 25 },
    );
  });

  test('an anchor above the hip holds nobody down', () => {
    expect(lapInterval([hip(300, 200)], [window(45, 80)], 250)).toBeNull();
  });
});

/** A level bar across the car, 200 mm behind the shoulder, from left to right. */
const from: Vec3 = [0, 600, 600];
const to: Vec3 = [0, -600, 600];
const bar: Tube = {
  member: 'm',
  piece: 'p',
  stamp: 'HB',
  role: 'harness-bar',
  radiusTaken: null,
  od: 40,
  wall: 2,
  points: [from, to],
  features: [],
  axis: straightAxis(from, to),
  developed: 1200,
  mass: 3,
};
const seated = { ...personOf('o'), shoulder: placeAt(200, 300, 640), slotsApart: mm(160) };

describe('straps from above', () => {
  test('without guides they run straight back', () => {
    const runs = strapRuns(seated, bar, []);
    for (const { spread } of runs) expect(spread).toBeCloseTo(0, 9);
    expect(runs.map(({ bar: at }) => Math.round(at[1]))).toEqual([380, 220]);
    expect(runs[0]?.length).toBeCloseTo(Math.hypot(200, 40), 9);
  });

  test('guides closer together than the slots turn them in; guides of the other seat are not theirs', () => {
    const guides: Vec3[] = [
      [0, 330, 600],
      [0, 270, 600],
      [0, -300, 600],
    ];
    const [left, right] = strapRuns(seated, bar, guides);
    // 80 − 30 mm in over 200 mm back.
    expect(left?.spread).toBeCloseTo((Math.atan2(50, 200) * 180) / Math.PI, 9);
    expect(right?.spread).toBeCloseTo(left?.spread ?? NaN, 9);
  });

  test('what is left to the hoop’s leg beside the outer strap', () => {
    // 600 − 380 to the leg's axis, half a leg of 44 mm and half a belt of 76 mm.
    expect(legRoom(strapRuns(seated, bar, []), [bar], 44)).toBeCloseTo(220 - 22 - 38, 9);
  });
});

test('the longest span is between what holds the bar', () => {
  expect(longestSpan([bar], []).length).toBe(1200);
  const strut = {
    piece: 's',
    end: 'b' as const,
    header: 'p',
    at: [0, 100, 600] as Vec3,
    angle: 90,
    eccentricity: 0,
    meant: 0,
  };
  const span = longestSpan([bar], [strut]);
  expect([span.from, span.to]).toEqual([500, 1200]);
  expect(span.middle[1]).toBeCloseTo(-250, 9);
});

const line: BarLine = { x: 0, z: 600, lean: 0, od: 40 };
const slot = (x: number, z: number, driver = 'A', notch = ''): SlotPlace => ({
  driver,
  occupant: driver,
  pose: AS_MEASURED,
  notch: notch ? [notch] : [],
  slot: [x, z],
  moved: [0, 0],
});

test('the places behind that an offset bar may take are what a grid finds', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 120, max: 300 }),
      fc.integer({ min: 610, max: 720 }),
      fc.constantFrom('tab' as const, 'over' as const, 'under' as const),
      (x, z, attach) => {
        const places = [slot(x, z), slot(x + 40, z + 10)];
        const windows = [window(0, 20)];
        const found = offsetRange({ places, windows, bar: line, attach });
        const holds = (offset: number) =>
          brokenAt(places, windows, { ...line, x: -offset }, 600, attach).broken.length === 0;
        let [low, high] = [Infinity, -Infinity];
        for (let offset = 0; offset <= 500; offset += 0.5)
          if (holds(offset)) [low, high] = [Math.min(low, offset), Math.max(high, offset)];
        if (!found) expect(high - low).not.toBeGreaterThan(5);
        else {
          expect(Math.abs(low - found.least)).toBeLessThanOrEqual(0.5);
          expect(Math.abs(high - found.most)).toBeLessThanOrEqual(0.5);
        }
      },
    ),
    { seed: 6, numRuns: 30 },
  );
});

describe('ways out where no height suits all', () => {
  const tall = slot(200, 720, 'tall');
  const short = slot(200, 610, 'short');
  const kinds = (places: SlotPlace[], measured: SlotPlace[]) =>
    alternativesFor({ places, windows: [window(0, 20)], bar: line, attach: 'tab' }, measured).map(
      ({ kind }) => kind,
    );

  test('two drivers of one car: an offset bar or a bar for each, never the seat that is fixed', () => {
    expect(kinds([tall, short], [tall, short])).toEqual(['seat-stop', 'offset-bar', 'bar-each']);
  });

  test('one driver whose seat rises too far: stop it, or fix it', () => {
    const settings = [650, 680, 760].map((z) => slot(200, z, 'A', `height ${z}`));
    const ways = alternativesFor({ places: settings, windows: [window(0, 20)], bar: line, attach: 'tab' }, [
      settings[0] as SlotPlace,
    ]);
    expect(ways.map(({ kind }) => kind)).toEqual(['seat-stop', 'fixed-seat', 'offset-bar']);
    const [stop] = ways;
    if (stop?.kind !== 'seat-stop') throw new Error('the seat may be stopped');
    expect(stop.given.map(({ notch }) => notch)).toEqual([['height 760']]);
    // At that height all that is kept holds.
    const kept = settings.filter((one) => !stop.given.includes(one));
    expect(brokenAt(kept, [window(0, 20)], line, stop.height + 1e-6, 'tab').share).toBe(0);
  });

  test('every height that is offered keeps its window', () => {
    const windows = [window(0, 20)];
    for (const way of alternativesFor({ places: [tall, short], windows, bar: line, attach: 'tab' }, [
      tall,
      short,
    ])) {
      if (way.kind === 'offset-bar')
        expect(
          brokenAt([tall, short], windows, { ...line, x: -way.offset - 1e-6 }, way.height, 'tab').share,
        ).toBe(0);
      if (way.kind === 'bar-each')
        for (const { driver, height } of way.heights)
          expect(brokenAt(driver === 'tall' ? [tall] : [short], windows, line, height, 'tab').share).toBe(0);
    }
  });
});
