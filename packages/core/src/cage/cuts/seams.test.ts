import { copesIn, evaluate } from '../../evaluate.ts';
import { EMPTY_SHOP, type Plan } from '../../plan/index.ts';
import { applyRemedy, copeFindings } from '../../findings/index.ts';
import { seamFindings } from '../../rules/index.ts';
import { bar, bookOf, cageOf, choosing, mm, point, stationOn } from '../../testing/index.ts';

const copesOf = (plan: Plan) => copesIn(plan, evaluate(plan, EMPTY_SHOP, []), []);

/** A square corner of two tubes of 2 in, and a bar that lands in it. */
const post = bar('p', 'frame-tube', point(0, 0, 0), point(0, 0, 1000));

const rail = bar('r', 'frame-tube', stationOn('m-p', 'end-a', 500), point(600, 0, 500));

const findingsOf = (plan: Plan) => copeFindings(plan, copesOf(plan));

test('a tube that stands beside a seam leaves the torch no room: told with its gap', () => {
  const beside = bar('n', 'frame-tube', point(0, 60, 0), point(0, 60, 1000));
  const plan = cageOf(post, rail, beside);
  const [found] = findingsOf(plan).filter(({ code }) => code === 'torch-room');
  // From the side of the rail, 25.4 mm off its axis, to the surface of a tube whose axis is 60 mm away.
  expect(found?.measured).toEqual({ mm: expect.closeTo(60 - 2 * 25.4, 1) as number });
  expect(found?.facts).toMatchObject({ stamp: { text: 'R' }, beside: { text: 'N' } });
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
