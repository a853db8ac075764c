import fc from 'fast-check';
import { type Tube } from '../cage/index.ts';
import { lengthOf, type Piece, pointAt } from '../centreline/index.ts';
import { type Occupant, USUAL_COCKPIT } from '../plan/index.ts';
import { distance, type Vec3 } from '../space/index.ts';
import { type Body, bodyOf, placesOf, type Volume } from './body.ts';
import { type CockpitAnswer, cockpitOf } from './cockpit.ts';
import { gapTo, hiddenAhead, hiddenAt } from './index.ts';
import { paddingList } from './padding.ts';
import { roomsOf } from './room.ts';
import { AS_MEASURED, carriedByBack, type SeatPose } from './seat.ts';
import { cageOf, deg, mm, personOf, placeAt } from '../testing/index.ts';

/** A straight tube between two points. */
function tubeFrom(from: Vec3, to: Vec3, changes: Partial<Tube> = {}): Tube {
  const length = distance(from, to);
  return {
    member: 'm',
    piece: 'p',
    stamp: 'T',
    role: 'frame-tube',
    od: 40,
    wall: 2,
    points: [from, to],
    features: [],
    axis: [{ kind: 'straight', from, to, start: 0, length }],
    developed: length,
    radiusTaken: null,
    mass: 1,
    ...changes,
  };
}

/** A quarter of a circle in the plane of x and z. */
const arc: Piece = {
  kind: 'arc',
  centre: [0, 0, 0],
  radius: [300, 0, 0],
  normal: [0, -1, 0],
  angle: 90,
  start: 0,
  length: 150 * Math.PI,
};
const bent = tubeFrom([300, 0, 0], [0, 0, 300], { axis: [arc] });

const ball = (at: Vec3, radius: number): Volume => ({ part: 'helmet', from: at, to: at, radius });
const person = (changes: Partial<Occupant> = {}): Occupant => ({
  ...personOf('o'),
  name: 'A. N.',
  shoulder: placeAt(200, 350, 600),
  helmetTop: placeAt(220, 350, 900),
  height: mm(1800),
  ...changes,
});

const place = fc.integer({ min: -500, max: 500 });
const where = fc.tuple(place, place, place) as fc.Arbitrary<Vec3>;

test('the room to a tube is what a sampler of its surface finds', () => {
  fc.assert(
    fc.property(
      where,
      where,
      fc.constantFrom(bent, tubeFrom([-300, 40, 0], [500, 40, 260])),
      (from, to, tube) => {
        const volume: Volume = { part: 'torso', from, to, radius: 90 };
        let sampled = Infinity;
        const steps = 400;
        for (let i = 0; i <= steps; i++) {
          const at = pointAt(tube.axis, (lengthOf(tube.axis) * i) / steps) as Vec3;
          for (let k = 0; k <= 100; k++) {
            const share = k / 100;
            const inside: Vec3 = [
              from[0] + (to[0] - from[0]) * share,
              from[1] + (to[1] - from[1]) * share,
              from[2] + (to[2] - from[2]) * share,
            ];
            sampled = Math.min(sampled, distance(at, inside));
          }
        }
        const gap = gapTo(volume, tube);
        // A sample lies off the nearest place by half a step of either line at most.
        const coarse = (lengthOf(tube.axis) / steps + distance(from, to) / 100) / 2;
        expect(gap).toBeLessThanOrEqual(sampled - 110 + 1e-6);
        expect(gap).toBeGreaterThanOrEqual(sampled - 110 - coarse);
      },
    ),
    { seed: 8, numRuns: 40 },
  );
});

test('a helmet beside a straight tube: centre to axis less both radii, and padding takes its thickness', () => {
  const tube = tubeFrom([-500, 200, 0], [500, 200, 0]);
  const body: Body = { occupant: 'o', who: '', notch: [], volumes: [ball([0, 0, 0], 140)], eye: null };
  const [room] = roomsOf([[body]], [tube], 25);
  expect([room?.gap, room?.padded]).toEqual([40, 15]);
});

