import fc from 'fast-check';
import { type Piece, piecesOf, pointOn } from '../../centreline/index.ts';
import { itemAt } from '../../items/index.ts';
import { cross, distance, dot, subtract, unit, type Vec3 } from '../../space/index.ts';
import { type Side } from '../datum.ts';
import { markedBlank, type Rows, UNMEASURED } from '../../testing/blank.ts';
import { type MarkedBlank } from '../marks.ts';
import { type Bender, BENDER_KINDS, SWINGS } from './bender.ts';
import { walkInOrder, walkOrders } from './orders.ts';
import { poseOf, type WalkTube } from './pose.ts';
import { walkPull } from './pull.ts';
import { reachAlong } from './reach.ts';

function tubeOf(blank: MarkedBlank, grips = { clampLength: 0, trailing: 0 }, od = 40): WalkTube {
  let clock = 0;
  return {
    od,
    blank: blank.blank,
    bends: blank.bends.map(({ number, tangentA, tangentB, angle, reading, rotation }) => {
      clock += rotation;
      return { number, tangentA, tangentB, angle, reading, clock, ...grips };
    }),
  };
}

/** Where the pieces of an axis begin and end. */
const nodes = (pieces: Piece[]): Vec3[] =>
  pieces.flatMap((piece) => (piece.kind === 'straight' ? [piece.from, piece.to] : [piece.centre]));

/** Two sets of points are one shape when every distance and every handed volume is the same: Cayley and Menger. */
function apart(a: Vec3[], b: Vec3[]): number {
  let worst = a.length === b.length ? 0 : Infinity;
  for (let i = 0; i < a.length && worst < Infinity; i++)
    for (let j = 0; j < i; j++)
      worst = Math.max(
        worst,
        Math.abs(distance(itemAt(a, i), itemAt(a, j)) - distance(itemAt(b, i), itemAt(b, j))),
      );
  const volume = (of: Vec3[], i: number) => {
    const [o, p, q, r] = [0, 1, 2, 3].map((k) => itemAt(of, i + k)) as [Vec3, Vec3, Vec3, Vec3];
    return dot(subtract(p, o), cross(subtract(q, o), subtract(r, o))) / 1e6;
  };
  for (let i = 0; i + 3 < a.length && worst < Infinity; i++)
    worst = Math.max(worst, Math.abs(volume(a, i) - volume(b, i)));
  return worst;
}

/** The finished tube as it lies in the machine after its last pull, A → B. */
function finished(tube: WalkTube, bender: Bender, last: number, clamp: Side): Vec3[] {
  const made = new Set(tube.bends.map(({ number }) => number).filter((number) => number !== last));
  const { ahead, behind } = poseOf(tube, bender, { bend: last, clamp, made }, { at: 'released' });
  const turned = [...behind]
    .reverse()
    .map((piece): Piece =>
      piece.kind === 'straight' ? { ...piece, from: piece.to, to: piece.from } : piece,
    );
  // The straight behind the die and the nothing ahead of it are one.
  const [lead, rest] = [itemAt(turned, -1), ahead.slice(1)];
  const axis = [...turned.slice(0, -1), lead, ...rest];
  const found = nodes(axis);
  return clamp === 'b' ? found : found.reverse();
}

const bend = fc.record({
  length: fc.double({ min: 100, max: 600, noNaN: true }),
  rotation: fc.double({ min: -170, max: 170, noNaN: true }),
  angle: fc.double({ min: 5, max: 120, noNaN: true }),
  clr: fc.constantFrom(114.3, 152.4),
});
const rowsOf = fc
  .array(bend, { minLength: 1, maxLength: 5 })
  .map((rows) => rows.map((row, i) => (i === 0 ? { ...row, rotation: 0 } : row)));
const bender = fc.record({
  kind: fc.constantFrom(...BENDER_KINDS),
  swing: fc.constantFrom(...SWINGS),
});

