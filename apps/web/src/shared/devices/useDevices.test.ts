import { stateOf } from './useDevices.ts';

const reading = (at: number, deg: number | null) => ({
  at,
  news: { kind: 'reading' as const, device: 'dial' as const, deg },
});
const trouble = (at: number) => ({
  at,
  news: { kind: 'trouble' as const, device: 'dial' as const, why: 'babble' as const },
});

test('a device that never spoke is none; one that spoke and stopped, or whose link is gone, is silent', () => {
  expect(stateOf([], true, 1000)).toEqual({ is: 'none' });
  expect(stateOf([reading(0, 40)], true, 1600)).toEqual({ is: 'silent' });
  expect(stateOf([reading(0, 40)], false, 100)).toEqual({ is: 'silent' });
});

test('a reading is steady only when it has stood still for a while', () => {
  expect(stateOf([reading(900, 40), reading(950, 40.1), reading(1000, 40)], true, 1000)).toEqual({
    is: 'reading',
    deg: 40,
    steady: true,
  });
  expect(stateOf([reading(900, 38), reading(950, 39), reading(1000, 40)], true, 1000)).toMatchObject({
    steady: false,
  });
  expect(stateOf([reading(1000, 40)], true, 1000)).toMatchObject({ steady: false });
  expect(stateOf([reading(1000, null)], true, 1000)).toEqual({ is: 'idle' });
});

test('after trouble a device has to speak plainly for a while before it is believed again', () => {
  expect(stateOf([trouble(900), reading(1000, 40)], true, 1000)).toEqual({ is: 'trouble', why: 'babble' });
  expect(stateOf([trouble(100), reading(1000, 40)], true, 1000)).toMatchObject({ is: 'reading' });
});
