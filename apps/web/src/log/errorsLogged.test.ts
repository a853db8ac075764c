import { type MadeBend } from '@gyrus/contract';
import { errorsLogged } from './errorsLogged.ts';

const deg = (value: number) => ({ deg: value, typed: String(value) });
const bend = (number: number, off: number, at: string): MadeBend => ({
  id: `${number}/${at}`,
  job: 'j',
  piece: 'p',
  issued: null,
  stamp: 'MH',
  bend: number,
  die: 'd',
  dieName: '',
  machine: '',
  tube: { od: { mm: 45, typed: '' }, wall: { mm: 2, typed: '' }, kind: 'alloy', batch: '' },
  target: deg(80),
  reading: null,
  dialZero: null,
  released: deg(80 + off),
  place: null,
  turn: deg(-179),
  wantedTurn: deg(180),
  zeroed: true,
  slipped: false,
  who: 'A',
  at,
  note: '',
  aside: null,
});

test('of a bend that was pulled twice the second counts, and a half turn is a half turn from either side', () => {
  const first = [1, 2, 3, 4, 5].map((number) => bend(number, -4, '2026-11-01T10:00:00.000Z'));
  const second = [1, 2, 3, 4, 5].map((number) => bend(number, -1, '2026-11-01T10:05:00.000Z'));
  const { angle, rotation, mark } = errorsLogged([...second, ...first]);
  expect(angle).toEqual({ size: 1, bends: 5 });
  expect(rotation?.size).toBeCloseTo(1, 9);
  expect(mark).toBeNull();
});
