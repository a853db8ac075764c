import { finding, INCHES, type ThingName } from '@gyrus/core';
import { demoPlan } from '@gyrus/demo';
import { handsOf, lineBelow, lineTitle, openWords } from './hands.ts';

const rule = (clause: string) => ({ book: 'b', clause });
const gusset = (stamp: string, clause = 'C 1') =>
  finding({
    key: `${stamp}/${clause}`,
    code: 'gusset-thickness',
    status: 'out',
    measured: { mm: 1 },
    limit: { mm: 2 },
    margin: { mm: -1 },
    facts: { stamp: { text: stamp } },
    rule: rule(clause) as never,
  });
const TILT: ThingName = {
  of: 'measure',
  name: 'pillarTilt',
  role: null,
  side: null,
  what: '',
  standsFor: 'car',
};
const resting = (key: string, would: 'out' | 'clear' | 'look') =>
  finding({
    key,
    code: 'tilt',
    status: 'ask',
    would,
    restsOn: [TILT],
    measured: { deg: 9 },
    limit: { deg: 10 },
    margin: { deg: 1 },
  });
const asked = (key: string, question: string, clause: string) =>
  finding({
    key,
    code: 'asked',
    status: 'ask',
    facts: { question: { text: question } },
    rule: rule(clause) as never,
  });

test('what one deed settles is one line: of a kind, of a missing measure, of a question; the pressing first', () => {
  const hands = handsOf(
    [
      asked('q1', 'Welded?', 'A 1'),
      asked('q2', 'Welded?', 'B 7'),
      asked('q3', 'Drilled?', 'A 2'),
      resting('r1', 'out'),
      resting('r2', 'clear'),
      finding({ key: 'x', code: 'tilt', status: 'clear' }),
      gusset('GP1'),
      gusset('GP2'),
      gusset('GP1', 'Z 9'),
    ],
    demoPlan,
  );
  expect(openWords(hands)).toBe('1 out, 3 ask');
  expect(hands.open.map(lineTitle)).toEqual([
    'Sheet of a gusset',
    'Welded?',
    'Drilled?',
    'Not measured: the tilt of the pillar',
  ]);
  expect(hands.open[0]).toMatchObject({
    stamps: ['GP1', 'GP2'],
    rules: [{ clause: 'C 1' }, { clause: 'Z 9' }],
  });
  expect(hands.open.map((line) => lineBelow(line, demoPlan, INCHES)).slice(1)).toEqual([
    '',
    '',
    '2 findings wait for it: would be 1 out, 1 clear as assumed.',
  ]);
  expect(hands.clear).toHaveLength(1);
});

test('one finding that waits says what it would be; nothing open says nothing', () => {
  const [line] = handsOf([resting('r', 'look')], demoPlan).open;
  expect(line && lineBelow(line, demoPlan, INCHES)).toBe(
    'One finding waits for it: would be look as assumed.',
  );
  expect(openWords(handsOf([], demoPlan))).toBe('');
});

test('a question that was just answered stays where it was asked, until it is let go', () => {
  const answered = finding({
    key: 'q1',
    code: 'answered',
    status: 'clear',
    facts: { question: { text: 'Welded?' }, answer: { text: 'yes' }, by: { text: 'E. L.' } },
  });
  const held = handsOf([answered, asked('q2', 'Welded?', 'B 7')], demoPlan, new Set(['q1', 'q2']));
  expect(held.open.map(({ all }) => all.map(({ key }) => key))).toEqual([['q1', 'q2']]);
  expect(held.clear).toEqual([]);
  const letGo = handsOf([answered], demoPlan);
  expect(letGo.open).toEqual([]);
  expect(letGo.clear.map(lineTitle)).toEqual(['Welded?']);
});

test('what waits for one thing is one line, and for another thing another', () => {
  const waits = (key: string, what: string) =>
    finding({ key, code: 'waiting', status: 'ask', facts: { what: { text: what } } });
  const { open } = handsOf([waits('a', 'tilt'), waits('b', 'tilt'), waits('c', 'helmet')], demoPlan);
  expect(open.map(({ all }) => all.map(({ key }) => key))).toEqual([['a', 'b'], ['c']]);
});
