import { cockpitIn, evaluate } from '../../evaluate.ts';
import { factOf } from '../../findings/index.ts';
import { EMPTY_SHOP, type Occupant, type Plan } from '../../plan/index.ts';
import {
  bar,
  bookOf,
  cageOf,
  choosing,
  deg,
  mm,
  personOf,
  placeAt,
  point,
  stationOn,
} from '../../testing/index.ts';

/** A helmet is a ball of 140 mm below its top (common practice); the hoop of these tests is upright, of 2 in tube. */
const BALL = 140;

const TUBE = 25.4;

const cage = (...bars: Parameters<typeof cageOf>): Plan => cageOf(...bars);

const seated = (x: number, y: number, top: number, changes: Partial<Occupant> = {}): Occupant => ({
  ...personOf('o'),
  helmetTop: placeAt(x, y, top),
  ...changes,
});

const within = (person: Occupant, most = 150, bars: Parameters<typeof cageOf> = []) => {
  const book = bookOf({ kind: 'helmet', belowLine: null, belowTop: null, within: mm(most) }, 'main-hoop');
  const plan = choosing({ ...cage(...bars), occupants: [person] }, book);
  const [found] = evaluate(plan, EMPTY_SHOP, [book]).findings.filter(({ rule }) => rule);
  return found;
};

test('a helmet ahead of the hoop is within reach from nothing to the book’s figure', () => {
  // In the middle of the car the nearest of the hoop is its crown, above.
  expect(within(seated(BALL + TUBE + 20, 0, 940), 400)).toMatchObject({
    code: 'helmet-within',
    status: 'clear',
  });
  expect(within(seated(BALL + TUBE + 600, 0, 940), 400)).toMatchObject({
    code: 'helmet-within',
    status: 'out',
  });
});

test('a helmet that reaches behind the hoop’s rear face is out, in words of its own, though it touches nothing', () => {
  // Its middle 30 mm ahead of the hoop's plane: the ball reaches 140 − 30 − 25.4 behind the rear face.
  const found = within(seated(30, 0, 700), 2000);
  expect(found).toMatchObject({ code: 'helmet-behind', status: 'out' });
  expect(found?.measured && 'mm' in found.measured && found.measured.mm).toBeCloseTo(BALL - 30 - TUBE, 6);
  // Far behind the hoop, near enough to be within: never clear.
  expect(within(seated(-300, 0, 900), 400)).toMatchObject({ code: 'helmet-behind', status: 'out' });
});

test('a helmet that runs into the hoop is out, in words of its own', () => {
  // Beside the upright leg, its rearmost point just ahead of the rear face.
  const legs = within(seated(BALL - TUBE + 1, 720, 400), 2000);
  expect(legs).toMatchObject({ code: 'helmet-in-hoop', status: 'out' });
});

test('within the tape’s error of the rear face it is a look', () => {
  expect(within(seated(BALL - TUBE + 2, 0, 700), 2000)).toMatchObject({
    code: 'helmet-behind',
    status: 'look',
  });
  expect(within(seated(BALL - TUBE + 4, 0, 700), 2000)).toMatchObject({
    code: 'helmet-within',
    status: 'clear',
  });
});

test('the rule is held at every setting of the seat: one that slides back takes the helmet behind the hoop', () => {
  const travel: Occupant['travel'] = {
    forward: mm(0),
    back: mm(120),
    slideNotches: 3,
    up: mm(0),
    down: mm(0),
    heightNotches: 1,
    upright: deg(0),
    reclined: deg(0),
    reclineNotches: 1,
    backLength: mm(520),
  };
  const at = (changes: Partial<Occupant>) =>
    within(seated(BALL + 20, 0, 700, { shoulder: placeAt(BALL, 0, 500), ...changes }), 2000);
  expect(at({})).toMatchObject({ status: 'clear' });
  expect(at({ travel })).toMatchObject({
    code: 'helmet-behind',
    status: 'out',
    facts: { notch: { said: ['slide ', { mm: -120, signed: true }] } },
  });
});

