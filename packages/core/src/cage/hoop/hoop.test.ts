import fc from 'fast-check';
import { angleBetween, distance, subtract, type Vec3 } from '../../space/index.ts';
import { type Distrusted, type Plan } from '../../plan/index.ts';
import { angle, HANDBOOK_CAR, inch, LEANING_CAR, planWith } from '../../testing/index.ts';
import { hoopFrom, type HoopGeometry, type HoopResult } from '../index.ts';

const IN = 25.4;
const resolve = (plan: Plan): HoopResult =>
  hoopFrom(plan.survey, plan.members[0] as never, plan.measuringError);
function hoopOf(plan: Plan): HoopGeometry {
  const result = resolve(plan);
  if ('none' in result) throw new Error(`no hoop: ${JSON.stringify(result.none)}`);
  return result.hoop;
}
const bendAt = ({ points }: HoopGeometry, i: number) => {
  const [a, b, c] = [points[i - 1], points[i], points[i + 1]] as [Vec3, Vec3, Vec3];
  return (angleBetween(subtract(b, a), subtract(c, b)) * 180) / Math.PI;
};

test('the handbook’s car: axis 40 in high, feet 56 1/2, corners 50, legs 40.132, lean 4.645°, bends 85.355° [handbook §4]', () => {
  const hoop = hoopOf(planWith(HANDBOOK_CAR));
  expect(hoop.fromSurvey?.shape).toBe('two-bend');
  expect(hoop.figures.crownHeight.value / IN).toBeCloseTo(40, 9);
  expect(hoop.figures.feetApart.value / IN).toBeCloseTo(56.5, 9);
  expect(hoop.figures.cornersApart.value / IN).toBeCloseTo(50, 9);
  expect(distance(hoop.points[0] as Vec3, hoop.points[1] as Vec3) / IN).toBeCloseTo(40.132, 3);
  expect(hoop.figures.legLeans[0]?.leans[0]?.value).toBeCloseTo(4.645, 3);
  expect(bendAt(hoop, 1)).toBeCloseTo(85.355, 3);
});

test('every figure tells how it came about', () => {
  const hoop = hoopOf(planWith(HANDBOOK_CAR));
  expect(hoop.fromSurvey?.axis.left.floor.how).toEqual([
    { mm: expect.closeTo(29.625 * IN, 6) as number },
    '−',
    { mm: expect.closeTo(0.375 * IN, 6) as number },
    'clear',
    '−',
    { mm: expect.closeTo(IN, 6) as number },
    'half the tube',
  ]);
});

test('a protractor that reads 6° contradicts the widths: no hoop until one is trusted', () => {
  const plan = planWith({ ...HANDBOOK_CAR, wallLeanLeft: '6', wallLeanRight: '6' });
  const result = resolve(plan);
  if (!('none' in result) || result.none.why !== 'contradiction')
    throw new Error('a contradiction was passed over');
  const [left] = result.none.contradictions;
  expect(result.none.contradictions).toHaveLength(2);
  expect(left?.fromWidths.value).toBeCloseTo(4.645, 3);
  // Feet 58.4 in apart by the protractor, on the axis [handbook §4]
  const clear = 0.375 + 1;
  expect((2 * ((left?.lowerByProtractor.value ?? 0) / IN - clear)).toFixed(1)).toBe('58.4');
});

test('each reading of a contradiction can be the one that is not trusted, with what that gives', () => {
  const plan = planWith({ ...HANDBOOK_CAR, wallLeanLeft: '6', wallLeanRight: '6' });
  const without = (distrusted: Distrusted) => hoopOf({ ...plan, survey: { ...plan.survey, distrusted } });
  // By the roof and the protractor the feet stand 58.4 in apart [handbook §4]; the bends are 84° either way.
  expect(bendAt(without('lower-width'), 1)).toBeCloseTo(84, 6);
  expect(without('lower-width').figures.feetApart.value / IN).toBeCloseTo(58.41, 2);
  // By the floor and the protractor: 40·tan 6° = 4.204 in further in at the roof on each side than 28 1/4.
  const roofMoved = without('roof-width');
  expect(bendAt(roofMoved, 1)).toBeCloseTo(84, 6);
  expect(roofMoved.figures.feetApart.value / IN).toBeCloseTo(56.5, 9);
  expect(roofMoved.figures.cornersApart.value / IN).toBeCloseTo(56.5 - 2 * 4.2042, 3);
  expect(without('protractor').figures.feetApart.value / IN).toBeCloseTo(56.5, 9);
  expect(without('protractor').fromSurvey?.contradictions).toHaveLength(2);
});

