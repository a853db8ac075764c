import { aboutOf, FINDING_KINDS, finding, type FindingCode, stageOf, textFact } from './index.ts';

test('a finding is made of a code that is known, with the facts that its words need', () => {
  const made = finding({
    key: 'k',
    code: 'in-body',
    status: 'out',
    facts: { place: { text: 'roof' }, side: { text: 'left' } },
  });
  expect([textFact(made, 'place'), textFact(made, 'no such fact')]).toEqual(['roof', '']);
  // @ts-expect-error a code that nobody knows
  finding({ key: 'k', code: 'in-bodi', status: 'out' });
  // @ts-expect-error a fact is wanted that is not given
  finding({ key: 'k', code: 'in-body', status: 'out', facts: { place: { text: 'roof' } } });
  // @ts-expect-error a fact by a wrong name
  finding({ key: 'k', code: 'trim-short', status: 'out', facts: { sides: { text: 'left' } } });
});

test('what is clear needs no mending, and what is not said is left empty', () => {
  const remedy = { kind: 'radius', clr: 150 } as const;
  const of = (status: 'clear' | 'out') => finding({ key: 'k', code: 'tilt', status, remedy });
  expect([of('clear').remedy, of('out').remedy]).toEqual([null, remedy]);
  expect(of('out')).toMatchObject({
    member: null,
    measured: null,
    rule: null,
    would: null,
    restsOn: [],
    facts: {},
  });
});

test('every code has a stage, and what the machine says stands at the bender', () => {
  const codes = Object.keys(FINDING_KINDS) as FindingCode[];
  for (const code of codes.filter((one) => aboutOf(one) === 'machine')) expect(stageOf(code)).toBe('bend');
  for (const code of codes.filter((one) => stageOf(one) === 'bend')) expect(aboutOf(code)).toBe('machine');
  expect(stageOf('keep-out')).toBe('design');
});