const belowLine = (bars: Parameters<typeof cageOf>, top: number) => {
  const plan: Plan = { ...cage(...bars), occupants: [seated(400, 300, top)] };
  return cockpitIn(plan, evaluate(plan, EMPTY_SHOP, [])).people[0]?.underHoop?.belowLine?.mm ?? null;
};

test('a front hoop is whatever stands there: legs, a halo, side hoops, roof bars', () => {
  const crown = stationOn('m-hoop', 'crown-left');
  const ways: Record<string, Parameters<typeof cageOf>> = {
    'front legs': [bar('f', 'front-leg', point(800, 600, 0), point(800, 550, 900), { pair: 'mirrored' })],
    'a windscreen bar': [bar('w', 'windscreen-bar', point(800, 550, 900), point(800, -550, 900))],
    'a halo': [
      bar('h', 'halo', crown, stationOn('m-hoop', 'crown-right'), {
        pair: 'across',
        shape: { kind: 'through', via: [{ feature: 'front-left', at: placeAt(800, 550, 900) }] },
      }),
    ],
    'side hoops': [
      bar('s', 'side-hoop', point(1100, 600, 0), crown, {
        pair: 'mirrored',
        shape: {
          kind: 'through',
          via: [
            { feature: 'pillar-foot', at: placeAt(1050, 600, 500) },
            { feature: 'pillar-top', at: placeAt(800, 550, 900) },
          ],
        },
      }),
    ],
    'roof bars': [bar('r', 'roof-bar', crown, point(800, 550, 900), { pair: 'mirrored' })],
  };
  for (const [name, bars] of Object.entries(ways)) {
    const found = belowLine(bars, 800);
    expect([name, found]).not.toEqual([name, null]);
    // The front's top is about 925 mm high, 800 ahead; a bend cuts its corner a little.
    const hoopTop = cockpitTop();
    expect(found).toBeGreaterThan(hoopTop + (400 / 800) * (925 - hoopTop) - 800 - 60);
    expect(found).toBeLessThan(hoopTop + (400 / 700) * (930 - hoopTop) - 800 + 60);
  }
});

/** The top of the tests' hoop: its axis and half its tube. */
const cockpitTop = (): number => {
  const hoop = evaluate(cage(), EMPTY_SHOP, []).members[0]?.pieces[0]?.tube;
  return Math.max(...(hoop?.points ?? []).map(([, , z]) => z)) + TUBE;
};

test('“measure the helmets” is not said where they are: without a front hoop that is what is wanted', () => {
  const book = bookOf({ kind: 'helmet', belowLine: mm(0), belowTop: null, within: null }, 'main-hoop');
  const of = (person: Occupant) => {
    const plan = choosing({ ...cage(), occupants: [person] }, book);
    const found = evaluate(plan, EMPTY_SHOP, [book]).findings.find(({ rule }) => rule);
    return found && factOf(found, 'what');
  };
  expect(of(seated(400, 300, 800))).toEqual({ text: 'front-hoop' });
  expect(of(personOf('o'))).toEqual({ text: 'helmet' });
});

test('a book that pads tubes as far as 900 mm from a helmet is held against each of them, however far it is', () => {
  const book = bookOf({ kind: 'padding', within: mm(900) }, 'main-hoop');
  const found = (x: number) => {
    const plan = choosing({ ...cage(), occupants: [seated(x, 0, 940)] }, book);
    return evaluate(plan, EMPTY_SHOP, [book]).findings.find(({ rule }) => rule);
  };
  expect(found(BALL + TUBE + 800)).toMatchObject({ code: 'padding', status: 'ask' });
  const far = found(BALL + TUBE + 1000);
  expect(far).toMatchObject({ code: 'padding-clear', status: 'clear' });
  // The nearest of the hoop is its crown, above: a little farther than 1000 mm straight ahead of it.
  const measured = far?.measured && 'mm' in far.measured ? far.measured.mm : 0;
  expect(measured).toBeGreaterThan(1000);
  expect(measured).toBeLessThan(1030);
});
