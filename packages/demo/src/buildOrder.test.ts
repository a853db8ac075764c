import {
  bestOrder,
  type BuildAnswer,
  buildIn,
  type BuildStep,
  compareCost,
  copeSettingOf,
  evaluate,
  faultsOf,
  type Plan,
  sizeOf,
  timelineOf,
} from '@gyrus/core';
import fc from 'fast-check';
import { demoBooks, demoJobs, demoPlan, demoShop, fourPointPlan } from './index.ts';

const answerOf = (plan: Plan): BuildAnswer => buildIn(plan, evaluate(plan, demoShop, demoBooks), demoBooks);

/** Everything that a list of steps has to be, whatever the order it is made from. */
function checkSteps(answer: BuildAnswer): void {
  const { steps, problem, order, tubes } = answer;
  expect(faultsOf(problem, order)).toEqual([]);
  const at = (tick: string) => steps.findIndex(({ ticks }) => ticks.includes(tick));
  const ticks = steps.flatMap((step) => step.ticks);
  expect(new Set(ticks).size).toBe(ticks.length);
  for (const [i, headers] of problem.after.entries())
    for (const header of headers)
      expect(at(`tack:${tubes[header]?.piece}`)).toBeLessThanOrEqual(at(`tack:${tubes[i]?.piece}`));
  for (const [i, step] of steps.entries()) {
    if (step.work.kind !== 'weld') continue;
    for (const { piece, hiddenBy, coveredBy, lost } of step.work.seams) {
      expect(at(`tack:${piece}`)).toBeLessThan(i);
      const later = [hiddenBy, lost > 0 ? null : coveredBy].flatMap(
        (stamp) => tubes.find((tube) => tube.stamp === stamp)?.piece ?? [],
      );
      for (const other of later) expect(at(`tack:${other}`)).toBeGreaterThan(i);
    }
  }
  const moved = steps.filter(({ work }) => work.kind === 'drop' || work.kind === 'lift');
  expect(moved.map(({ work }) => work.kind)).toEqual(moved.map((_, i) => (i % 2 === 0 ? 'drop' : 'lift')));
  for (const { where, work } of steps) if (work.kind === 'tack') expect(where).not.toBe('dropped');
  if (at('brace') >= 0) {
    expect(at('brace')).toBeLessThan(at(`tack:${tubes[order[0] ?? 0]?.piece}`));
    expect(steps.slice(at('unbrace') + 1).map(({ work }) => work.kind)).toEqual(['measure']);
  }
}

const welded = (steps: BuildStep[]) =>
  steps.reduce((sum, step) => sum + (step.work.kind === 'weld' ? 100 * sizeOf(step) : 0), 0);

test.each(demoJobs.map(({ plan }) => [plan.brief.car, plan] as const))(
  '%s: its steps obey, and weld every seam once',
  (_, plan) => {
    const evaluation = evaluate(plan, demoShop, demoBooks);
    const answer = buildIn(plan, evaluation, demoBooks);
    checkSteps(answer);
    const setting = copeSettingOf(plan, evaluation, demoBooks);
    expect(answer.tubes).toHaveLength(setting.tubes.length);
    expect(welded(answer.steps)).toBeGreaterThan(0);
    for (const { work } of answer.steps) {
      if (work.kind !== 'tack') continue;
      for (const { tacks } of work.tubes) for (const { round } of tacks) expect(round).toBeLessThan(360);
    }
  },
);

test('whatever order of fitting a plan has, its steps obey', () => {
  fc.assert(
    fc.property(
      fc.shuffledSubarray(fourPointPlan.fitOrder, { minLength: fourPointPlan.fitOrder.length }),
      (fitOrder) => checkSteps(answerOf({ ...fourPointPlan, fitOrder })),
    ),
    { numRuns: process.env.GYRUS_THOROUGH ? 100 : 10 },
  );
});

test('of the four-point bar no order does better than the one found, by trying every one', () => {
  const { problem, order } = answerOf(fourPointPlan);
  const found = bestOrder(problem, order);
  let least = found?.cost ?? { lost: Infinity, moves: Infinity, offBench: Infinity };
  let tried = 0;
  const extend = (some: number[]): void => {
    if (some.length === problem.count) {
      if (faultsOf(problem, some).length > 0) return;
      tried += 1;
      const { cost } = timelineOf(problem, some);
      if (compareCost(cost, least) < 0) least = cost;
      return;
    }
    for (let tube = 0; tube < problem.count; tube++) if (!some.includes(tube)) extend([...some, tube]);
  };
  extend([]);
  expect(tried).toBeGreaterThan(10);
  expect(found?.proven).toBe(true);
  expect([found?.cost.lost, found?.cost.moves]).toEqual([least.lost, least.moves]);
});

test('let down by as much as it would have to stand lower a cage is reached as well, and not by 2 mm less', () => {
  const { lower } = answerOf(demoPlan).compared;
  if (!lower) throw new Error('the roof of the demo is in the way');
  const lostAt = (by: number) =>
    answerOf({
      ...demoPlan,
      weldPosition: { forward: { mm: 0, typed: '0' }, drop: { mm: by, typed: `${by} mm` } },
    }).compared.dropped?.lost;
  expect(lostAt(lower.by)).toBe(lower.lost);
  expect(lostAt(lower.by - 2)).toBeGreaterThan(lower.lost);
  expect(answerOf({ ...demoPlan, brief: { ...demoPlan.brief, roof: 'open' } }).compared.lower).toBeNull();
});
