import { evaluate, stillBecomes } from '@gyrus/core';
import { demoJobs, demoShop } from './index.ts';

/** Tubes of two bends or more that do not lie in a plane, with the cage that they are of. */
const twisted = demoJobs.flatMap(({ plan }) => {
  const evaluation = evaluate(plan, demoShop, []);
  return evaluation.members.flatMap(({ pieces }) =>
    pieces.flatMap(({ sheet, side }) =>
      sheet && side && sheet.bends.some(({ rotation }) => Math.abs(rotation) > 2 && Math.abs(rotation) < 178)
        ? [{ plan, evaluation, sheet, pieces }]
        : [],
    ),
  );
});

test('a second bend that was turned the wrong way makes a tube of a pair its twin', () => {
  const tried = twisted.flatMap(({ plan, evaluation, sheet, pieces }) => {
    const [first, second, ...later] = sheet.steps;
    if (!first || !second || Math.abs(second.turn) < 2 || Math.abs(second.turn) > 178) return [];
    // So far as the mirror image of what was wanted.
    const made = { turned: -2 * second.turn };
    const otherwise = { bend: second.bend, made, toCome: later.map(({ bend }) => bend) };
    const becomes = stillBecomes(plan, evaluation, sheet, otherwise);
    const twin = pieces.find(({ piece }) => piece !== sheet.piece)?.sheet;
    return twin ? [{ becomes: becomes?.find(({ stamp }) => stamp === twin.stamp), twin }] : [];
  });
  expect(tried.length).toBeGreaterThan(0);
  for (const { becomes, twin } of tried) {
    const [, second, third] = twin.steps;
    expect(becomes?.toCome.map(({ bend }) => bend)).toEqual(twin.steps.slice(2).map(({ bend }) => bend));
    // What is left is as the twin's own sheet has it.
    if (second && third) expect(becomes?.toCome[0]?.turn).toBeCloseTo(third.turn, 6);
  }
});
