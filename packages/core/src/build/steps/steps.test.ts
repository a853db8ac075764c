import { buildIn, copeSettingOf, evaluate } from '../../evaluate.ts';
import { tubesIn } from '../../evaluation.ts';
import { EMPTY_SHOP, type Plan } from '../../plan/index.ts';
import { bar, cageOf, deg, mm, placeAt, plateOf, point, stationOn } from '../../testing/index.ts';
import { type BuildStep, type StepWork } from './step.ts';
import { paintStretches } from './paint.ts';

const inOrder = (plan: Plan, ...order: string[]): Plan => ({
  ...plan,
  fitOrder: order.map((id) => `p-${id}`),
});
const post = bar('p', 'frame-tube', point(2000, 0, 0), point(2000, 0, 1000));
const rail = bar('r', 'frame-tube', stationOn('m-p', 'end-a', 500), point(2600, 0, 500));
const brace = bar('b', 'frame-tube', stationOn('m-p', 'end-a', 500), point(2500, 0, 900));
const built = (plan: Plan) => buildIn(plan, evaluate(plan, EMPTY_SHOP, []), []);
const stepsOf = (plan: Plan): BuildStep[] => built(plan).steps;
const worksOf = <K extends StepWork['kind']>(plan: Plan, kind: K) =>
  stepsOf(plan).flatMap(({ work }) => (work.kind === kind ? [work as Extract<StepWork, { kind: K }>] : []));

test('what a later tube covers of a seam is welded before that tube goes on, and the rest when all is tacked', () => {
  const steps = stepsOf(inOrder(cageOf(post, rail, brace), 'p', 'r', 'b', 'hoop'));
  const at = (tick: string) => steps.findIndex(({ ticks }) => ticks.includes(tick));
  const covered = at('weld:p-r:a:p-b');
  expect(covered).toBeGreaterThan(at('tack:p-r'));
  expect(covered).toBeLessThan(at('tack:p-b'));
  expect(at('weld:p-r:a')).toBeGreaterThan(at('measure:tacked'));
});

test('a tube whose ends sit on other tubes wants a hole; an end that nobody gave a place is told as bare', () => {
  const rung = bar('u', 'frame-tube', stationOn('m-p', 'end-a', 300), stationOn('m-q', 'end-a', 300));
  const other = bar('q', 'frame-tube', point(2000, 600, 0), point(2000, 600, 1000));
  const [{ vents } = { vents: [] }] = worksOf(cageOf(post, other, rung), 'vents');
  const of = (stamp: string) => vents.find((one) => one.stamp === stamp);
  expect(of('U')).toMatchObject({ hole: true, bare: [] });
  expect(of('P')).toMatchObject({ hole: false, bare: ['a', 'b'] });
});

test('an old tube is bent again before anything is tacked, from the end that stays', () => {
  const via = [{ feature: 'bend-a', at: placeAt(2000, 0, 700) }];
  const old = bar('o', 'frame-tube', point(2000, 0, 0), point(2500, 0, 1000), {
    ...{ shape: { kind: 'through', via }, existing: true },
    bentAgain: [{ feature: 'bend-a', by: deg(4), moves: 'b' }],
  });
  const plan = cageOf(post, old);
  const [work] = worksOf(plan, 'bend-again');
  const arc = tubesIn(evaluate(plan, EMPTY_SHOP, []))
    .find(({ stamp }) => stamp === 'O')
    ?.axis.find(({ kind }) => kind === 'arc');
  expect(work?.bends[0]).toMatchObject({ stamp: 'O', by: 4, from: { end: 'a', along: arc?.start } });
  const kinds = stepsOf(plan).map(({ work: one }) => one.kind);
  expect(kinds.indexOf('bend-again')).toBeLessThan(kinds.indexOf('tack'));
  expect(worksOf(cageOf(post), 'bend-again')).toEqual([]);
});

