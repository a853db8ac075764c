import { MILLIMETRES } from '../../measure/index.ts';
import { cutMark, type EndCut } from '../index.ts';
import { copesIn, evaluate } from '../../evaluate.ts';
import { standingIn } from '../../evaluation.ts';
import { copeTemplate, curveOf } from '../../drawing/index.ts';
import { EMPTY_SHOP, type Plan } from '../../plan/index.ts';
import { copeFindings } from '../../findings/index.ts';
import { type RuleBook } from '../../rules/index.ts';
import { bar, bookOf, cageOf, choosing, plateOf, point, stationOn } from '../../testing/index.ts';

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

test('a level end on no tube is cut square; an existing tube is not listed', () => {
  const plan = cageOf(bar('l', 'seat-mount', point(0, 0, 100), point(300, 0, 100)), {
    ...post,
    existing: true,
  });
  expect(endOf(plan, 'p-l', 'a')).toMatchObject({ method: 'square', why: null, ear: 0, throat: 0 });
  expect(copesOf(plan).ends.map(({ stamp }) => stamp)).not.toContain('P');
});

test('the template is once round the tube and the paper wide, and its cut is the profile', () => {
  const cut = endOf(cageOf(post, rail), 'p-r', 'a');
  const template = copeTemplate(cut, 50.8, {
    curve: 'outer',
    straight: null,
    paper: 0.1,
    origin: 'a job',
    style: MILLIMETRES,
  });
  expect(template.width - 8).toBeCloseTo(Math.PI * 50.9, 9);
  const heights = template.edges.slice(0, 180).map((line) => (line.kind === 'line' ? line.from[1] : NaN));
  expect(heights).toEqual(cut.outer.map((setback) => expect.closeTo((setback ?? 0) - cut.ear, 9) as number));
});

test('where the cut is nearly square, ear and throat are named beside each other and not on each other', () => {
  const cut = endOf(cageOf(post, rail), 'p-r', 'a');
  const square = cut.outer.map(() => cut.ear);
  const { labels } = copeTemplate({ ...cut, outer: square, inner: square, throat: cut.ear }, 25.4, {
    ...{ curve: 'outer', straight: null, paper: 0.1, origin: 'a job', style: MILLIMETRES },
  });
  const [ear, throat] = ['ear', 'throat'].map((name) => labels.find(({ text }) => text === name));
  // A letter is at most as wide as it is high.
  expect((throat?.at[0] ?? 0) - (ear?.at[0] ?? 0)).toBeGreaterThan(2 * (ear?.size ?? NaN));
});

test('the seating line is the greater of outer and inner at every place', () => {
  const cut = endOf(cageOf(post, rail), 'p-r', 'a');
  for (const [i, setback] of curveOf(cut, 'seating').entries())
    expect(setback).toBe(Math.max(cut.outer[i] ?? NaN, cut.inner[i] ?? NaN));
});

const findingsOf = (plan: Plan) => copeFindings(plan, copesOf(plan));

test('a joint sharper than the limit is told, and the limit is a setting', () => {
  const sharp = bar('s', 'frame-tube', stationOn('m-p', 'end-a', 300), point(300, 0, 900));
  const plan = cageOf(post, sharp);
  const [found] = findingsOf(plan).filter(({ code }) => code === 'sharp-joint');
  expect(found?.measured).toEqual({ deg: expect.closeTo((Math.atan(0.5) * 180) / Math.PI, 6) as number });
  const loose = { ...plan, coping: { ...plan.coping, sharpest: { deg: 20, typed: '20' } } };
  expect(findingsOf(loose).map(({ code }) => code)).not.toContain('sharp-joint');
});

test('an end larger than its header does not seat', () => {
  const small = { ...post, tube: { ...post.tube, od: { mm: 25, typed: '25' } } };
  const found = findingsOf(cageOf(small, rail)).find(({ code }) => code === 'not-seated');
  expect(found).toMatchObject({ status: 'out', facts: { stamp: { text: 'R' }, header: { text: 'P' } } });
});

