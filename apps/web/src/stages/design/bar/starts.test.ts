import { EMPTY_SHOP, evaluate, type Part, PART_KINDS, type Plan } from '@gyrus/core';
import { demoPlan, fourPointPlan } from '@gyrus/demo';
import { freshPart } from '../parts/freshPart.ts';
import { partFields } from '../parts/partFields.ts';
import { panelKinds } from '../parts/freshPanel.ts';
import { cornerFor, featuresOf, footFor, headerFor } from './starts.ts';

const cases = [demoPlan, fourPointPlan].flatMap((plan) =>
  PART_KINDS.flatMap((kind) => (kind === 'bar-panel' ? [] : [[kind, plan] as const])),
);

test.each(cases)('a fresh %s has a place at once', (kind, plan) => {
  const evaluation = evaluate(plan, EMPTY_SHOP, []);
  const header = headerFor(kind, evaluation);
  if (!header) throw new Error('there are tubes');
  const part = freshPart(kind, header, plan.parts);
  const next: Plan = { ...plan, parts: [...plan.parts, part] };
  const answer = evaluate(next, EMPTY_SHOP, []).parts.find((one) => one.part === part.id)?.answer;
  expect(answer?.ok ? 'made' : answer?.fault.message).toBe('made');
});

test('a panel starts in a bay that holds one, with every field, and asks for a bay where there is none', () => {
  const evaluation = evaluate(demoPlan, EMPTY_SHOP, []);
  const [first] = panelKinds(evaluation, []);
  const part = first?.fresh();
  if (part?.kind !== 'bar-panel') throw new Error('no panel is offered');
  const next = { ...demoPlan, parts: [part] };
  const answer = evaluate(next, EMPTY_SHOP, []).parts[0]?.answer;
  expect(answer).toMatchObject({ ok: true });
  expect(partFields(part, []).filter(({ at }) => String(at).startsWith('bars.'))).toHaveLength(
    part.bars.length,
  );
  expect(panelKinds({ ...evaluation, loops: [] }, [])).toEqual([]);
});

test('knees are among the stations of a hoop of four bends, and no end that it has not', () => {
  const evaluation = evaluate(demoPlan, EMPTY_SHOP, []);
  const splice = freshPart('splice', headerFor('splice', evaluation)!, []) as Extract<
    Part,
    { kind: 'splice' }
  >;
  const features = featuresOf(evaluation, splice.on);
  expect(features).toEqual([
    'foot-left',
    'knee-left',
    'crown-left',
    'crown-right',
    'knee-right',
    'foot-right',
  ]);
  const field = partFields(splice, features).find(({ at }) => at === 'station.feature');
  expect(field?.type === 'choice' && field.options.map(({ value }) => value)).toEqual(features);
});

test('a fresh gusset starts in a corner, a fresh plate under a foot that has none', () => {
  const evaluation = evaluate(demoPlan, EMPTY_SHOP, []);
  const between = cornerFor(evaluation);
  if (!between) throw new Error('there are joints');
  const [gusset] = demoPlan.gussets;
  const next = { ...demoPlan, gussets: [{ ...gusset!, id: 'fresh', between }] };
  expect(evaluate(next, EMPTY_SHOP, []).gussets[0]?.shape.ok).toBe(true);
  const bare = { ...demoPlan, plates: demoPlan.plates.slice(1) };
  expect(footFor(bare, evaluation)).toEqual(demoPlan.plates[0]?.under);
});