test('a foot on its plate is closed, and welded last of all but for the brace', () => {
  const plate = plateOf({ under: { member: 'm-p', end: 'a' } });
  const plan = { ...cageOf(post), plates: [plate] };
  expect(worksOf(plan, 'feet')[0]?.stamps).toContain('P');
  expect(worksOf(plan, 'vents')[0]?.vents.find(({ stamp }) => stamp === 'P')?.bare).toEqual(['b']);
  expect(
    stepsOf(plan)
      .map(({ work }) => work.kind)
      .slice(-3),
  ).toEqual(['feet', 'unbrace', 'measure']);
});

test('a joint has three tacks at the most, spread round it, none where another tube will lie over them', () => {
  const [tacked] = worksOf(inOrder(cageOf(post, rail, brace), 'p', 'r', 'b'), 'tack').flatMap(({ tubes }) =>
    tubes.filter(({ stamp }) => stamp === 'R'),
  );
  expect(tacked?.tacks).toHaveLength(3);
  expect(tacked?.tacks.every(({ again }) => again)).toBe(true);
  expect(new Set(tacked?.tacks.map(({ round }) => round)).size).toBe(3);
  // The brace lies over the upper side of the rail: no tack stands higher than its axis and half its radius.
  for (const { at } of tacked?.tacks ?? []) expect(at[2]).toBeLessThan(500 + 25.4 * 0.9);
});

test('the hoop and what lies in its plane are put together on the bench; what stands out of it is not', () => {
  const inPlane = bar(
    'd',
    'diagonal',
    stationOn('m-hoop', 'crown-left', 0),
    stationOn('m-hoop', 'knee-right', 0),
  );
  const stay = bar('s', 'backstay', stationOn('m-hoop', 'crown-left', 0), point(-900, 500, 200));
  const { steps, tubes, problem } = built(cageOf(inPlane, stay));
  const benched = tubes.filter((_, i) => problem.bench[i]).map(({ stamp }) => stamp);
  expect(benched).toEqual(['MH', 'D']);
  const place = (tick: string) => steps.find(({ ticks }) => ticks.includes(tick))?.where;
  expect([place('tack:p-d'), place('tack:p-s')]).toEqual(['bench', 'car']);
});

test('a tube beside a panel is painted before it goes up as far as a brush has no room; a wider brush asks for more', () => {
  const panel = {
    ...{ id: 'w', name: 'rear shelf', at: placeAt(2000, 45, 700), normal: placeAt(0, 1, 0), reach: mm(100) },
  };
  const plan = cageOf(post);
  const near: Plan = { ...plan, survey: { ...plan.survey, planes: [panel] } };
  const stretches = (of: Plan) => {
    const { tubes } = copeSettingOf(of, evaluate(of, EMPTY_SHOP, []), []);
    return paintStretches(
      of,
      tubes.filter(({ stamp }) => stamp === 'P'),
      tubes,
      () => false,
    );
  };
  const [found] = stretches(near);
  // Its surface stands 45 − 25.4 mm off the panel, which reaches 100 mm round its point.
  expect(found).toMatchObject({ stamp: 'P', beside: 'rear shelf' });
  expect(found?.room).toBeCloseTo(45 - 25.4, 1);
  expect(found?.from).toBeGreaterThanOrEqual(600);
  expect(found?.to).toBeLessThanOrEqual(800);
  const narrow = { ...near, coping: { ...near.coping, brushRoom: mm(15) } };
  expect(stretches(narrow)).toEqual([]);
  expect(stretches(plan)).toEqual([]);
});

test('an order that stands on its head is mended, and says what of it cannot be built', () => {
  const plan = inOrder(cageOf(post, rail), 'r', 'p');
  const { faults, steps, tubes } = built(plan);
  expect(faults.map((fault) => [fault.kind, tubes[fault.tube]?.stamp])).toEqual([['coped-to', 'R']]);
  const at = (tick: string) => steps.findIndex(({ ticks }) => ticks.includes(tick));
  expect(at('tack:p-p')).toBeLessThan(at('tack:p-r'));
});

test('a plan without tubes has no steps', () => {
  const plan = cageOf();
  const nothing: Plan = { ...plan, survey: { ...plan.survey, measures: {} } };
  expect(tubesIn(evaluate(nothing, EMPTY_SHOP, []))).toEqual([]);
  expect(stepsOf(nothing).filter(({ work }) => work.kind === 'tack')).toEqual([]);
});
