import { cornersOf, layOut, piecesOf, straightAxis } from '../centreline/index.ts';
import { expectValue } from '../fault/index.ts';
import { radians } from '../measure/index.ts';
import { contactsOf, copeOf, endPoint } from './profile.ts';

type Point = [number, number, number];

const tube = (points: Point[], clr: number[] = []) => {
  const corners = expectValue(cornersOf({ points, clr }));
  return piecesOf(corners, expectValue(layOut(corners)));
};
const OD = 38.1;
const R = 44.45 / 2;
const HEADER = { od: 2 * R, axis: straightAxis([-500, 0, 0], [500, 0, 0]) };
const branch = (beta: number, length = 900) => ({
  od: OD,
  wall: 2.413,
  axis: straightAxis([0, 0, 0], [length * Math.cos(radians(beta)), 0, length * Math.sin(radians(beta))]),
});
const cut = (of: Parameters<typeof copeOf>[0], ...headers: Parameters<typeof copeOf>[2]) =>
  expectValue(copeOf(of, 'a', headers, 180));

// Line and cylinder [handbook §6]: on square joints R at the crotch, and √(R² − r²) at the ears.
test('the longest and the shortest setback of the outer edge', () => {
  const { shortest, longest, outer } = cut(branch(90), HEADER);
  expect(longest).toBeCloseTo(R, 9);
  expect(shortest).toBeCloseTo(Math.sqrt(R ** 2 - (OD / 2) ** 2), 9);
  expect([outer.setbacks, outer.headers, outer.parts].map((one) => one.length)).toEqual([180, 180, 180]);
});

test('one generator has one setback, which is both the shortest and the longest', () => {
  const { shortest, longest } = expectValue(copeOf(branch(90), 'a', [HEADER], 1));
  expect([shortest, longest].map((one) => one?.toFixed(9))).toEqual([R.toFixed(9), R.toFixed(9)]);
});

test('of a branch that passes its header on both sides only what meets it counts; of one that misses, nothing', () => {
  const wide = cut({ ...branch(90), od: 60 }, HEADER);
  expect(wide.outer.setbacks).toContain(null);
  // A generator that touches the header is cut at its axis, the longest at its top.
  expect(wide.longest).toBeCloseTo(R, 9);
  expect(wide.shortest).toBeGreaterThanOrEqual(0);
  expect(wide.why).toContain('passes the header');
  const missed = cut(branch(90), { od: 2 * R, axis: straightAxis([-500, 200, 0], [500, 200, 0]) });
  expect([missed.shortest, missed.longest]).toEqual([null, null]);
});

test('a generator that meets nothing touches nowhere, and the others on the header', () => {
  const { branch: own, outer } = cut({ ...branch(90), od: 60 }, HEADER);
  const contacts = contactsOf(own, 30, outer);
  expect(contacts.map((at) => at === null)).toEqual(outer.setbacks.map((setback) => setback === null));
  for (const [k, at] of contacts.entries())
    if (at) {
      expect(Math.hypot(at[1], at[2])).toBeCloseTo(R, 6);
      expect(at[0]).toBeCloseTo(30 * Math.cos(radians(2 * k)), 6);
    }
});

test('where an axis begins and ends, on a straight and on an arc', () => {
  const bent = tube(
    [
      [0, 0, 0],
      [0, 0, 100],
      [100, 0, 100],
    ],
    [100],
  );
  expect(bent.map(({ kind }) => kind)).toContain('arc');
  expect(endPoint(bent, 'a')).toEqual([0, 0, 0]);
  const [x, y, z] = endPoint(bent, 'b');
  expect([x, y, z].map((one) => Math.round(one * 1e6) / 1e6)).toEqual([100, 0, 100]);
  const arc = bent.filter(({ kind }) => kind === 'arc');
  // The bend of a quarter turn, of the radius of both its legs, is all of the tube.
  expect(endPoint(arc, 'a').map((one) => Math.round(one * 1e6) / 1e6 + 0)).toEqual([0, 0, 0]);
  expect(endPoint(arc, 'b').map((one) => Math.round(one * 1e6) / 1e6 + 0)).toEqual([100, 0, 100]);
  const straight = straightAxis([1, 2, 3], [4, 5, 6]);
  expect([endPoint(straight, 'a'), endPoint(straight, 'b')]).toEqual([
    [1, 2, 3],
    [4, 5, 6],
  ]);
});

/** A branch that stands at 60° on the header for `straight`, and then bends up. */
function bentBranch(straight: number) {
  const [cosine, sine] = [Math.cos(radians(60)), Math.sin(radians(60))];
  const setback = 60 * Math.tan(radians(15));
  const corner = straight + setback;
  return {
    ...branch(60),
    axis: tube(
      [
        [0, 0, 0],
        [corner * cosine, 0, corner * sine],
        [corner * cosine, 0, corner * sine + 300],
      ],
      [60],
    ),
  };
}
// R/sin β + r/tan β at φ = 0, on the outer and on the inner edge [handbook §6].
const deepest = (r: number) => R / Math.sin(radians(60)) + r / Math.tan(radians(60));

test('a straight that is longer than the cut goes into a notcher, one that is shorter does not', () => {
  const outer = deepest(OD / 2);
  expect(cut(bentBranch(outer + 1), HEADER)).toMatchObject({ why: null, passes: [{ header: 0 }] });
  expect(cut(bentBranch(outer - 0.5), HEADER)).toMatchObject({
    why: 'the end is cut within its own bend',
    passes: [],
  });
});