test('the nearest part and the worst setting of the seat are told', () => {
  const tube = tubeFrom([-500, 200, 0], [500, 200, 0]);
  const at = (y: number, notch: string, part: Volume['part']): Body => ({
    occupant: 'o',
    who: '',
    notch: [notch],
    volumes: [{ ...ball([0, y, 0], 60), part }],
    eye: null,
  });
  const [room, ...more] = roomsOf([[at(0, 'back', 'knee'), at(80, 'forward', 'elbow')]], [tube], 0);
  expect(more).toEqual([]);
  expect(room).toMatchObject({ notch: ['forward'], part: 'elbow', gap: 40 });
});

test('lengths of limbs are shares of the height where nothing is measured; what is measured wins', () => {
  const places = placesOf(person());
  const { shoulder, hip, knee } = places;
  if (!shoulder || !hip || !knee) throw new Error('placed');
  // Drillis and Contini 1966, from memory: trunk 0.288, thigh 0.245 of the height.
  expect(distance(shoulder, hip)).toBeCloseTo(0.288 * 1800, 9);
  expect(distance(hip, knee)).toBeCloseTo(0.245 * 1800, 9);
  expect(hip[0]).toBeGreaterThan(shoulder[0]);
  const { body } = person();
  expect(placesOf(person({ body: { ...body, hip: placeAt(1, 2, 3) } })).hip).toEqual([1, 2, 3]);
  expect(placesOf({ ...person(), shoulder: null }).knee).toBeNull();
});

test('the eye is ahead of the middle of the head and below the helmet’s top; right is the left one mirrored', () => {
  const { volumes, eye } = bodyOf(person(), AS_MEASURED);
  const helmet = volumes.find(({ part }) => part === 'helmet');
  expect(eye?.[0]).toBeGreaterThan(helmet?.from[0] ?? Infinity);
  expect(eye?.[2]).toBeLessThan(900);
  const shoulders = volumes.filter(({ part }) => part === 'shoulder');
  expect(shoulders.map(({ from }) => from[1] - 350)).toEqual([
    expect.closeTo(0.259 * 900, 9),
    expect.closeTo(-0.259 * 900, 9),
  ]);
});

test('a seat that reclines turns head and shoulders about the foot of its back, rigidly', () => {
  const travel = {
    forward: mm(0),
    back: mm(0),
    slideNotches: 1,
    up: mm(0),
    down: mm(0),
    heightNotches: 1,
    upright: deg(0),
    reclined: deg(10),
    reclineNotches: 2,
    backLength: mm(500),
  };
  const seated = person({ travel });
  const pose: SeatPose = { ...AS_MEASURED, recline: 10 };
  const [shoulder, head] = [
    carriedByBack(pose, seated, [200, 350, 600]),
    carriedByBack(pose, seated, [220, 350, 900]),
  ];
  // Ten degrees back on a back of 500 mm: 500 sin 10° to the rear, 500 (1 − cos 10°) down.
  expect(shoulder[0]).toBeCloseTo(200 - 500 * Math.sin(Math.PI / 18), 9);
  expect(shoulder[2]).toBeCloseTo(600 - 500 * (1 - Math.cos(Math.PI / 18)), 9);
  expect(distance(shoulder, head)).toBeCloseTo(Math.hypot(20, 300), 9);
});

test('padding: the stretch of a tube that a helmet reaches is a chord of the circle of its reach', () => {
  const tube = tubeFrom([-600, 200, 0], [600, 200, 0]);
  const body: Body = { occupant: 'o', who: 'A', notch: [], volumes: [ball([0, 0, 0], 140)], eye: null };
  const [stretch] = paddingList([body], [tube], USUAL_COCKPIT);
  // The axis is reached within 140 + 150 + 20 of the middle.
  const half = Math.sqrt(310 ** 2 - 200 ** 2);
  expect(stretch?.from).toBeCloseTo(600 - half, 6);
  expect(stretch?.to).toBeCloseTo(600 + half, 6);
  expect(paddingList([body], [tubeFrom([-600, 311, 0], [600, 311, 0])], USUAL_COCKPIT)).toEqual([]);
});

