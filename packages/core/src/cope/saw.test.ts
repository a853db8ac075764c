import { straightAxis } from '../centreline/index.ts';
import { expectValue } from '../fault/index.ts';
import { radians } from '../measure/index.ts';
import { beyondNotcher, chopCut, copeOf, pushedHome, seamOf, twoCuts, weldPrep } from './index.ts';
import { coveredBy, leastGap } from './seam.ts';
import { sweptTube } from './swept.ts';

const HEADER = (od: number) => ({ od, axis: straightAxis([-500, 0, 0], [500, 0, 0]) });
/** A branch that comes down on the origin at β from the header's direction +x. */
const branch = (beta: number, od = 38.1, wall = 2.413) => ({
  od,
  wall,
  axis: straightAxis([0, 0, 0], [900 * Math.cos(radians(beta)), 0, 900 * Math.sin(radians(beta))]),
});
const passOf = (beta: number) => {
  const [pass] = expectValue(copeOf(branch(beta), 'a', [HEADER(44.45)], 180)).passes;
  if (!pass) throw new Error('a notcher makes it');
  return pass;
};

test('the acute side of the joint is where the header leans into the branch', () => {
  expect(passOf(60).acuteAt).toBeCloseTo(0, 6);
  expect(passOf(120).acuteAt).toBeCloseTo(180, 6);
});

test('the saw’s centre is the node where the axes cross, wherever the branch’s own end lies', () => {
  expect(passOf(60).centre).toBeCloseTo(0, 6);
  const long = {
    ...branch(60),
    axis: straightAxis([-20 * Math.cos(radians(60)), 0, -20 * Math.sin(radians(60))], [250, 0, 433]),
  };
  const [pass] = expectValue(copeOf(long, 'a', [HEADER(44.45)], 180)).passes;
  expect(pass?.centre).toBeCloseTo(20, 3);
});

// Square on, the saw passes through the whole of the branch: its OD. On a slant its width along the header is OD/sin β.
test('travel of the saw', () => {
  expect(passOf(90).depth).toBeCloseTo(38.1, 6);
  expect(passOf(45).depth).toBeCloseTo(38.1 / Math.sin(radians(45)), 6);
});

test('a notcher that stops at 60° and cuts 45 mm deep: what it cannot do, by how much', () => {
  const limits = { largestDial: 60, sawDepth: 45 };
  expect(beyondNotcher(passOf(90), limits)).toEqual({ dial: 0, depth: 0 });
  const sharp = beyondNotcher(passOf(20), limits);
  expect(sharp.dial).toBeCloseTo(10, 9);
  expect(sharp.depth).toBeGreaterThan(0);
});

test('two headers, one pass for each, turned by what lies between their face lines', () => {
  const second = { od: 38.1, axis: straightAxis([0, -400, -200], [0, 400, 200]) };
  const { passes, why } = expectValue(copeOf(branch(90), 'a', [HEADER(44.45), second], 180));
  expect(why).toBeNull();
  expect(passes.map(({ holeSaw }) => holeSaw)).toEqual([44.45, 38.1]);
  expect(passes[0]?.turn).toBeCloseTo(0, 9);
  expect(Math.abs(passes[1]?.turn ?? 0)).toBeCloseTo(90, 6);
  // The second runs 26.57° off square to the branch.
  expect(passes[1]?.dial).toBeCloseTo((Math.atan(0.5) * 180) / Math.PI, 6);
});

// Both lie along x; the second, higher and 15 mm aside, takes what lies beyond where their circles cross, seen along x.
test('each pass goes as deep as the places that are cut to its own header', () => {
  const beside = { od: 38.1, axis: straightAxis([-500, 15, 8], [500, 15, 8]) };
  const [r, first, second] = [19.05, 44.45 / 2, 38.1 / 2];
  let [low, high] = [-4, r];
  for (let i = 0; i < 60; i++) {
    const y = (low + high) / 2;
    const above = 8 + Math.sqrt(second ** 2 - (y - 15) ** 2) > Math.sqrt(first ** 2 - y ** 2);
    if (above) high = y;
    else low = y;
  }
  const { passes } = expectValue(copeOf(branch(90), 'a', [HEADER(44.45), beside], 3600));
  expect(low).toBeGreaterThan(0);
  expect(passes[1]?.depth).toBeCloseTo(2 * Math.sqrt(r ** 2 - low ** 2), 1);
  expect(passes[0]?.depth).toBeCloseTo(2 * r, 6);
});

// All of the branch lands on a far wider header that runs across the first, aslant: OD/sin β along it, whichever header it is.
test('a second header across the first: its own offset, and the whole of the branch along it', () => {
  const [y, z] = [500 * Math.sin(radians(70)), 500 * Math.cos(radians(70))];
  const wide = { od: 400, axis: straightAxis([6, -y, -z], [6, y, z]) };
  const { passes } = expectValue(copeOf(branch(90), 'a', [HEADER(44.45), wide], 720));
  expect(passes.map(({ header, holeSaw }) => [header, holeSaw])).toEqual([[1, 400]]);
  expect(passes[0]?.depth).toBeCloseTo(38.1 / Math.sin(radians(70)), 1);
  // Along b × u: into the branch is +z, the header's own direction square to it +y, so −x; the branch stands 6 mm to −x of it.
  expect(passes[0]?.offset).toBeCloseTo(6, 6);
});

