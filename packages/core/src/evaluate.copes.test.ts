import { MILLIMETRES } from './measure/index.ts';
import { cutMark, type EndCut } from './cage/index.ts';
import { copesIn, evaluate } from './evaluate.ts';
import { copeTemplate, curveOf } from './drawing/index.ts';
import { EMPTY_SHOP, type Plan } from './plan/index.ts';
import { applyRemedy, copeFindings } from './findings/index.ts';
import { type RuleBook, seamFindings } from './rules/index.ts';
import { bar, bookOf, cageOf, choosing, mm, plateOf, point, stationOn } from './testing/index.ts';

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

const findingsOf = (plan: Plan) => copeFindings(plan, copesOf(plan));

test('a joint sharper than the limit is told, and the limit is a setting', () => {
  const sharp = bar('s', 'frame-tube', stationOn('m-p', 'end-a', 300), point(300, 0, 900));
  const plan = cageOf(post, sharp);
  const [found] = findingsOf(plan).filter(({ code }) => code === 'sharp-joint');
  expect(found?.measured).toEqual({ deg: expect.closeTo((Math.atan(0.5) * 180) / Math.PI, 6) as number });
  const loose = { ...plan, coping: { ...plan.coping, sharpest: { deg: 20, typed: '20' } } };
  expect(findingsOf(loose).map(({ code }) => code)).not.toContain('sharp-joint');
});

test('a tube that stands beside a seam leaves the torch no room: told with its gap', () => {
  const beside = bar('n', 'frame-tube', point(0, 60, 0), point(0, 60, 1000));
  const plan = cageOf(post, rail, beside);
  const [found] = findingsOf(plan).filter(({ code }) => code === 'torch-room');
  // From the side of the rail, 25.4 mm off its axis, to the surface of a tube whose axis is 60 mm away.
  expect(found?.measured).toEqual({ mm: expect.closeTo(60 - 2 * 25.4, 1) as number });
  expect(found?.facts).toMatchObject({ stamp: { text: 'R' }, beside: { text: 'N' } });
});

test('an end larger than its header does not seat', () => {
  const small = { ...post, tube: { ...post.tube, od: { mm: 25, typed: '25' } } };
  const found = findingsOf(cageOf(small, rail)).find(({ code }) => code === 'not-seated');
  expect(found).toMatchObject({ status: 'out', facts: { stamp: { text: 'R' }, header: { text: 'P' } } });
});