test('after all pulls the tube is its design, whatever machine, way round and last bend', () => {
  fc.assert(
    fc.property(rowsOf, bender, fc.constantFrom<Side>('a', 'b'), fc.nat(4), (rows, machine, clamp, which) => {
      const blank = markedBlank(rows, 300);
      const tube = tubeOf(blank);
      const last = itemAt(tube.bends, which % rows.length).number;
      const lies = finished(tube, { ...UNMEASURED, ...machine, height: 900 }, last, clamp);
      expect(apart(lies, nodes(piecesOf(blank.corners, blank.lra)))).toBeLessThan(1e-6);
    }),
    { seed: 4, numRuns: 200 },
  );
});

test('a tube whose turns are mirrored, or that was clamped the wrong way round, is not its design', () => {
  const rows = [
    { length: 300, rotation: 0, angle: 60, clr: 152.4 },
    { length: 250, rotation: 70, angle: 45, clr: 152.4 },
    { length: 400, rotation: -30, angle: 30, clr: 152.4 },
  ];
  const blank = markedBlank(rows, 500);
  const design = nodes(piecesOf(blank.corners, blank.lra));
  const tube = tubeOf(blank);
  const machine = { ...UNMEASURED, height: 900 };
  expect(apart(finished(tube, machine, 2, 'b'), design)).toBeLessThan(1e-6);
  const mirrored = { ...tube, bends: tube.bends.map((one) => ({ ...one, clock: -one.clock })) };
  expect(apart(finished(mirrored, machine, 2, 'b'), design)).toBeGreaterThan(1);
  const wrongEnd = {
    ...tube,
    bends: tube.bends.map((one) => ({
      ...one,
      tangentA: tube.blank - one.tangentB,
      tangentB: tube.blank - one.tangentA,
    })),
  };
  expect(
    apart(finished({ ...wrongEnd, bends: wrongEnd.bends.reverse() }, machine, 2, 'b'), design),
  ).toBeGreaterThan(1);
});

test('how far an axis reaches is exact, against every tenth of a millimetre of it', () => {
  const direction = fc
    .tuple(fc.double({ min: -1, max: 1, noNaN: true }), fc.double({ min: -1, max: 1, noNaN: true }))
    .map(([x, y]): Vec3 => unit([x, y, 1 - x * y]));
  fc.assert(
    fc.property(rowsOf, direction, (rows, way) => {
      const blank = markedBlank(rows, 300);
      const axis = piecesOf(blank.corners, blank.lra);
      let sampled = -Infinity;
      for (let along = 0; along < blank.blank; along += 0.1)
        sampled = Math.max(sampled, dot(pointOn(axis, along), way));
      const reach = reachAlong(axis, way);
      expect(reach).toBeGreaterThanOrEqual(sampled - 1e-9);
      expect(reach - sampled).toBeLessThan(0.11);
    }),
    { seed: 8, numRuns: 15 },
  );
});

/** A U: two bends of 90° that turn the same way. */
const U: Rows = [
  { length: 700, rotation: 0, angle: 90, clr: 150 },
  { length: 600, rotation: 0, angle: 90, clr: 150 },
];

