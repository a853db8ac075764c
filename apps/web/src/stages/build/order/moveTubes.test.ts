import { type BuildAnswer } from '@gyrus/core';
import { fitOrderWith, moveOf, neighbours, standsAlready } from './moveTubes.ts';

const stamps = ['MH', 'D1', 'SL', 'WB'];
/** D1 and SL stand on MH, WB on SL; D1 is coped to SL too, as it is fitted after it. */
const answer = {
  tubes: stamps.map((stamp) => ({ piece: `p-${stamp}`, member: `m-${stamp}`, stamp })),
  order: [0, 2, 1, 3],
  standsOn: [[], [0], [0], [2]],
  problem: {
    ...{ count: 4, bench: [true, true, false, false], parts: [], drops: false },
    ...{ after: [[], [0, 2], [0], [2]], loose: [null, null, null, null] },
    ...{ ways: [[[]], [[]], [[]], [[]]], sprung: [[], [], [], []] },
  },
} as unknown as BuildAnswer;
const ticked = (...names: string[]) =>
  new Map(names.map((stamp) => [`tack:p-${stamp}`, { who: 'Aino', at: '2026-11-27T10:00:00Z' }]));

test('a tube is taken to stand before another place; what it stands on stays before it', () => {
  expect(moveOf(answer, [3], 2).order).toEqual([0, 2, 3, 1]);
  expect(moveOf(answer, [3], 2)).toMatchObject({ hard: [], copes: [] });
  expect(moveOf(answer, [3], 1)).toMatchObject({ order: [0, 3, 2, 1], hard: [{ tube: 3, header: 2 }] });
  // Later, counted with itself still in its place.
  expect(moveOf(answer, [2], 3).order).toEqual([0, 1, 2, 3]);
});

test('who is coped to whom at a node may change, and is told apart from what cannot be', () => {
  expect(moveOf(answer, [2], 3)).toMatchObject({ hard: [], copes: [{ tube: 1, header: 2 }] });
});

test('what is tacked already is not passed by what is not; ticks out of order hold up no other move', () => {
  const swapped = moveOf(answer, [1], 1);
  expect(standsAlready(answer, swapped, ticked('MH', 'SL'))).toBe(
    'SL is ticked off: it stands already, and D1 does not',
  );
  expect(standsAlready(answer, swapped, ticked('MH', 'SL', 'D1'))).toBeNull();
  // WB was ticked before D1: that it stands before it is no news.
  expect(standsAlready(answer, moveOf(answer, [3], 2), ticked('MH', 'SL', 'WB'))).toBeNull();
  expect(standsAlready(answer, { order: [0, 2, 1, 3] }, ticked('MH', 'WB'))).toBeNull();
});

test('a fit order keeps the places of what came with the car, and takes in a tube that it did not name', () => {
  const fitOrder = ['p-MH', 'p-old', 'p-SL', 'p-D1'];
  expect(fitOrderWith({ fitOrder }, answer, [0, 1, 2, 3])).toEqual(['p-MH', 'p-old', 'p-D1', 'p-SL', 'p-WB']);
});

test('one press takes a step past its neighbour, however many tubes that has', () => {
  const groups = [[0], [2, 1], [3]];
  const order = [0, 2, 1, 3];
  expect(neighbours(groups, 0, order)).toEqual({ earlier: null, later: 3 });
  expect(neighbours(groups, 1, order)).toEqual({ earlier: 0, later: 4 });
  expect(neighbours(groups, 2, order)).toEqual({ earlier: 1, later: null });
});