test('a contradiction says at which height the widths and the protractor would agree', () => {
  const result = resolve(planWith({ ...HANDBOOK_CAR, wallLeanLeft: '6', wallLeanRight: '6' }));
  const none = 'none' in result && result.none.why === 'contradiction' ? result.none.contradictions : [];
  // 3 1/4 in over tan 6°
  expect((none[0]?.riseByBoth?.value ?? 0) / IN).toBeCloseTo(3.25 / 0.10510424, 4);
});

test('a protractor within its error is no contradiction', () => {
  expect(hoopOf(planWith({ ...HANDBOOK_CAR, wallLeanLeft: '5' })).fromSurvey?.contradictions).toEqual([]);
});

test('four bends are proposed where a straight leg would waste room, and lean and bends add up to 90°', () => {
  const hoop = hoopOf(planWith(LEANING_CAR));
  expect(hoop.fromSurvey?.shape).toBe('four-bend');
  expect(hoop.fromSurvey?.proposal.reason).toBe('room-lost');
  const lower = hoop.figures.legLeans[0]?.leans[0]?.value ?? 0;
  // "lean and bends must add up to 90° for a level crown" [handbook §7, definition]
  expect(lower + bendAt(hoop, 1) + bendAt(hoop, 2)).toBeCloseTo(90, 9);
});

test('four bends are proposed where a straight leg would stand in the wall', () => {
  const hoop = hoopOf(planWith({ ...LEANING_CAR, halfWidthLeanLeft: '25', halfWidthLeanRight: '25' }));
  expect(hoop.fromSurvey?.proposal).toMatchObject({ shape: 'four-bend', reason: 'would-hit-wall' });
});

test('a wall that hardly leans gets two bends, and the builder may choose otherwise', () => {
  const straight = { ...LEANING_CAR, halfWidthLeanLeft: '27', halfWidthLeanRight: '27' };
  expect(hoopOf(planWith(straight)).fromSurvey?.proposal).toMatchObject({
    shape: 'two-bend',
    reason: 'leg-fits-wall',
  });
  expect(hoopOf(planWith(straight, { shape: 'four-bend' })).features).toHaveLength(4);
});

test('the tighter side rules both legs, or each its own', () => {
  const same = hoopOf(planWith(LEANING_CAR));
  const each = hoopOf(planWith(LEANING_CAR, { sides: 'each' }));
  const foot = (hoop: HoopGeometry, i: number) => Math.abs((hoop.points.at(i) as Vec3)[1]);
  expect(foot(same, 0)).toBeCloseTo(foot(same, -1), 9);
  expect(foot(each, -1) - foot(each, 0)).toBeCloseTo(IN / 4, 6);
  expect(foot(each, 0)).toBeCloseTo(foot(same, 0), 9);
});

test('left is +y, end A is the left foot, and the crown is level', () => {
  const hoop = hoopOf(planWith(LEANING_CAR, { sides: 'each' }));
  expect((hoop.points[0] as Vec3)[1]).toBeGreaterThan(0);
  expect((hoop.points[2] as Vec3)[2]).toBeCloseTo((hoop.points[3] as Vec3)[2], 9);
});

test('a tilted hoop leans its top to the rear, keeps its heights, and grows along its plane', () => {
  const upright = hoopOf(planWith(HANDBOOK_CAR));
  const tilted = hoopOf(planWith({ ...HANDBOOK_CAR, pillarTilt: '10' }));
  const corner = tilted.points[1] as Vec3;
  expect(corner[2]).toBeCloseTo(40 * IN, 6);
  expect(corner[0]).toBeCloseTo(-40 * IN * Math.tan((10 * Math.PI) / 180), 6);
  expect(distance(tilted.points[0] as Vec3, corner)).toBeGreaterThan(
    distance(upright.points[0] as Vec3, upright.points[1] as Vec3),
  );
  expect(tilted.feet[0]?.along).toBe(10);
});

