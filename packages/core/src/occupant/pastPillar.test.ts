import { straightAxis } from '../centreline/index.ts';
import { expectValue } from '../fault/index.ts';
import { itemAt } from '../items/index.ts';
import { radians, type Length } from '../measure/index.ts';
import { emptyPlan, type Plan } from '../plan/index.ts';
import { type Tube } from '../cage/index.ts';
import { type Vec3 } from '../space/index.ts';
import { pastPillars, type SightLine } from './pastPillar.ts';

const mm = (value: number): Length => ({ mm: value, typed: `${value} mm` });
const place = ([x, y, z]: Vec3): SightLine['eye'] => [mm(x), mm(y), mm(z)];

/** A pillar of 80 mm, a metre ahead of the eye. */
const line = (changes: Partial<SightLine> = {}): SightLine => ({
  id: 's',
  name: 'pillar',
  eye: place([0, 0, 1000]),
  from: place([1000, 0, 600]),
  to: place([1000, 0, 1400]),
  width: mm(80),
  within: { deg: 2, typed: '2' },
  ...changes,
});

const plan = (one: SightLine): Plan => {
  const empty = emptyPlan({ member: 'm', piece: 'p' }, 'mm');
  return { ...empty, survey: { ...empty.survey, sights: [one] } };
};

/** A straight tube of 40 mm. */
const tube = (from: Vec3, to: Vec3, stamp = 'S'): Tube => ({
  ...{ member: stamp, piece: stamp, stamp, role: 'side-hoop', od: 40, wall: 2 },
  points: [from, to],
  features: [],
  axis: straightAxis(from, to),
  ...{ developed: 0, radiusTaken: null, mass: 0 },
});

const seenOf = (one: SightLine, ...tubes: Tube[]) =>
  expectValue(itemAt(pastPillars(plan(one), tubes), 0).seen);

// At 900 mm the pillar hides 40·900/1000 = 36 mm to each side; a tube reaches 20 mm from its axis.
test('a tube right behind the pillar is hidden by 16 mm on both sides [arithmetic]', () => {
  const [seen] = seenOf(line(), tube([900, 0, 500], [900, 0, 1500]));
  expect(seen?.left).toBeCloseTo(-16, 9);
  expect(seen?.right).toBeCloseTo(-16, 9);
  expect(seen?.off).toBeCloseTo(0, 9);
  expect(seen?.parallel).toBe(true);
});

test('30 mm to the left it shows 14 mm there, and is hidden by 46 mm on the right [arithmetic]', () => {
  const [seen] = seenOf(line(), tube([900, 30, 500], [900, 30, 1500]));
  expect(seen?.left).toBeCloseTo(14, 9);
  expect(seen?.right).toBeCloseTo(-46, 9);
});

test('one that leans by 3° is 3° off the pillar as it is seen: not parallel within 2, but within 4', () => {
  const lean = 500 * Math.tan(radians(3));
  const leaning = tube([900, -lean, 500], [900, lean, 1500]);
  expect(seenOf(line(), leaning)[0]).toMatchObject({ parallel: false });
  expect(seenOf(line(), leaning)[0]?.off).toBeCloseTo(3, 6);
  expect(seenOf(line({ within: { deg: 4, typed: '4' } }), leaning)[0]?.parallel).toBe(true);
});

test('a tube that leans toward the eye alone is parallel to it: what counts is what is seen', () => {
  const [seen] = seenOf(line(), tube([700, 0, 500], [950, 0, 1500]));
  expect(seen?.off).toBeCloseTo(0, 6);
});

test('from outside, left and right are as that eye has them', () => {
  const outside = line({ eye: place([2000, 0, 1000]) });
  const [seen] = seenOf(outside, tube([1100, 30, 500], [1100, 30, 1500]));
  expect(seen?.left).toBeCloseTo(-46, 9);
  expect(seen?.right).toBeCloseTo(14, 9);
});

test('what crosses, stands far off or behind the eye is not beside it', () => {
  const across = tube([900, -500, 1000], [900, 500, 1000], 'X');
  const far = tube([900, 400, 500], [900, 400, 1500], 'F');
  const behind = tube([-900, 0, 500], [-900, 0, 1500], 'B');
  expect(seenOf(line(), across, far, behind)).toEqual([]);
});

test('an eye at the pillar, or one that looks along it, is told', () => {
  const faultOf = (one: SightLine) => itemAt(pastPillars(plan(one), []), 0).seen;
  expect(faultOf(line({ eye: place([1000, 0, 1000]) }))).toMatchObject({ fault: { code: 'no-direction' } });
  expect(faultOf(line({ eye: place([1000, 0, -500]) }))).toMatchObject({ fault: { code: 'no-direction' } });
});
