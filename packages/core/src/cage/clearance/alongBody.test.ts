import { itemAt } from '../../items/index.ts';
import { degrees, radians } from '../../measure/index.ts';
import { type Bar, type Plan } from '../../plan/index.ts';
import { bar, cageOf, mm, placeAt, point } from '../../testing/index.ts';
import { answersOf } from '../../testing/placed.ts';

/** Half a 2 in tube. mm */
const HALF = 25.4;

type At = [number, number, number];

/** Points of the roof rail on both sides. */
const measured = (plan: Plan, ...points: At[]): Plan => ({
  ...plan,
  survey: {
    ...plan.survey,
    points: points.map(([x, y, z], i) => ({
      id: `p${i}`,
      name: `rail ${i}`,
      side: null,
      at: placeAt(x, y, z),
      zone: 'roof' as const,
    })),
  },
});

const rail = (changes: Partial<Bar> = {}): Plan =>
  cageOf(bar('r', 'roof-bar', point(0, 500, 1000), point(800, 500, 1000), { pair: 'mirrored', ...changes }));

const alongOf = (plan: Plan) => itemAt(answersOf(plan).alongBody, 0);

test('a straight bar beside a body that draws in: its gap along all of it, left and right at the same stations [arithmetic]', () => {
  const plan = measured(
    rail(),
    ...([
      [100, 560, 1000],
      [500, 560, 1000],
      [700, 540, 1000],
    ] as At[]),
    ...([
      [100, -570, 1000],
      [700, -570, 1000],
    ] as At[]),
  );
  const { stations, stamps, turn, zone } = alongOf(plan);
  expect([zone, ...stamps]).toEqual(['roof', 'RL', 'RR']);
  expect(stations.map(({ along }) => Math.round(along))).toEqual([100, 500, 700]);
  expect(itemAt(stations, 0).left).toBeCloseTo(60 - HALF, 6);
  expect(itemAt(stations, 1).right).toBeCloseTo(70 - HALF, 6);
  expect(itemAt(stations, 2).left).toBeCloseTo(40 - HALF, 1);
  // A straight bar does not come nearer by turning.
  expect(turn).toEqual({ left: null, right: null });
});

test('what was not measured on the right is not said to be clear there', () => {
  const { stations, stamps } = alongOf(measured(rail(), [100, 560, 1000], [700, 560, 1000]));
  expect(stamps).toEqual(['RL']);
  expect(stations.map(({ right }) => right)).toEqual([null, null]);
});

test('a bowed bar is turned about its ends until it touches: 100 mm of bow, the body 60° round [arithmetic]', () => {
  // The bow goes straight up; the body's edge lies 60° round toward the outside, as far from the ends' line as the bow's axis.
  const turn = radians(60);
  const edge = (x: number): At => [x, 500 + 100 * Math.sin(turn), 1000 + 100 * Math.cos(turn)];
  const plan = measured(
    rail({ shape: { kind: 'bow', towards: 'up', rise: mm(100), angle: null, flat: mm(400) } }),
    edge(300),
    edge(520),
  );
  const { turn: turns } = alongOf(plan);
  expect(Math.abs(turns.left?.deg ?? 0)).toBeCloseTo(60 - 2 * degrees(Math.asin(HALF / 200)), 2);
  expect(turns.left?.towards).toBe('out');
});

test('each part of a split bar has its own gaps', () => {
  const post = bar('p', 'frame-tube', point(400, 500, 800), point(400, 500, 1200));
  const split = bar('s', 'roof-bar', point(0, 500, 1000), point(800, 500, 1000), {
    crossings: [{ member: 'm-p', goes: 'split' }],
    pieces: [
      { id: 's-1', stamp: 'S1' },
      { id: 's-2', stamp: 'S2' },
    ],
  });
  const plan = measured(cageOf(post, split), [20, 560, 1000], [780, 560, 1000]);
  expect(answersOf(plan).alongBody.map(({ stamps }) => stamps)).toEqual([['S1'], ['S2']]);
});

test('a bar across the body, or far from it, does not lie along it', () => {
  const far = measured(rail(), [100, 900, 1000], [700, 900, 1000]);
  expect(answersOf(far).alongBody).toEqual([]);
  const across = measured(rail(), [400, 520, 900], [400, 520, 1100]);
  expect(answersOf(across).alongBody).toEqual([]);
});