test('a tube that a chosen book wants in one piece cuts the others, whatever was fitted first', () => {
  const book = bookOf({ kind: 'continuous-tube' }, 'strut');
  const strut = bar('b', 'strut', stationOn('m-p', 'end-a', 500), point(500, 0, 900));
  const plan = choosing({ ...cageOf(post, rail, strut), fitOrder: ['p-p', 'p-r', 'p-b'] }, book);
  const headersOf = (stamp: string, books: RuleBook[]) =>
    copesIn(plan, evaluate(plan, EMPTY_SHOP, books), books).ends.find(
      (cut) => cut.stamp === stamp && cut.end === 'a',
    )?.headers;
  expect(headersOf('B', [])).toEqual(['P', 'R']);
  expect(headersOf('B', [book])).toEqual(['P']);
  expect(headersOf('R', [book])).toEqual(['P', 'B']);
});

test('a foot is cut as its plate is tilted', () => {
  const leg = bar('l', 'strut', point(0, 0, 0), point(0, 0, 500));
  const plate = plateOf({ under: { member: 'm-l', end: 'a' }, tilt: { deg: 20, typed: '20' } });
  const cut = endOf({ ...cageOf(leg), plates: [plate] }, 'p-l', 'a');
  expect(cut).toMatchObject({ method: 'plane', plate: 'P1' });
  // Across the tube's width the cut rises by the tangent of the tilt.
  expect(cut.throat - cut.ear).toBeCloseTo(50.8 * Math.tan((20 * Math.PI) / 180), 6);
});

test('what a cut was when it was ticked off tells later whether it has changed', () => {
  const before = cutMark(endOf(cageOf(post, rail), 'p-r', 'a'));
  const moved = bar('r', 'frame-tube', stationOn('m-p', 'end-a', 500), point(600, 40, 560));
  expect(cutMark(endOf(cageOf(post, rail), 'p-r', 'a'))).toBe(before);
  expect(cutMark(endOf(cageOf(post, moved), 'p-r', 'a'))).not.toBe(before);
  expect(before.length).toBeLessThanOrEqual(200);
});

test('the saw is set alike at Design and at Cope for a foot on the floor as it was measured', () => {
  const base = cageOf();
  const slope = { deg: 3, typed: '3' };
  const plan: Plan = {
    ...base,
    survey: { ...base.survey, measures: { ...base.survey.measures, floorSlopeLeft: slope } },
  };
  const evaluation = evaluate(plan, EMPTY_SHOP, []);
  const [left, right] = copesIn(plan, evaluation, []).ends;
  const { hoop } = standingIn(evaluation);
  expect(hoop?.feet.map(({ total }) => total)).toEqual([
    expect.closeTo(left?.foot?.angle ?? NaN, 6) as number,
    expect.closeTo(right?.foot?.angle ?? NaN, 6) as number,
  ]);
  // One side's floor slopes: its foot is cut otherwise than the other's.
  expect(Math.abs((left?.foot?.angle ?? 0) - (right?.foot?.angle ?? 0))).toBeGreaterThan(0.5);
});

test('the ends of a foot and of a cope are clocked to each other: from the long side to the face line', () => {
  // It leans forward as it rises: the long side of its foot is behind, and it is coped to a rail across.
  const leg = bar('l', 'frame-tube', point(0, 0, 0), stationOn('m-r', 'end-a', 300));
  const across = bar('r', 'frame-tube', point(200, -300, 800), point(200, 300, 800));
  const plan = cageOf(across, leg);
  const { ends, lengths } = copesOf(plan);
  const foot = ends.find(({ stamp, end }) => stamp === 'L' && end === 'a');
  expect(foot?.foot?.long?.[0]).toBeLessThan(-0.9);
  expect(foot?.foot?.clock).toBeNull();
  const clocking = lengths.find(({ stamp }) => stamp === 'L')?.clocking;
  // The rail runs across the car, a quarter turn from the leg's own lean.
  expect(Math.abs(clocking ?? 0)).toBeCloseTo(90, 6);
});
