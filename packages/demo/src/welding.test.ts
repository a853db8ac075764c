import { buildIn, evaluate, isDone, proceduresFor, standingOf, tickedIn, weldedSeams } from '@gyrus/core';
import { demoBench, demoBooks, demoJobs, demoPlan, demoShop, demoWelding, fourPointPlan } from './index.ts';

const stepsOf = (plan: typeof demoPlan) =>
  buildIn(plan, evaluate(plan, demoShop, demoBooks), demoBooks).steps;
const welds = (plan: typeof demoPlan) =>
  stepsOf(plan).flatMap(({ where, work }) =>
    work.kind === 'weld' ? work.seams.map((seam) => ({ where, seam })) : [],
  );

test.each(demoJobs.map(({ name, plan }) => [name, plan] as const))(
  '%s: how a seam lies adds up to all of it, and on the bench all of it is turned flat',
  (_, plan) => {
    const all = welds(plan);
    expect(all.length).toBeGreaterThan(0);
    for (const { where, seam } of all) {
      const { flat, horizontal, vertical, overhead } = seam.positions;
      expect(flat + horizontal + vertical + overhead).toBeCloseTo(seam.length, 6);
      if (where === 'bench') expect(flat).toBeCloseTo(seam.length, 6);
    }
  },
);

test('twins whose joints are mirror images lie alike', () => {
  const whole = new Map(
    welds(demoPlan).flatMap(({ seam }) =>
      seam.whole ? [[seam.stamp + seam.end, seam.positions] as const] : [],
    ),
  );
  const pairs = [...whole].flatMap(([key, left]) => {
    const right = /L[ab]$/.test(key) ? whole.get(key.replace(/L([ab])$/, 'R$1')) : undefined;
    return right ? [[left, right] as const] : [];
  });
  expect(pairs.length).toBeGreaterThan(3);
  for (const [left, right] of pairs)
    for (const position of ['flat', 'horizontal', 'vertical', 'overhead'] as const)
      expect(right[position]).toBeCloseTo(left[position], 3);
});

test('the demo’s shop has a procedure for its tube, tried in every position but overhead', () => {
  const wall = welds(demoPlan)[0]?.seam.wall ?? 0;
  const [own, ...others] = proceduresFor(demoWelding, wall);
  expect(others).toEqual([]);
  if (!own) throw new Error('the shop welds this wall');
  const kinds = standingOf(own, { flat: 40, horizontal: 30, vertical: 20, overhead: 10 });
  expect(kinds.map(({ position, kind }) => [position, kind])).toEqual([
    ['flat', 'sound'],
    ['horizontal', 'sound'],
    // The first was not; it was welded anew with more current, and that sample tells.
    ['vertical', 'sound'],
    ['overhead', 'no-sample'],
  ]);
});

test('what was done on the bench of the four-point bar is done in its steps, and welded by a procedure', () => {
  const { entries } = demoBench();
  const ticked = tickedIn(entries);
  const bench = stepsOf(fourPointPlan).filter(
    ({ where, work }) => where === 'bench' && (work.kind === 'tack' || work.kind === 'weld'),
  );
  expect(bench.length).toBeGreaterThan(1);
  for (const step of bench) expect(isDone(step, ticked)).toBe(true);
  const seams = weldedSeams(entries);
  const ids = new Set(demoWelding.map(({ id }) => id));
  expect(seams.length).toBeGreaterThan(1);
  for (const { procedure, who } of seams) expect([ids.has(procedure ?? ''), who]).toEqual([true, 'A. Lind']);
  const ats = entries.map(({ at }) => at);
  expect(ats).toEqual([...ats].sort());
});
