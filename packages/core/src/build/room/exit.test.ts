import { evaluate } from '../../evaluate.ts';
import { tubesIn } from '../../evaluation.ts';
import { EMPTY_SHOP, type Plan } from '../../plan/index.ts';
import { bar, cageOf, mm, point } from '../../testing/index.ts';
import { exitOf } from './exit.ts';

/** A section of a body: so far ahead, so wide on each side, its roof so high. */
const rib = (forward: number, half: number, high = 1200): Plan['survey']['ribs'][number] => ({
  ...{ id: `r${forward}`, name: `section ${forward}`, forward: mm(forward) },
  points: [
    { out: mm(half), up: mm(0) },
    { out: mm(half), up: mm(high - 100) },
    { out: mm(half - 100), up: mm(high) },
  ],
});

/** A frame of 1000 × 800 across the car, 2500 ahead of the hoop. */
const frame = [
  bar('l', 'frame-tube', point(2500, 500, 100), point(2500, 500, 900)),
  bar('r', 'frame-tube', point(2500, -500, 100), point(2500, -500, 900)),
  bar('t', 'frame-tube', point(2500, 500, 850), point(2500, -500, 850)),
];

function exitFrom(roof: 'open' | 'closed', ...ribs: Plan['survey']['ribs']) {
  const plan = cageOf(...frame);
  const inBody: Plan = { ...plan, brief: { ...plan.brief, roof }, survey: { ...plan.survey, ribs } };
  const tubes = tubesIn(evaluate(inBody, EMPTY_SHOP, [])).filter(({ role }) => role === 'frame-tube');
  return exitOf(inBody, tubes);
}

test('a frame that is narrower than the body goes out straight, with the size of what it needs', () => {
  const out = exitFrom('closed', rib(1500, 700), rib(3000, 700));
  expect(out).toMatchObject({ kind: 'out', over: 'front', way: [[550, 0, 0]] });
  expect(out.kind === 'out' && out.width).toBeCloseTo(1000 + 50.8, 1);
});

test('where the body narrows ahead it goes out at the rear; where it narrows at both ends, what it meets is named', () => {
  expect(exitFrom('closed', rib(1500, 700), rib(2600, 700), rib(3600, 300))).toMatchObject({
    kind: 'out',
    over: 'rear',
  });
  const held = exitFrom('closed', rib(1400, 300), rib(2300, 700), rib(2700, 700), rib(3600, 300));
  expect(held).toMatchObject({ kind: 'blocked', against: 'side' });
  expect(held.kind === 'blocked' && ['L', 'R', 'T']).toContain(held.kind === 'blocked' ? held.by : '');
});

test('an open body is left over its top, where it holds the frame at both ends', () => {
  const ribs = [rib(1400, 300), rib(2300, 700), rib(2700, 700), rib(3600, 300)];
  expect(exitFrom('open', ...ribs)).toMatchObject({ kind: 'out', over: 'top' });
});

test('of a body of which one section is measured nobody knows', () => {
  expect(exitFrom('closed', rib(2500, 700))).toEqual({ kind: 'unknown' });
});