// Crossed equal cylinders meet in plane ellipses [classical]: two cuts of 45° follow the outer line and leave the wall's inside
// proud by the wall, measured square to the header.
test('equal tubes square to each other: two cuts of 45° follow the outer line', () => {
  const cuts = expectValue(twoCuts(branch(90), 'a', HEADER(38.1), 0));
  expect(cuts?.cuts.map(({ angle }) => angle)).toEqual([45, -45]);
  expect(cuts?.gap).toBeCloseTo(0, 6);
  expect(cuts?.grind).toBeCloseTo(2.413, 6);
  expect(cuts?.tip?.across).toBeCloseTo(0, 6);
  expect(cuts?.tip?.setback).toBeCloseTo(0, 6);
});

test('crossed equal cylinders at any angle: cuts of 90 − β/2 and β/2 follow the outer line', () => {
  const cuts = expectValue(twoCuts(branch(60), 'a', HEADER(38.1), 0));
  expect(cuts?.cuts.map(({ angle }) => Math.round(angle * 1e6) / 1e6)).toEqual([60, -30]);
  expect(cuts?.gap).toBeCloseTo(0, 6);
});

test('a wider gap allowed leaves less to grind, and is kept', () => {
  const leaves = [0, 0.5, 1, 1.5].map((limit) => expectValue(twoCuts(branch(75), 'a', HEADER(44.45), limit)));
  for (const [i, one] of leaves.entries()) {
    expect(one?.gap).toBeLessThanOrEqual(0.5 * i + 1e-6);
    if (i > 0) expect(one?.grind).toBeLessThan(leaves[i - 1]?.grind ?? 0);
  }
});

// The rule of thirds [common practice]: the tip a third of the OD beyond where the cuts leave the tube, about 34°. It lies
// between the outer line's 45° and the seating line's 27°; pushed home without grinding it leaves a few millimetres.
test('the rule of thirds, pushed home', () => {
  const third = (Math.atan(2 / 3) * 180) / Math.PI;
  expect(third).toBeCloseTo(33.69, 2);
  const cuts = expectValue(pushedHome(branch(90), 'a', HEADER(38.1), [third, third]));
  expect(cuts?.grind).toBeCloseTo(0, 6);
  // The tip comes to rest on the inner edge at the ears; how far the outer edge then stands off the header, all round.
  const rest = Math.sqrt(19.05 ** 2 - (19.05 - 2.413) ** 2);
  const gaps = Array.from({ length: 3600 }, (_, i) => {
    const [x, y] = [19.05 * Math.cos(radians(i / 10)), 19.05 * Math.sin(radians(i / 10))];
    return Math.hypot(y, rest + (2 / 3) * Math.abs(x)) - 19.05;
  });
  expect(cuts?.gap).toBeCloseTo(Math.max(...gaps), 3);
});

test('one chop leaves metal everywhere', () => {
  const chop = expectValue(chopCut(branch(60), 'a', HEADER(44.45)));
  expect(chop?.cuts).toHaveLength(1);
  expect(chop?.gap).toBeCloseTo(0, 6);
  expect(chop?.grind).toBeGreaterThan(0);
});

test('a branch that passes its header has no straight cuts', () => {
  expect(expectValue(twoCuts(branch(90, 60), 'a', HEADER(44.45), 1))).toBeNull();
});

// 9.3 mm at the ears of equal 38.1 × 2.4 mm at 90° [handbook §6].
test('weld preparation: what stands proud at the ear, and where', () => {
  const { outer, inner } = expectValue(copeOf(branch(90, 38.1, 2.4), 'a', [HEADER(38.1)], 180));
  const prep = weldPrep(outer.setbacks, inner.setbacks);
  expect(prep?.groundBack).toBeCloseTo(9.26, 2);
  expect([90, 270]).toContain(prep?.at);
});

// A small tube square on a far larger one lands on what is nearly a plane: its seam is nearly its own circle.
test('length of the seam, and of two equal crossed tubes', () => {
  const small = seamOf(expectValue(copeOf(branch(90, 10, 1), 'a', [HEADER(1000)], 720)), 5);
  expect(small.length).toBeCloseTo(Math.PI * 10, 2);
  // Two half ellipses of half axes r and r·√2; Ramanujan's second approximation of an ellipse's perimeter.
  const [a, b] = [19.05 * Math.SQRT2, 19.05];
  const h = ((a - b) / (a + b)) ** 2;
  const ellipse = Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
  const equal = seamOf(expectValue(copeOf(branch(90), 'a', [HEADER(38.1)], 720)), 19.05);
  expect(equal.length / ellipse).toBeCloseTo(1, 4);
});

test('a tube over half of a seam covers half of it', () => {
  const cope = expectValue(copeOf(branch(90, 20, 2), 'a', [HEADER(1000)], 720));
  const seam = seamOf(cope, 10);
  // A wide tube along y whose surface passes through the branch's axis.
  const over = sweptTube(straightAxis([200, -500, 500], [200, 500, 500]), 400);
  expect(coveredBy(seam, over) / seam.length).toBeCloseTo(0.5, 1);
  expect(leastGap(seam, over, 20)).toBeLessThan(0);
  const beside = sweptTube(straightAxis([215, -500, 500], [215, 500, 500]), 400);
  expect(coveredBy(seam, beside)).toBe(0);
  expect(leastGap(seam, beside, 20)).toBeCloseTo(5, 1);
});