test('padding of two people on one tube is one stretch, and names both', () => {
  const tube = tubeFrom([-600, 200, 0], [600, 200, 0]);
  const body = (x: number, who: string): Body => ({
    occupant: who,
    who,
    notch: [],
    volumes: [ball([x, 0, 0], 140)],
    eye: null,
  });
  const found = paddingList([body(-100, 'A'), body(100, 'B')], [tube], USUAL_COCKPIT);
  expect(found).toHaveLength(1);
  expect(found[0]?.who).toEqual(['A', 'B']);
});

describe('sight', () => {
  const eye: Vec3 = [0, 0, 1000];

  test('an upright tube hides twice the arcsine of its radius over its distance', () => {
    const tube = tubeFrom([800, 600, 0], [800, 600, 2000]);
    const [hidden, ...more] = hiddenAt(eye, tube, 0);
    expect(more).toEqual([]);
    const middle = (Math.atan2(600, 800) * 180) / Math.PI;
    const half = (Math.asin(20 / 1000) * 180) / Math.PI;
    expect(hidden?.[0]).toBeCloseTo(middle - half, 6);
    expect(hidden?.[1]).toBeCloseTo(middle + half, 6);
  });

  test('a bar across hides straight ahead what its height over the eye says', () => {
    const [hidden] = hiddenAhead(eye, tubeFrom([900, -600, 1100], [900, 600, 1100]));
    const apart = Math.hypot(900, 100);
    const middle = (Math.atan2(100, 900) * 180) / Math.PI;
    const half = (Math.asin(20 / apart) * 180) / Math.PI;
    expect(hidden?.[0]).toBeCloseTo(middle - half, 6);
    expect(hidden?.[1]).toBeCloseTo(middle + half, 6);
  });

  test('what is behind the eye or above the view hides nothing', () => {
    expect(hiddenAt(eye, tubeFrom([-800, 0, 0], [-800, 0, 2000]), 0)).toEqual([]);
    expect(hiddenAt(eye, tubeFrom([500, 300, 1500], [500, -300, 1500]), 0)).toEqual([]);
  });
});

/** A cage of straight tubes with somebody in it, and both as a mirror shows them. */
const TUBES = [
  tubeFrom([0, 600, 0], [0, 560, 1000], { piece: 'hoop', role: 'front-leg' }),
  tubeFrom([900, 640, 0], [500, 560, 1000], { piece: 'leg', role: 'front-leg' }),
  tubeFrom([0, 620, 250], [850, 650, 350], { piece: 'door', role: 'door-bar' }),
];
const mirroredTube = (tube: Tube): Tube => {
  const over = ([x, y, z]: Vec3): Vec3 => [x, -y, z];
  return tubeFrom(over(tube.points[0] as Vec3), over(tube.points[1] as Vec3), {
    piece: tube.piece,
    role: tube.role,
  });
};