test('a seam that a later tube goes over is told with how much of it', () => {
  const brace = bar('b', 'frame-tube', stationOn('m-p', 'end-a', 500), point(500, 0, 900));
  const plan = { ...cageOf(post, rail, brace), fitOrder: ['p-p', 'p-r', 'p-b'] };
  const { seams, seamLength } = copesOf(plan);
  const own = seams.find(({ stamp }) => stamp === 'R');
  expect(own?.covered.map(({ stamp }) => stamp)).toEqual(['B']);
  expect(own?.covered[0]?.length).toBeGreaterThan(20);
  expect(own?.covered[0]?.length).toBeLessThan(own?.length ?? 0);
  // Welded in the order of fitting: the rail before the brace.
  expect(seams.map(({ stamp }) => stamp)).toEqual(['R', 'B']);
  expect(seamLength).toBeCloseTo(
    seams.reduce((sum, { length }) => sum + length, 0),
    9,
  );
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

describe('what the torch cannot reach', () => {
  const below = (gap: number) =>
    bar('n', 'frame-tube', stationOn('m-p', 'end-a', 500 - 50.8 - gap), point(500, 0, 500 - 50.8 - gap));
  const seamOf = (plan: Plan, stamp: string) => copesOf(plan).seams.find((seam) => seam.stamp === stamp);
  const inOrder = (plan: Plan, ...order: string[]): Plan => ({ ...plan, fitOrder: order });

  test('a tube close beside one that is there already has no room on that side; far away it has', () => {
    const tight = inOrder(cageOf(post, rail, below(6)), 'p-p', 'p-r', 'p-n');
    const hidden = seamOf(tight, 'N')?.reach.hidden ?? 0;
    expect(hidden).toBeGreaterThan(0);
    // Only the side toward the other tube.
    expect(hidden).toBeLessThan((seamOf(tight, 'N')?.length ?? 0) / 2);
    const loose = inOrder(cageOf(post, rail, below(80)), 'p-p', 'p-r', 'p-n');
    expect(seamOf(loose, 'N')?.reach.hidden).toBe(0);
  });

  test('what is fitted later was not in the way', () => {
    const plan = inOrder(cageOf(post, rail, below(6)), 'p-p', 'p-r', 'p-n');
    expect(seamOf(plan, 'R')?.reach.hidden).toBe(0);
  });

  /** A flat roof so high over the rail's axis, which lies at 500 mm. */
  const roofed = (above: number, drop = 0): Plan => {
    const plan = cageOf(post, rail);
    const rib = (x: number) => ({
      id: `rib${x}`,
      name: '',
      forward: mm(x),
      points: [
        { out: mm(700), up: mm(400 + above) },
        { out: mm(600), up: mm(500 + above) },
      ],
    });
    return {
      ...plan,
      // No section at the hoop: these two are all that is known of the body.
      survey: { ...plan.survey, measures: {}, ribs: [rib(-500), rib(900)] },
      weldPosition: { forward: mm(0), drop: mm(drop) },
    };
  };

  test('a roof close above a seam hides its top, until the cage is let down', () => {
    const close = seamOf(roofed(30), 'R');
    expect(close?.reach.hidden).toBeGreaterThan(0);
    expect(close?.reach.drop).toBeGreaterThan(0);
    expect(seamOf(roofed(30, (close?.reach.drop ?? 0) + 1), 'R')?.reach).toEqual({
      hidden: 0,
      drop: 0,
      roofKnown: true,
    });
    expect(seamOf(roofed(400), 'R')?.reach).toEqual({ hidden: 0, drop: 0, roofKnown: true });
  });

  test('an open car has no roof, and beyond the surveyed sections nothing is known of it', () => {
    const close = roofed(30);
    expect(seamOf({ ...close, brief: { ...close.brief, roof: 'open' } }, 'R')?.reach.hidden).toBe(0);
    const [, front] = close.survey.ribs;
    if (!front) throw new Error('two sections');
    expect(seamOf({ ...close, survey: { ...close.survey, ribs: [front] } }, 'R')?.reach).toMatchObject({
      hidden: 0,
      roofKnown: false,
    });
  });

  test('a book’s share for gussets: within it is a look, beyond it is out, and letting the cage down clears it', () => {
    const say = (plan: Plan, gussetShare: number) => {
      const book = bookOf({ kind: 'weld-all-round', gussetShare }, 'frame-tube');
      const chosen = choosing(plan, book);
      return seamFindings(chosen, copesOf(chosen), [book]).find(({ member }) => member === 'm-r');
    };
    const close = roofed(30);
    expect([say(close, 0.9)?.status, say(close, 0.01)?.status]).toEqual(['look', 'out']);
    const remedy = say(close, 0.01)?.remedy;
    if (!remedy) throw new Error('it can be let down');
    expect(say(applyRemedy(close, remedy), 0.01)?.status).toBe('clear');
  });

  test('without a section of the body no seam is called reached: it asks, and says what it would be', () => {
    const bare = { ...cageOf(post, rail), survey: { ...cageOf(post, rail).survey, measures: {} } };
    const book = bookOf({ kind: 'weld-all-round', gussetShare: 0 }, 'frame-tube');
    const chosen = choosing(bare, book);
    const [found] = seamFindings(chosen, copesOf(chosen), [book]);
    expect(found).toMatchObject({ status: 'ask', would: 'clear', restsOn: [{ of: 'roof' }] });
    // Told without a book too, once.
    expect(seamFindings(bare, copesOf(bare), []).map(({ code, status }) => [code, status])).toEqual([
      ['roof-unknown', 'ask'],
    ]);
    const open: Plan = { ...chosen, brief: { ...chosen.brief, roof: 'open' } };
    expect(seamFindings(open, copesOf(open), [book])[0]?.status).toBe('clear');
  });

  test('the measured headliner of the main section is a body too', () => {
    // The hoop's own plane, whose headliner is 42 3/8 in up: a rail under it is reached, one against it is not.
    const measured = cageOf(post, rail);
    expect(seamOf(measured, 'R')?.reach).toEqual({ hidden: 0, drop: 0, roofKnown: true });
    const high = cageOf(
      bar('p', 'frame-tube', point(0, 0, 0), point(0, 0, 1060)),
      bar('r', 'frame-tube', stationOn('m-p', 'end-b', -20), point(100, 0, 1040)),
    );
    expect(seamOf(high, 'R')?.reach.hidden).toBeGreaterThan(0);
  });

  test('what the torch cannot reach is told without a book', () => {
    const tight = inOrder(cageOf(post, rail, below(6)), 'p-p', 'p-r', 'p-n');
    const [found] = seamFindings(tight, copesOf(tight), []);
    expect(found).toMatchObject({ code: 'seam-reach', status: 'look', rule: null, limit: null });
  });
});