test('the outer edge alone within the bend is enough', () => {
  const between = (deepest(OD / 2) + deepest(OD / 2 - 2.413)) / 2;
  const { why, inner } = cut(bentBranch(between), HEADER);
  expect(Math.max(...inner.setbacks.map((one) => one ?? 0))).toBeLessThan(between);
  expect(why).toBe('the end is cut within its own bend');
});

test('a branch that is shorter than its cut has no bend that the cut could lie in', () => {
  const { why } = cut(branch(60, 30), HEADER);
  expect(deepest(OD / 2)).toBeGreaterThan(30);
  expect(why).not.toBe('the end is cut within its own bend');
});

/** Along x, with a bend that begins where x is `from`. */
const bendsAt = (from: number, radius: number, up: number) => {
  const setback = radius * Math.tan(radians(up / 2));
  const corner = from + setback;
  const far: Point = [corner + 400 * Math.cos(radians(up)), 0, -400 * Math.sin(radians(up))];
  return { od: 2 * R, axis: tube([[-500, 0, 0], [corner, 0, 0], far], [radius]) };
};

test('a branch whose one side lands on a bend is no matter of a notcher, whichever side comes first', () => {
  for (const from of [-8, 8]) {
    const { why, outer } = cut(branch(90), bendsAt(from, 100, 60));
    expect(new Set(outer.parts).size).toBe(2);
    expect(why).toBe('the branch lands on a bend of the header');
  }
});

test('all of the branch on one place of a bend: no straight lies under it', () => {
  const one = expectValue(copeOf(branch(90), 'a', [bendsAt(-40, 200, 60)], 1));
  expect(one.passes).toEqual([]);
  expect(one.why).toBe('the branch lands on a bend of the header');
});

test('a header that bows by less than is seen has a pass of its own beside a straight one, by what is cut to it alone', () => {
  const beside = { od: 2 * R, axis: straightAxis([-500, 16, 6], [500, 16, 6]) };
  const { why, passes, outer } = cut(branch(90), beside, bendsAt(-170, 20_000, 1));
  expect(why).toBeNull();
  expect(new Set(outer.headers)).toEqual(new Set([0, 1]));
  expect(passes.map(({ header }) => header)).toEqual([0, 1]);
  // The sagitta of a chord as wide as the branch, c²/(8R).
  const sagitta = OD ** 2 / (8 * 20_000);
  expect(passes[1]?.bow).toBeGreaterThan(0);
  expect(passes[1]?.bow).toBeLessThanOrEqual(sagitta);
});

test('a first header that runs parallel to the end is told, with where it was given', () => {
  const parallel = { od: 2 * R, axis: straightAxis([30, 0, -500], [30, 0, 500]) };
  expect(copeOf(branch(90), 'a', [parallel, HEADER], 8)).toMatchObject({
    ok: false,
    fault: {
      code: 'parallel',
      path: '/headers/0',
      message: 'the first header runs parallel to the end of the branch: there is nothing to cope to',
    },
  });
});

test('a generator that meets nothing has no header, and no part of one', () => {
  const { outer } = cut({ ...branch(90), od: 60 }, HEADER);
  for (const [k, setback] of outer.setbacks.entries())
    expect([outer.headers[k], outer.parts[k]]).toEqual(setback === null ? [-1, -1] : [0, 0]);
});

test('of two headers that are met in one place the one that was fitted first is cut to', () => {
  const { outer, passes } = cut(branch(90), HEADER, { ...HEADER });
  expect(new Set(outer.headers)).toEqual(new Set([0]));
  expect(passes.map(({ header }) => header)).toEqual([0]);
});

test('an outer edge that passes the header is enough, though the inner meets it all round', () => {
  const { inner, outer, passes, why } = cut({ ...branch(90), od: 46, wall: 2.413 }, HEADER);
  expect(inner.setbacks).not.toContain(null);
  expect(outer.setbacks).toContain(null);
  expect([passes, why]).toEqual([[], 'the branch passes the header on one side']);
});

test('a straight header does not bow, whichever way it runs', () => {
  const skew = { od: 2 * R, axis: straightAxis([-500, -123.4, -56.7], [500, 123.4, 56.7]) };
  for (const header of [HEADER, skew]) expect(cut(branch(70), header).passes).toMatchObject([{ bow: 0 }]);
});

test('a second header bows by what lies under its own part of the branch, not under the first header', () => {
  const across = { od: 2 * R, axis: straightAxis([20, -500, 6], [20, 500, 6]) };
  const radius = 20_000;
  const { branch: own, outer, passes } = cut(branch(90), across, bendsAt(-170, radius, 1));
  const x = contactsOf(own, OD / 2, outer).flatMap((at, k) => (at && outer.headers[k] === 1 ? [at[0]] : []));
  const chord = Math.max(...x) - Math.min(...x);
  expect(chord).toBeGreaterThan(0.2 * OD);
  expect(chord).toBeLessThan(0.8 * OD);
  // The sagitta of a chord, c²/(8R).
  const sagitta = chord ** 2 / (8 * radius);
  expect(passes[1]?.bow).toBeGreaterThan(0.95 * sagitta);
  expect(passes[1]?.bow).toBeLessThan(1.01 * sagitta);
});
