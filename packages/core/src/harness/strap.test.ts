import fc from 'fast-check';
import { expectValue } from '../fault/index.ts';
import { strapAngle } from './index.ts';
import { type StrapInput } from './input.ts';

const strap = (changes: Partial<StrapInput>) =>
  strapAngle({ slot: [0, 600], bar: [-200, 600], barOd: 40, attach: 'tab', ...changes });
const angle = (changes: Partial<StrapInput>) => expectValue(strap(changes)).angle;

test('a level tab is level, a lower bar pulls down toward the rear', () => {
  expect(angle({})).toBe(0);
  expect(angle({ bar: [-200, 400] })).toBeCloseTo(45, 9);
  expect(angle({ bar: [-200, 800] })).toBeCloseTo(-45, 9);
});

test('a wrapped strap leaves along the tangent: over the top less down, from below more', () => {
  const turn = (Math.asin(20 / 200) * 180) / Math.PI;
  expect(angle({ attach: 'over' })).toBeCloseTo(-turn, 9);
  expect(angle({ attach: 'under' })).toBeCloseTo(turn, 9);
});

test('the tangent line touches the tube: its distance from the axis is the radius', () => {
  const coordinate = fc.integer({ min: -300, max: 300 });
  fc.assert(
    fc.property(
      fc.integer({ min: 60, max: 500 }),
      coordinate,
      fc.constantFrom('over' as const, 'under' as const),
      (x, z, attach) => {
        const turn = (angle({ bar: [-x, 600 + z], attach }) * Math.PI) / 180;
        // The strap runs from the slot to the rear and down by its angle.
        const [dx, dz] = [-Math.cos(turn), -Math.sin(turn)];
        expect(Math.abs(-x * dz - z * dx)).toBeCloseTo(20, 6);
      },
    ),
    { seed: 4, numRuns: 100 },
  );
});

test.each([
  [{ bar: [-10, 600] as [number, number] }, 'slot-in-bar', '/slot'],
  [{ bar: [50, 600] as [number, number] }, 'bar-not-behind', '/bar'],
  [{ bar: [0, 400] as [number, number] }, 'bar-not-behind', '/bar'],
])('refuses a slot in the tube and a bar that is not behind (%#)', (changes, code, path) => {
  const result = strap(changes);
  expect(result.ok ? null : [result.fault.code, result.fault.path]).toEqual([code, path]);
});
