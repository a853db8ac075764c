import { MILLIMETRES } from './measure/index.ts';
import { type EndCut } from './cage/index.ts';
import { copesIn, evaluate } from './evaluate.ts';
import { copeTemplate, curveOf } from './drawing/index.ts';
import { EMPTY_SHOP, type Plan } from './plan/index.ts';
import { bar, cageOf, point, stationOn } from './testing.ts';

const copesOf = (plan: Plan) => copesIn(plan, evaluate(plan, EMPTY_SHOP, []), []);
const endOf = (plan: Plan, piece: string, end: 'a' | 'b'): EndCut => {
  const cut = copesOf(plan).ends.find((one) => one.piece === piece && one.end === end);
  if (!cut) throw new Error('no such end');
  return cut;
};

/** A square corner of two tubes of 2 in, and a bar that lands in it. */
const post = bar('p', 'frame-tube', point(0, 0, 0), point(0, 0, 1000));
const rail = bar('r', 'frame-tube', stationOn('m-p', 'end-a', 500), point(600, 0, 500));

test('a bar square to its header: dial 0, the saw as large as the header, its ear at the node', () => {
  const cut = endOf(cageOf(post, rail), 'p-r', 'a');
  expect(cut).toMatchObject({ method: 'saw', headers: ['P'] });
  expect(cut.passes[0]?.dial).toBeCloseTo(0, 9);
  expect(cut.passes[0]?.holeSaw).toBeCloseTo(50.8, 9);
  expect([cut.ear, cut.throat]).toEqual([expect.closeTo(0, 4) as number, expect.closeTo(25.4, 6) as number]);
});

test('lengths three ways: to the node, to the throat, ear to ear', () => {
  const [, , , lengths] = copesOf(
    cageOf(post, rail, bar('x', 'frame-tube', stationOn('m-p', 'end-a', 200), point(300, 0, 200))),
  ).lengths;
  expect(lengths?.axis).toBeCloseTo(300, 6);
  expect(lengths?.throats).toBeCloseTo(300 - 25.4, 4);
  expect(lengths?.ears).toBeCloseTo(300, 3);
});

test('at a node the tube fitted later is cut by those before it, and an override turns that off', () => {
  const brace = bar('b', 'frame-tube', stationOn('m-p', 'end-a', 500), point(500, 0, 900));
  const plan = { ...cageOf(post, rail, brace), fitOrder: ['p-p', 'p-r', 'p-b'] };
  expect(endOf(plan, 'p-b', 'a').headers).toEqual(['P', 'R']);
  expect(endOf(plan, 'p-r', 'a').headers).toEqual(['P']);
  const other = { ...plan, fitOrder: ['p-p', 'p-b', 'p-r'] };
  expect(endOf(other, 'p-r', 'a').headers).toEqual(['P', 'B']);
  const off: Plan = { ...plan, copeOverrides: [{ piece: 'p-b', end: 'a', header: 'p-r', coped: false }] };
  expect(endOf(off, 'p-b', 'a').headers).toEqual(['P']);
});

test('both ends of a bar across two parallel posts are clocked alike', () => {
  const far = bar('q', 'frame-tube', point(600, 0, 0), point(600, 0, 1000));
  const across = bar('x', 'frame-tube', stationOn('m-p', 'end-a', 300), stationOn('m-q', 'end-a', 300));
  const lengths = copesOf(cageOf(post, far, across)).lengths.find(({ stamp }) => stamp === 'X');
  expect(lengths?.clocking).toBeCloseTo(0, 6);
});

test('a foot that leans is cut level: it rises by the tube’s width times the lean', () => {
  const lean = bar('l', 'strut', point(0, 0, 0), point(300, 0, 300));
  const cut = endOf(cageOf(lean), 'p-l', 'a');
  expect(cut.method).toBe('plane');
  expect(cut.throat - cut.ear).toBeCloseTo(50.8, 6);
});

test('a level end on no tube has no cut and says so; an existing tube is not listed', () => {
  const plan = cageOf(bar('l', 'seat-mount', point(0, 0, 100), point(300, 0, 100)), {
    ...post,
    existing: true,
  });
  expect(endOf(plan, 'p-l', 'a')).toMatchObject({
    method: 'none',
    why: expect.stringContaining('cut it square') as string,
  });
  expect(copesOf(plan).ends.map(({ stamp }) => stamp)).not.toContain('P');
});

test('the template is once round the tube and the paper wide, and its cut is the profile', () => {
  const cut = endOf(cageOf(post, rail), 'p-r', 'a');
  const template = copeTemplate(cut, 50.8, {
    curve: 'outer',
    paper: 0.1,
    origin: 'a job',
    style: MILLIMETRES,
  });
  expect(template.width - 8).toBeCloseTo(Math.PI * 50.9, 9);
  const heights = template.edges.slice(0, 180).map((line) => (line.kind === 'line' ? line.from[1] : NaN));
  expect(heights).toEqual(cut.outer.map((setback) => expect.closeTo((setback ?? 0) - cut.ear, 9) as number));
});

test('the seating line is the greater of outer and inner at every place', () => {
  const cut = endOf(cageOf(post, rail), 'p-r', 'a');
  for (const [i, setback] of curveOf(cut, 'seating').entries())
    expect(setback).toBe(Math.max(cut.outer[i] ?? NaN, cut.inner[i] ?? NaN));
});
