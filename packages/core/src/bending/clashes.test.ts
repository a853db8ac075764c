import { bendClashes, type MachineNeeds, type MarkedBlank, stickClashes } from './index.ts';

const bend = (number: number, tangentA: number, tangentB: number, changes: object = {}) => ({
  number,
  tangentA,
  tangentB,
  angle: 60,
  mark: tangentA,
  clampSide: 'a' as const,
  ...changes,
});

/** 1000 mm, with bends from 300 to 400 and from 550 to 700: straights of 300, 150 and 300 beside them. */
const blankOf = (first: object = {}, second: object = {}): MarkedBlank =>
  ({ blank: 1000, bends: [bend(1, 300, 400, first), bend(2, 550, 700, second)] }) as unknown as MarkedBlank;
const ENOUGH: MachineNeeds = { clampLength: 150, trailing: 150, largestAngle: 60 };
const STICK = 1000;
const told = (
  blank: MarkedBlank,
  { longestStick = STICK, ...needs }: Partial<MachineNeeds> & { longestStick?: number | null },
  made?: ReadonlySet<number>,
) =>
  [
    ...blank.bends.flatMap((one) => bendClashes(blank, one, { ...ENOUGH, ...needs }, made)),
    ...stickClashes(blank, longestStick),
  ].map(({ code, bend, measured, limit }) => [code, bend, measured, limit]);

test('just enough of everything is enough', () => {
  expect(told(blankOf(), {})).toEqual([]);
});

test('the clamp holds the straight on its own side, the machine the one behind: both sides of both bends', () => {
  // Clamped on A the first bend has 300 ahead and 150 behind, the second 150 ahead and 300 behind.
  expect(told(blankOf(), { clampLength: 151 })).toEqual([['clamp-straight', 2, 150, 151]]);
  expect(told(blankOf(), { trailing: 151 })).toEqual([['trailing-straight', 1, 150, 151]]);
  const onB = blankOf({ clampSide: 'b' }, { clampSide: 'b' });
  expect(told(onB, { clampLength: 151 })).toEqual([['clamp-straight', 1, 150, 151]]);
  expect(told(onB, { trailing: 151 })).toEqual([['trailing-straight', 2, 150, 151]]);
});

test('a neighbour that is not bent yet is straight tube for the clamp', () => {
  expect(told(blankOf(), { clampLength: 151 }, new Set())).toEqual([]);
  expect(told(blankOf(), { clampLength: 151 }, new Set([1]))).toEqual([['clamp-straight', 2, 150, 151]]);
  expect(told(blankOf(), { trailing: 151 }, new Set([1]))).toEqual([]);
  expect(told(blankOf(), { trailing: 151 }, new Set([2]))).toEqual([['trailing-straight', 1, 150, 151]]);
});

test('what is not known limits nothing', () => {
  expect(told(blankOf(), { largestAngle: null, longestStick: null })).toEqual([]);
});

test('an angle or a stick that is just short is told, with what was measured', () => {
  expect(told(blankOf({ angle: 60.1 }), {})).toEqual([['largest-angle', 1, 60.1, 60]]);
  expect(told(blankOf(), { longestStick: 999 })).toEqual([['longest-stick', null, 1000, 999]]);
});

test('a mark may stand at either end of the blank, and not beyond', () => {
  expect(told(blankOf({ mark: 0 }, { mark: 1000 }), {})).toEqual([]);
  expect(told(blankOf({ mark: -0.1 }, { mark: 1000.1 }), {})).toEqual([
    ['mark-off-blank', 1, -0.1, 1000],
    ['mark-off-blank', 2, 1000.1, 1000],
  ]);
});
