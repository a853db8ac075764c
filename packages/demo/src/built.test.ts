import { evaluate, feetCorrection, hoopAnswerOf, hoopPoints, readIn } from '@gyrus/core';
import { demoBuilt, demoJobs, demoShop } from './index.ts';

test.each(demoJobs.map(({ id, plan }) => [plan.brief.car, id, plan] as const))(
  '%s: its hoop was taped wide, and what was pulled then is what puts it right',
  (_, id, plan) => {
    const entries = demoBuilt.find(({ job }) => job === id)?.entries ?? [];
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
