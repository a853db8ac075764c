import { evaluate } from '../../evaluate.ts';
import { pieceAnswerOf } from '../../evaluation.ts';
import { EMPTY_SHOP, type Plan } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { cageOf, mm } from '../../testing/index.ts';
import { type Tube } from '../index.ts';

const answersOf = (plan: Plan) => evaluate(plan, EMPTY_SHOP, []);

const tubeOf = (plan: Plan, piece: string): Tube => {
  const tube = pieceAnswerOf(answersOf(plan), piece)?.answer.tube;
  if (!tube) throw new Error(JSON.stringify(answersOf(plan).findings.map((one) => one.facts)));
  return tube;
};

test('a rolled crown stands at the headliner, falls to its corners, and its legs follow', () => {
  const start = cageOf();
  const [hoop] = start.members;
  if (hoop?.role !== 'main-hoop') throw new Error('no hoop');
  const rolled: Plan = { ...start, members: [{ ...hoop, shape: 'rolled-crown', crownRise: mm(40) }] };
  const level = tubeOf(start, 'p-hoop');
  const tube = tubeOf(rolled, 'p-hoop');
  expect(tube.features).toContain('crown-middle');
  const top = (one: Tube) =>
    Math.max(...one.axis.flatMap((piece) => (piece.kind === 'straight' ? [piece.from[2], piece.to[2]] : [])));
  const middle = pointOnTop(tube);
  expect(middle[2]).toBeCloseTo(top(level), 3);
  const corner = tube.points[tube.features.indexOf('crown-left') + 1] as Vec3;
  expect(middle[2] - corner[2]).toBeCloseTo(40, 3);
  const without: Plan = { ...start, members: [{ ...hoop, shape: 'rolled-crown' }] };
  const none = answersOf(without).findings.filter(({ code }) => code === 'impossible');
  expect(JSON.stringify(none[0]?.facts)).toContain('the crown has no rise');
});

/** The top of the rolled arc: on its middle, above the centre of its radius. */
function pointOnTop(tube: Tube): Vec3 {
  const arc = tube.axis[2 * tube.features.indexOf('crown-middle') + 1];
  if (arc?.kind !== 'arc') throw new Error('no arc');
  return [arc.centre[0], arc.centre[1], arc.centre[2] + Math.hypot(...arc.radius)];
}
