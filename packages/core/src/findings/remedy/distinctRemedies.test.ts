import { mm } from '../../testing/index.ts';
import { distinctRemedies, type Finding, finding, type Remedy } from '../index.ts';

const out = (key: string, margin: number | null, remedy: Remedy | null): Finding =>
  finding({
    key,
    code: 'gusset-thickness',
    status: 'out',
    margin: margin === null ? null : { mm: margin },
    remedy,
    facts: { stamp: { text: 'GP1' } },
  });
const sheet = (gusset: string, thickness: number): Remedy => ({
  kind: 'gusset',
  gusset,
  leg: 0,
  thickness: mm(thickness),
});

test('of what several books ask of one thing, the one that is furthest out; every other thing once', () => {
  const remedies = distinctRemedies([
    out('a', -0.1, sheet('g1', 1.6)),
    out('b', -0.9, sheet('g1', 2.4)),
    out('c', -0.5, sheet('g2', 2)),
    out('d', -3, null),
  ]);
  expect(remedies).toEqual([sheet('g1', 2.4), sheet('g2', 2)]);
});

test('what has no margin is worse than what has one', () => {
  expect(distinctRemedies([out('a', -5, sheet('g1', 2)), out('b', null, sheet('g1', 3))])).toEqual([
    sheet('g1', 3),
  ]);
});

test('ends and sides are things of their own; so is another kind of remedy of one member', () => {
  const slid = (end: 'a' | 'b'): Remedy => ({ kind: 'slide-end', member: 'm', end, by: 10 });
  const anchor = (side: 'left' | 'right'): Remedy => ({ kind: 'lap-anchor', occupant: 'o', side, by: 5 });
  const all = [
    slid('a'),
    slid('b'),
    anchor('left'),
    anchor('right'),
    { kind: 'straighten', member: 'm' } as const,
  ];
  expect(distinctRemedies(all.map((remedy, i) => out(String(i), -1, remedy)))).toEqual(all);
  expect(distinctRemedies([])).toEqual([]);
});