test('a mirrored cage and driver give mirrored answers', () => {
  fc.assert(
    fc.property(fc.integer({ min: 250, max: 450 }), fc.integer({ min: 850, max: 960 }), (y, top) => {
      const seat = (sign: 1 | -1): Occupant =>
        person({ shoulder: placeAt(150, sign * y, 600), helmetTop: placeAt(170, sign * y, top) });
      const answer = (sign: 1 | -1) =>
        cockpitOf({ ...cageOf(), occupants: [seat(sign)] }, sign === 1 ? TUBES : TUBES.map(mirroredTube));
      const [left, right] = [answer(1), answer(-1)];
      const gaps = ({ rooms }: CockpitAnswer) =>
        rooms.map(({ piece, gap }) => [piece, gap.toFixed(6)]).sort();
      expect(gaps(right)).toEqual(gaps(left));
      const stretches = ({ padding }: CockpitAnswer) =>
        padding.map(({ piece, from, to }) => [piece, from.toFixed(5), to.toFixed(5)]).sort();
      expect(stretches(right)).toEqual(stretches(left));
      const arcs = ({ people }: CockpitAnswer, sign: 1 | -1) =>
        (people[0]?.sight?.level ?? [])
          .map(({ piece, arc: [from, to] }) => [piece, ...[sign * from, sign * to].sort((a, b) => a - b)])
          .map(([piece, ...ends]) => [piece, ...ends.map((one) => Number(one).toFixed(5))]);
      expect(arcs(right, -1)).toEqual(arcs(left, 1));
      expect(right.entries.map(({ side, height }) => [side, height.toFixed(6)])).toEqual(
        left.entries.map(({ height }) => ['right', height.toFixed(6)]),
      );
      expect(right.doorBars.map(({ toSeat }) => toSeat?.toFixed(6))).toEqual(
        left.doorBars.map(({ toSeat }) => toSeat?.toFixed(6)),
      );
    }),
    { seed: 3, numRuns: 20 },
  );
});

describe('getting in', () => {
  const plan = cageOf();
  const door = tubeFrom([0, 600, 300], [1000, 600, 300], { piece: 'door', stamp: 'DB', role: 'door-bar' });
  const rail = tubeFrom([0, 560, 900], [1000, 560, 900], { piece: 'rail', stamp: 'RL', role: 'side-hoop' });

  test('the free height lies between the surfaces of the door bar and what is above it', () => {
    const [entry] = cockpitOf(plan, [door, rail]).entries;
    expect(entry).toMatchObject({ side: 'left', below: 'DB', above: 'RL' });
    expect(entry?.height).toBeCloseTo(600 - 40, 6);
  });

  test('the door’s own upper edge closes it where it is lower', () => {
    const measures = { ...plan.survey.measures, doorTop: mm(820) };
    const [entry] = cockpitOf({ ...plan, survey: { ...plan.survey, measures } }, [door, rail]).entries;
    expect(entry).toMatchObject({ above: '' });
    expect(entry?.height).toBeCloseTo(820 - 320, 6);
  });

  test('a sloping rail leaves most where it is highest, and the length with enough is told', () => {
    const slope = tubeFrom([0, 560, 900], [1000, 560, 500], {
      piece: 'rail',
      stamp: 'RL',
      role: 'side-hoop',
    });
    const [entry] = cockpitOf(plan, [door, slope]).entries;
    expect(entry?.at).toBeLessThan(50);
    // 450 mm and more are left while the rail's underside is above 770: over about 27 cm of a metre.
    expect(entry?.length).toBeGreaterThan(220);
    expect(entry?.length).toBeLessThan(300);
  });

  test('a side without a door bar has nothing to climb over', () => {
    expect(cockpitOf(plan, [rail]).entries).toEqual([]);
  });
});

test('a door bar between skin and seat', () => {
  const bar = tubeFrom([0, 600, 350], [1000, 640, 350], { piece: 'door', stamp: 'DB', role: 'door-bar' });
  const plan = cageOf();
  const measures = { ...plan.survey.measures, doorSkinLeft: mm(700) };
  const { body } = person();
  const seated = person({
    body: { ...body, seatWidth: mm(400), hip: placeAt(350, 350, 200), knee: placeAt(800, 350, 400) },
  });
  const [room] = cockpitOf({ ...plan, occupants: [seated], survey: { ...plan.survey, measures } }, [
    bar,
  ]).doorBars;
  expect(room?.toSkin).toBeCloseTo(700 - 640 - 20, 6);
  // The seat reaches from 120 mm behind the shoulder to the knee: the bar is nearest where the seat begins, at x = 80.
  expect(room?.toSeat).toBeCloseTo(600 + 40 * 0.08 - 20 - 550, 6);
});
