import { straightAxis } from '../../centreline/index.ts';
import { type Seam, sweptTube } from '../../cope/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { cageOf, mm } from '../../testing/index.ts';
import { torchIn } from './torch.ts';
import { boxOf, type Tube } from '../tube.ts';

/** A tube along x at (y, z). */
const level = (piece: string, y: number, z: number, od: number): Tube => {
  const [from, to]: [Vec3, Vec3] = [
    [-1000, y, z],
    [1000, y, z],
  ];
  return { piece, od, points: [from, to], axis: straightAxis(from, to) } as Tube;
};

/** A seam along x in the corner between two equal tubes beside each other: the middle of the corner points straight up. */
const seam = {
  line: Array.from({ length: 60 }, (_, i): Vec3 => [i, 0, 0]),
  length: 60,
} as unknown as Seam;
const [tube, header] = [level('t', -20, -5, 40), level('h', 20, -5, 40)];

/** What is hidden of it under a tube that runs along it, its axis 60 mm above. The nozzle is 20 mm thick and 50 mm long. */
function hiddenUnder(od: number): number {
  const plan = cageOf();
  const open = {
    ...plan,
    brief: { ...plan.brief, roof: 'open' as const },
    coping: { ...plan.coping, torchRoom: mm(20), bodyRoom: mm(50) },
  };
  const over = level('o', 0, 60, od);
  const others = [{ tube: over, surface: sweptTube(over.axis, od, 'closed'), box: boxOf(over), place: 0 }];
  return torchIn(
    open,
    new Map([
      ['o', 0],
      ['t', 1],
    ]),
  )(tube, [header], seam, others).hidden;
}

test('a torch that is tipped 25° across the corner gets past a tube that runs along it, as far as the cosine rule lets it', () => {
  // Leant by 40° along the seam, the nozzle's end is 50·cos 40° out as seen along it; tipped by 25° it lies that far round.
  const out = 50 * Math.cos((40 * Math.PI) / 180);
  const apart = Math.sqrt(out ** 2 + 60 ** 2 - 2 * out * 60 * Math.cos((25 * Math.PI) / 180));
  const thickest = 2 * (apart - 10);
  expect(hiddenUnder(thickest - 0.5)).toBe(0);
  expect(hiddenUnder(thickest + 0.5)).toBe(60);
  // Leant alone, without a tip, it would not have got past much more than half of that.
  expect(thickest).toBeGreaterThan(1.6 * 2 * (60 - out - 10));
});