describe('in the machine', () => {
  const tube = tubeOf(markedBlank(U, 700), { clampLength: 100, trailing: 80 });
  const asked = { bend: 1, clamp: 'b' as const, made: new Set<number>() };

  test('what trails stays in its line and is drawn in by the arc; the clamped side swings by the dial', () => {
    const before = poseOf(tube, UNMEASURED, asked, { at: 'pull', dial: 0 });
    const half = poseOf(tube, UNMEASURED, asked, { at: 'pull', dial: 46.5 });
    const end = (pose: typeof before) => itemAt(pose.behind, -1);
    const far = (piece: Piece) => (piece.kind === 'straight' ? piece.to : piece.centre);
    const arc = (150 * Math.PI) / 2;
    // Half of the reading of 93° takes half of the arc.
    expect(far(end(half))[0] - far(end(before))[0]).toBeCloseTo(arc / 2, 6);
    expect(far(end(half))[1]).toBeCloseTo(far(end(before))[1], 9);
    const swung = itemAt(half.ahead, -1);
    if (swung.kind !== 'straight') throw new Error('the clamped side is straight');
    const [dx, dy] = subtract(swung.to, swung.from);
    expect((Math.atan2(dy, dx) * 180) / Math.PI).toBeCloseTo(46.5, 6);
  });

  test.each([
    ['left', [0, 1, 0]],
    ['right', [0, -1, 0]],
    ['up', [0, 0, 1]],
    ['down', [0, 0, -1]],
  ] as const)('a machine that swings %s brings the end there', (swing, way) => {
    const pose = poseOf(tube, { ...UNMEASURED, swing, height: 2000 }, asked, { at: 'pull', dial: 60 });
    const swung = itemAt(pose.ahead, -1);
    if (swung.kind !== 'straight') throw new Error('the clamped side is straight');
    expect(dot(subtract(swung.to, swung.from), way)).toBeGreaterThan(100);
    // Its die is on the side that the tube turns to, with the tube's axis at its height.
    expect(dot(subtract(pose.centre, itemAt(nodes(pose.behind), 0)), way)).toBeCloseTo(pose.radius, 9);
    expect(itemAt(nodes(pose.behind), 0)[2]).toBeCloseTo(2000, 9);
  });

  test('a compression bender leaves the clamped side in its line; a ram swings both by half', () => {
    const direction = (kind: Bender['kind'], side: 'ahead' | 'behind') => {
      const last = itemAt(poseOf(tube, { ...UNMEASURED, kind }, asked, { at: 'pull', dial: 80 })[side], -1);
      if (last.kind !== 'straight') throw new Error('its sides are straight');
      const [x, y] = subtract(last.to, last.from);
      return (Math.atan2(y, Math.abs(x)) * 180) / Math.PI;
    };
    expect(direction('compression', 'ahead')).toBeCloseTo(0, 9);
    expect(direction('compression', 'behind')).toBeCloseTo(80, 6);
    expect(direction('ram', 'ahead')).toBeCloseTo(40, 6);
    expect(direction('ram', 'behind')).toBeCloseTo(40, 6);
  });

  test('what is not bent yet is straight: the second bend has less for the clamp than the first', () => {
    const arc = (150 * Math.PI) / 2;
    const at = (bend: number, clamp: Side, made: number[]) =>
      walkPull(tube, UNMEASURED, { bend, clamp, made: new Set(made) }).straights;
    expect(at(1, 'b', []).ahead).toBeCloseTo(600 + arc + 700, 6);
    expect(at(1, 'b', []).behind).toBeCloseTo(700, 6);
    expect(at(1, 'b', [2]).ahead).toBeCloseTo(600, 6);
    expect(at(2, 'a', [1]).ahead).toBeCloseTo(600, 6);
    expect(at(2, 'a', [1]).behind).toBeCloseTo(700, 6);
  });

  test('a leg that hangs meets the floor, at the degree at which it gets there', () => {
    // On a bed that swings down the clamped side, straight and `long`, turns into the floor: its end is lowest.
    const low: Bender = { ...UNMEASURED, swing: 'down', height: 900 };
    const { hindrances } = walkPull(tube, low, asked);
    const floor = hindrances.find((one) => one.kind === 'meets' && one.met.what === 'floor');
    if (floor?.kind !== 'meets') throw new Error('it meets the floor');
    expect(floor.gap).toBeLessThan(-500);
    const high = walkPull(tube, { ...low, height: 3000 }, asked);
    expect(high.hindrances).toEqual([]);
    const gap = high.nearest.find(({ met }) => met.what === 'floor')?.gap ?? 0;
    // The lowest is the end of the long side, at the full reading of 93°, less its springback.
    const long = 600 + 700 + (150 * Math.PI) / 2;
    const r = ((150 * Math.PI) / 2 / 93) * (180 / Math.PI);
    const turned = (93 * Math.PI) / 180;
    const lowest = 3000 - r + r * Math.cos(turned) - long * Math.sin(turned) - 20 * Math.cos(0);
    expect(Math.abs(gap - lowest)).toBeLessThan(2.5);
  });

  test('walls, boxes, the die and the operator are met by name', () => {
    const room: Bender = {
      ...UNMEASURED,
      height: 900,
      walls: { ahead: 500, behind: null, left: 400, right: null },
      frame: [{ name: 'vice', from: [200, 300, 0], to: [260, 360, 1000] }],
      operator: [900, 600],
    };
    const pull = walkPull(tube, room, asked);
    const met = pull.hindrances.flatMap((one) => (one.kind === 'meets' ? [JSON.stringify(one.met)] : []));
    expect(met).toEqual(
      expect.arrayContaining([
        '{"what":"wall","wall":"ahead"}',
        '{"what":"wall","wall":"left"}',
        '{"what":"frame","name":"vice"}',
      ]),
    );
    expect(met.join()).not.toContain('operator');
    expect(pull.operator?.met).toEqual({ what: 'operator' });
  });

  test('without the height of the tube nothing that stands on the floor is said to be met, or to be clear', () => {
    const room: Bender = {
      ...UNMEASURED,
      walls: { ...UNMEASURED.walls, left: 400 },
      frame: [{ name: 'vice', from: [200, 300, 0], to: [260, 360, 1000] }],
      operator: [900, 600],
    };
    const pull = walkPull(tube, room, asked);
    const met = pull.nearest.map(({ met: one }) => one.what);
    expect(met).toContain('wall');
    for (const what of ['floor', 'frame', 'operator'] as const) expect(met).not.toContain(what);
    expect(pull.operator).toBeNull();
  });

  test('an earlier bend that lies too near fouls the die', () => {
    const near = tubeOf(
      markedBlank(
        [
          { ...itemAt(U, 0), angle: 100 },
          { ...itemAt(U, 1), length: 5, rotation: 180, angle: 100 },
        ],
        700,
      ),
    );
    const walk = walkInOrder(near, UNMEASURED, [
      { bend: 1, clamp: 'b' },
      { bend: 2, clamp: 'a' },
    ]);
    expect(walk[0]?.hindrances).toEqual([]);
    expect(walk[1]?.hindrances).toEqual([]);
    const closed = tubeOf(
      markedBlank(
        [
          { ...itemAt(U, 0), angle: 150 },
          { length: 5, rotation: 20, angle: 150, clr: 150 },
        ],
        700,
      ),
    );
    const fouled = walkInOrder(closed, UNMEASURED, [
      { bend: 1, clamp: 'b' },
      { bend: 2, clamp: 'a' },
    ]);
    expect(fouled[1]?.hindrances.map((one) => one.kind === 'meets' && one.met.what)).toContain('die');
  });

  test('legs that cross meet each other, at the degree at which they do', () => {
    const triangle = tubeOf(
      markedBlank(
        [
          { ...itemAt(U, 0), angle: 120 },
          { length: 400, rotation: 0, angle: 120, clr: 150 },
        ],
        900,
      ),
    );
    const walk = walkInOrder(triangle, UNMEASURED, [
      { bend: 1, clamp: 'b' },
      { bend: 2, clamp: 'a' },
    ]);
    expect(walk[0]?.hindrances).toEqual([]);
    const [crossing] = walk[1]?.hindrances ?? [];
    expect(crossing).toMatchObject({ kind: 'meets', met: { what: 'itself' } });
    if (crossing?.kind === 'meets') expect(crossing.touches).toBeGreaterThan(90);
  });
});