test('a landing and a plate lift the foot along the leg', () => {
  const plan = planWith({ ...HANDBOOK_CAR, landingLeft: '2' }, { footLift: inch('1/8') });
  const [left, right] = [hoopOf(plan).points[0] as Vec3, hoopOf(plan).points[3] as Vec3];
  expect(left[2]).toBeCloseTo(2.125 * IN, 6);
  expect(right[2]).toBeCloseTo(0.125 * IN, 6);
  expect(left[1]).toBeLessThan(-right[1]);
});

test('the foot is cut by the leg’s lean less the floor’s slope', () => {
  const hoop = hoopOf(planWith({ ...HANDBOOK_CAR, floorSlopeLeft: '2' }));
  expect(hoop.feet[0]?.across.value).toBeCloseTo(4.645 - 2, 3);
  expect(hoop.feet[0]?.total).toBeCloseTo(4.645 - 2, 3);
  expect(hoop.feet[1]?.across.value).toBeCloseTo(4.645, 3);
});

test.each([
  [{ ...HANDBOOK_CAR, headlinerCentre: '1' }, 'no-height'],
  [{ ...HANDBOOK_CAR, halfWidthRoofLeft: '1' }, 'no-width'],
  [{ ...LEANING_CAR, leanHeight: '44' }, 'lean-above-crown'],
  [{ ...LEANING_CAR, landingLeft: '18' }, 'lean-below-foot'],
])('what cannot be is said: %#', (texts, code) => {
  const result = resolve(planWith(texts));
  expect('none' in result && result.none.why === 'impossible' ? result.none.fault.code : 'built').toBe(code);
});

test('what is missing is named, and half a lean is missing its other half', () => {
  const rest = Object.fromEntries(Object.entries(HANDBOOK_CAR).filter(([key]) => key !== 'headlinerCentre'));
  const result = resolve(planWith({ ...rest, leanHeight: '17' }));
  expect('none' in result && result.none.why === 'missing' ? result.none.missing : []).toEqual([
    'headlinerCentre',
    'halfWidthLeanLeft',
    'halfWidthLeanRight',
  ]);
});

test('any measures resolve to a hoop without NaN, or to a reason; never to an exception', () => {
  const size = fc.integer({ min: 1, max: 3000 }).map((mm) => `${mm} mm`);
  const lean = fc.option(fc.integer({ min: -59, max: 59 }).map(String), { nil: undefined });
  const texts = fc.record({
    halfWidthFloorLeft: size,
    halfWidthFloorRight: size,
    leanHeight: size,
    halfWidthLeanLeft: size,
    halfWidthLeanRight: size,
    halfWidthRoofLeft: size,
    halfWidthRoofRight: size,
    headlinerCentre: size,
    headlinerCornerLeft: size,
    pillarTilt: lean,
    wallLeanLeft: lean,
    floorSlopeLeft: lean,
  });
  fc.assert(
    fc.property(
      texts,
      fc.constantFrom('same', 'each'),
      fc.constantFrom('proposed', 'two-bend', 'four-bend'),
      (given, sides, shape) => {
        const present = Object.fromEntries(
          Object.entries(given).filter(([, text]) => text !== undefined),
        ) as Record<string, string>;
        const plan = planWith(present, { sides, shape });
        const result = resolve({ ...plan, survey: { ...plan.survey, distrusted: 'protractor' } });
        if ('none' in result) expect(result.none.why).toMatch(/impossible|missing/);
        else expect(result.hoop.points.flat().every(Number.isFinite)).toBe(true);
      },
    ),
    { seed: 4, numRuns: 300 },
  );
});

test('the hoop’s own tilt overrides the pillar’s', () => {
  expect(hoopOf(planWith({ ...HANDBOOK_CAR, pillarTilt: '10' }, { tilt: angle('0') })).tilt).toBe(0);
});

test('the bends told with their derivation are the bends of the path', () => {
  const hoop = hoopOf(planWith({ ...LEANING_CAR, pillarTilt: '9.7' }));
  hoop.figures.bends.forEach(({ feature, angle: told }, i) => {
    expect(feature).toBe(hoop.features[i]);
    expect(told.value).toBeCloseTo(bendAt(hoop, i + 1), 9);
  });
});

test('the bench finds the height along the hoop, not the upright one', () => {
  const hoop = hoopOf(planWith({ ...HANDBOOK_CAR, pillarTilt: '10' }));
  expect(hoop.figures.benchHeight.value / IN).toBeCloseTo(40 / Math.cos((10 * Math.PI) / 180) + 1, 6);
});
