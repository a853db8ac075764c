import { evaluate, feetCorrection, hoopAnswerOf, hoopPoints, readIn } from '@gyrus/core';
import { demoBuilt, demoJobs, demoShop } from './index.ts';

const built = demoBuilt.flatMap(({ job, entries }) =>
  demoJobs.filter(({ id }) => id === job).map(({ plan }) => [plan.brief.car, plan, entries] as const),
);

test('every car of the demo was built once: what if it went abroad is a plan alone', () => {
  expect(built.map(([car]) => car).sort()).toEqual(
    [...new Set(demoJobs.map(({ plan }) => plan.brief.car))].sort(),
  );
});

test.each(built)(
  '%s: its hoop was taped wide, and what was pulled then is what puts it right',
  (_, plan, entries) => {
    const hoop = hoopAnswerOf(evaluate(plan, demoShop, []))?.tube;
    const planned = hoop && hoopPoints(hoop, null)[0]?.planned;
    if (!hoop || typeof planned !== 'number') throw new Error('every demo job has a hoop');
    const [first] = entries;
    const measured = first?.readings[0]?.taped?.mm ?? 0;
    const correction = feetCorrection(hoop, { planned, measured, error: plan.measuringError.mm, spread: 6 });
    if (correction.kind !== 'wider') throw new Error(correction.kind);
    expect(correction.pull.left).toBeCloseTo(0.3, 1);
    // To the mark of the tape.
    expect(Math.abs((readIn(entries).get('bench:hoop:feet')?.taped?.mm ?? 0) - planned)).toBeLessThan(0.9);
  },
);
