import { changesBetween, type Plan } from '@gyrus/core';
import { demoPlan } from '@gyrus/demo';
import { planFieldWords, planValueWords } from './planField.ts';

const memberOf = (role: string) => {
  const found = demoPlan.members.find((one) => one.role === role);
  if (!found) throw new Error(`the demo has a ${role}`);
  return found;
};
const backstay = memberOf('backstay').id;
const words = (...path: string[]) => planFieldWords(path, [demoPlan]);

test.each([
  [['survey', 'measures', 'halfWidthFloorLeft'], 'half width at the floor, left'],
  [['survey', 'points', 'pillar-left', 'at', '0'], 'point windscreen pillar, left: where, forward'],
  [['brief', 'carWeight'], "car's weight, ready to race"],
  [['units', 'fraction'], 'finest mark on the tape'],
  [['members', backstay], 'backstay B'],
  [['members', backstay, 'tube', 'od'], 'backstay B: tube, outside diameter'],
  [['members', backstay, 'ends', 'b', 'at', '1'], 'backstay B: end B, where, left'],
  [['members', backstay, 'bending', 'trimA'], 'backstay B: trim at A'],
  [['coping', 'notcher', 'sawDepth'], 'hole saw cuts this deep'],
  [['fitOrder', 'order'], 'fit order'],
  [[], 'the whole plan'],
])('%j is called %s', (path, called) => {
  expect(words(...path)).toBe(called);
});

test('a record that only one side has is named by it', () => {
  const gone: Plan = { ...demoPlan, members: demoPlan.members.filter(({ id }) => id !== backstay) };
  expect(planFieldWords(['members', backstay], [gone, demoPlan])).toBe('backstay B');
});

test('no field of a plan is named by a path, an id or a bare number', () => {
  const blank = { ...structuredClone(demoPlan) } as Record<string, unknown>;
  // Every leaf of the demo plan differs from an empty object: each is walked.
  const named = Object.keys(blank).flatMap((key) =>
    leavesOf(blank[key], [key]).map((path) => planFieldWords(path, [demoPlan])),
  );
  expect(named.length).toBeGreaterThan(600);
  for (const one of named) {
    expect(one).not.toMatch(/[a-z][A-Z]|undefined|(?<!\d)\/|^\d+$|[0-9a-f]{8}-[0-9a-f]{4}/);
    expect(one.length).toBeGreaterThan(1);
  }
});

function leavesOf(value: unknown, path: string[]): string[][] {
  if (Array.isArray(value))
    return value.flatMap((one: unknown, i) =>
      leavesOf(one, [...path, String((one as { id?: string } | null)?.id ?? i)]),
    );
  if (value === null || typeof value !== 'object' || 'typed' in value) return [path];
  return Object.entries(value)
    .filter(([key]) => key !== 'id')
    .flatMap(([key, one]) => leavesOf(one, [...path, key]));
}

test('a value is shown in the unit of the job, and what is not there is told', () => {
  const inches = { unit: 'in', fraction: 16, decimals: 0 } as const;
  expect(planValueWords({ mm: 1047.75, typed: '1047.75 mm' }, inches)).toBe('41 1/4 in');
  expect(planValueWords(undefined, inches)).toBe('nothing');
  expect(planValueWords('four-point-bar', inches)).toBe('four point bar');
  expect(planValueWords(false, inches)).toBe('no');
  expect(planValueWords(memberOf('backstay'), inches)).toBe('B');
});

test('changes of a merge read as a person would tell them', () => {
  const changed = structuredClone(demoPlan);
  changed.survey.measures.headlinerCentre = { mm: 1080, typed: '1080 mm' };
  const [change] = changesBetween(demoPlan, changed);
  expect(planFieldWords(change?.path ?? [], [demoPlan])).toBe('headliner at the centre');
});
