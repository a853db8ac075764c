import { assumed, copesIn, evaluate, type Finding, finding, findingsIn, type Plan } from '@gyrus/core';
import { abroadPlan, demoBooks, demoPlan, demoShop, unfinishedPlan } from '@gyrus/demo';
import { pageName, whereOfThing, whereToMend } from './whereTo.ts';

const foundIn = (plan: Plan) => {
  const evaluation = evaluate(plan, demoShop, demoBooks);
  return {
    evaluation,
    findings: findingsIn(plan, evaluation, copesIn(plan, evaluation, demoBooks), demoBooks),
  };
};
const pieces = (plan: Plan) => new Set(plan.members.flatMap((member) => member.pieces.map(({ id }) => id)));

test.each([
  ['the unfinished job', unfinishedPlan],
  ['the cage abroad', abroadPlan],
] as const)(
  '%s: every finding leads to a page of the job, and where it names a tube, to one that is there',
  (_, plan) => {
    const { evaluation, findings } = foundIn(plan);
    expect(findings.length).toBeGreaterThan(50);
    const there = pieces(plan);
    for (const one of findings) {
      const to = whereToMend(one, plan, evaluation.assumed);
      expect(to).toMatch(/^\.\.\/(brief|survey|design|harness|driver|bend|cope)(\?[^#]+)?(#field-.+)?$/);
      const tube = /[?&]tube=([^#&]*)/.exec(to)?.[1];
      if (tube !== undefined) expect(there.has(tube)).toBe(true);
    }
  },
);

test('what rests on a figure leads to that figure; a weight that lacks to its box; a tilt to its own', () => {
  const [driver, ...others] = demoPlan.occupants;
  if (!driver) throw new Error('somebody drives it');
  const plan: Plan = {
    ...demoPlan,
    occupants: [{ ...driver, shoulder: assumed(driver.shoulder) }, ...others],
  };
  const { evaluation, findings } = foundIn(plan);
  const resting = findings.find(({ would, code }) => would !== null && code === 'harness-angle');
  expect(resting && whereToMend(resting, plan, evaluation.assumed)).toBe(
    '../survey?view=places#field-occupants/0/shoulder/0',
  );
  const of = (code: 'car-weight-missing' | 'strap-spread' | 'plate-area', more: Partial<Finding> = {}) =>
    whereToMend(
      { ...finding({ key: code, code: 'no-book', status: 'ask' }), ...more, code } as Finding,
      plan,
      [],
    );
  expect(of('car-weight-missing')).toBe('../brief#field-brief/carWeight');
  expect(of('strap-spread')).toBe('../harness');
  expect(of('plate-area')).toBe('../design?tab=parts');
  const hoop = plan.members[0];
  const tilted = finding({
    key: 't',
    code: 'tilt',
    status: 'out',
    member: hoop?.id ?? '',
    remedy: { kind: 'tilt', member: hoop?.id ?? '', deg: 9 },
  });
  expect(whereToMend(tilted, plan, [])).toBe(`../design?tube=${hoop?.pieces[0]?.id ?? ''}#field-hoop/tilt`);
});

test('every assumed figure of the unfinished job has a place where it is typed; pages have names', () => {
  const { evaluation } = foundIn(unfinishedPlan);
  expect(evaluation.assumed.length).toBeGreaterThan(2);
  for (const thing of evaluation.assumed) expect(whereOfThing(thing, unfinishedPlan)).toMatch(/^\.\.\/\w+/);
  expect(pageName('../survey?view=places#field-x')).toBe('Survey');
  expect(pageName('../harness')).toBe('Harness');
});

test('what is about a gusset, a plate or an end leads to that very one', () => {
  const about = (code: 'gusset-thickness' | 'plate-area' | 'torch-room', facts: object) =>
    whereToMend(
      { ...finding({ key: code, code: 'no-book', status: 'out' }), code, facts } as Finding,
      demoPlan,
      [],
    );
  const [, second] = demoPlan.gussets;
  expect(about('gusset-thickness', { stamp: { text: second?.stamp } })).toBe(
    '../design?tab=parts#field-gussets/1',
  );
  const [plate] = demoPlan.plates;
  expect(about('plate-area', { stamp: { text: plate?.stamp } })).toBe('../design?tab=parts#field-plates/0');
  expect(about('plate-area', { stamp: { text: 'none of that name' } })).toBe('../design?tab=parts');
  const tube = demoPlan.members[1]?.pieces[0];
  expect(about('torch-room', { stamp: { text: tube?.stamp }, end: { text: 'B' } })).toBe(
    `../cope?end=${tube?.id}/b`,
  );
});
