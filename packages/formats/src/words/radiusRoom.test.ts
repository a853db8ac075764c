import { radiusRoomWords } from './radiusRoom.ts';

const INCHES = { unit: 'in', fraction: 16, decimals: 0 } as const;
const of = (most: number | null) => ({ feature: 'pillar-top', name: 'gearbox', radius: 152.4, most });

test('the radius that there is room for, how much larger it is bent, and the ways out', () => {
  expect(radiusRoomWords(of(114.3), INCHES)).toBe(
    'At the bend pillar top gearbox leaves room for a radius of 4 1/2 in at most; the tube is bent on 6 in, 1 1/2 in more: cut out there, roll it tighter, or move the bend.',
  );
  expect(radiusRoomWords({ ...of(null), name: '' }, INCHES)).toBe(
    'At the bend pillar top a keep-out is in the way of every radius: move the bend, or cut out there.',
  );
});