describe('orders', () => {
  const three: Rows = [
    { length: 500, rotation: 0, angle: 60, clr: 150 },
    { length: 300, rotation: 90, angle: 45, clr: 150 },
    { length: 300, rotation: -90, angle: 60, clr: 150 },
  ];
  const tube = tubeOf(markedBlank(three, 500), { clampLength: 100, trailing: 80 });

  test('with nothing in the way every order works, and the best never turns the tube round', () => {
    const { best, working, orders, turnRounds, blocked } = walkOrders(tube, UNMEASURED);
    expect([working, orders, turnRounds]).toEqual([48, 48, 0]);
    expect(new Set(best?.map(({ clamp }) => clamp)).size).toBe(1);
    expect(best?.map(({ bend }) => bend).sort()).toEqual([1, 2, 3]);
    expect(blocked).toEqual([]);
  });

  test('of orders that turn equally often the one that is liked is taken', () => {
    const like = [3, 1, 2].map((number) => ({ bend: number, clamp: 'b' as const }));
    expect(walkOrders(tube, UNMEASURED, like).best).toEqual(like);
  });

  test('the orders that work are those that walk through without a hindrance, counted one by one', () => {
    const tight: Bender = {
      ...UNMEASURED,
      swing: 'left',
      height: 420,
      walls: { ...UNMEASURED.walls, left: 900 },
    };
    const orders = permutations([1, 2, 3]).flatMap((numbers) =>
      [0, 1, 2, 3, 4, 5, 6, 7].map((sides) =>
        numbers.map((number, i) => ({
          bend: number,
          clamp: sides & (1 << i) ? ('b' as const) : ('a' as const),
        })),
      ),
    );
    const works = orders.filter((order) =>
      walkInOrder(tube, tight, order).every((pull) => pull.hindrances.length === 0),
    );
    const walk = walkOrders(tube, tight);
    expect(walk.working).toBe(works.length);
    expect(works.length).toBeGreaterThan(0);
    expect(works.length).toBeLessThan(48);
    const rounds = (order: { clamp: Side }[]) =>
      order.filter((one, i) => i > 0 && one.clamp !== order[i - 1]?.clamp).length;
    expect(walk.turnRounds).toBe(Math.min(...works.map(rounds)));
    expect(works).toContainEqual(walk.best);
    for (const { after, pull } of walk.blocked)
      expect(walkPull(tube, tight, { ...pull, made: new Set(after) }).hindrances).toEqual(pull.hindrances);
  });

  test('where no order works each first pull says why', () => {
    const cellar: Bender = { ...UNMEASURED, swing: 'down', height: 300 };
    const { best, working, blocked } = walkOrders(tube, cellar);
    expect([best, working]).toEqual([null, 0]);
    expect(blocked.filter(({ after }) => after.length === 0)).toHaveLength(6);
    expect(blocked[0]?.pull.hindrances[0]).toMatchObject({ kind: 'meets', met: { what: 'floor' } });
  });

  test('too little straight for the clamp is a hindrance only once its neighbour is bent', () => {
    const clamped = tubeOf(markedBlank(three, 500), { clampLength: 310, trailing: 0 });
    const [first] = walkInOrder(clamped, UNMEASURED, [{ bend: 1, clamp: 'b' }]);
    expect(first?.hindrances).toEqual([]);
    const after = walkInOrder(clamped, UNMEASURED, [
      { bend: 2, clamp: 'b' },
      { bend: 1, clamp: 'b' },
    ]);
    expect(after[1]?.hindrances).toEqual([
      { kind: 'straight', where: 'ahead', measured: expect.closeTo(300, 6) as number, limit: 310 },
    ]);
  });
});

function permutations(of: number[]): number[][] {
  if (of.length < 2) return [of];
  return of.flatMap((one) => permutations(of.filter((other) => other !== one)).map((rest) => [one, ...rest]));
}
