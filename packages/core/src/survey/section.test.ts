import { type Plan } from '../plan/index.ts';
import { HANDBOOK_CAR, LEANING_CAR, planWith } from '../testing/index.ts';
import {
  asymmetry,
  axisSection,
  contradictions,
  missingMeasures,
  readSection,
  sectionWithout,
  withinTighterSide,
} from './index.ts';

const surveyOf = (texts: Record<string, string>): Plan['survey'] => planWith(texts).survey;
function sectionOf(texts: Record<string, string>) {
  const reading = readSection(surveyOf(texts));
  if ('missing' in reading) throw new Error(reading.missing.join());
  return reading.section;
}
const IN = 25.4;
const takeOffs = { od: 2 * IN, clearLeft: 0.375 * IN, clearRight: 0.5 * IN, clearAbove: 0.25 * IN };

test('nothing measured: the five that a hoop cannot do without are wanted, in the order of measuring', () => {
  expect(missingMeasures(surveyOf({}))).toEqual([
    'halfWidthFloorLeft',
    'halfWidthFloorRight',
    'halfWidthRoofLeft',
    'halfWidthRoofRight',
    'headlinerCentre',
  ]);
});

test('what was not measured counts as level, upright and on the floor', () => {
  expect(sectionOf(HANDBOOK_CAR)).toMatchObject({
    tilt: 0,
    leanHeight: null,
    left: { lean: null, corner: null, protractor: null, floorSlope: 0, landing: 0 },
  });
});

test('right less left, only of what was measured on both sides', () => {
  const differences = asymmetry(
    surveyOf({ ...LEANING_CAR, headlinerCornerLeft: '41', wallLeanLeft: '10', wallLeanRight: '12' }),
  );
  const inches = Object.fromEntries(differences.map(({ key, difference }) => [key, difference]));
  expect(inches.halfWidthFloorLeft).toBeCloseTo(0.25 * IN, 9);
  expect(inches.halfWidthRoofLeft).toBeCloseTo(0.125 * IN, 9);
  expect(inches.wallLeanLeft).toBeCloseTo(2, 9);
  expect(inches).not.toHaveProperty('headlinerCornerLeft');
});

test('clearance and half the tube come off each side and above [handbook §2]', () => {
  const axis = axisSection(sectionOf(HANDBOOK_CAR), takeOffs);
  expect(axis.left.floor.value / IN).toBeCloseTo(29.625 - 0.375 - 1, 9);
  expect(axis.right.floor.value / IN).toBeCloseTo(29.625 - 0.5 - 1, 9);
  expect(axis.crownHeight.value / IN).toBeCloseTo(41 - 0.25 - 1, 9);
});

test('the lowest headliner rules a level crown, and the figure says which', () => {
  const axis = axisSection(
    sectionOf({ ...HANDBOOK_CAR, headlinerCornerLeft: '40', headlinerCornerRight: '40 1/2' }),
    takeOffs,
  );
  expect(axis.crownHeight.value / IN).toBeCloseTo(40 - 0.25 - 1, 9);
  expect(axis.crownHeight.how).toContain('headliner at the left corner');
});

test('within the tighter side is level by level: the floor by one side, the roof by the other', () => {
  const skewed = { ...HANDBOOK_CAR, halfWidthFloorLeft: '29', halfWidthRoofRight: '26' };
  const same = withinTighterSide(
    axisSection(sectionOf(skewed), { ...takeOffs, clearRight: takeOffs.clearLeft }),
  );
  expect(same.left.floor.value).toBe(same.right.floor.value);
  expect(same.left.floor.value / IN).toBeCloseTo(29 - 1.375, 9);
  expect(same.right.roof.value / IN).toBeCloseTo(26 - 1.375, 9);
});

test('a contradiction is beyond what tape and protractor together explain', () => {
  const reading = (degrees: string) =>
    contradictions(sectionOf({ ...HANDBOOK_CAR, wallLeanLeft: degrees }), 40 * IN, { mm: 3, deg: 0.5 });
  // The widths say 4.645°; 0.5° and 3 mm on 40 in (0.169°) are allowed.
  expect(reading('5.3')).toEqual([]);
  expect(reading('5.4')).toMatchObject([{ side: 'left', protractor: 5.4 }]);
  expect(reading('3.9')).toHaveLength(1);
});

test('where the side leans from a height, the protractor is held against that part alone', () => {
  const section = sectionOf({ ...LEANING_CAR, wallLeanLeft: '30' });
  const [found] = contradictions(section, 40 * IN, { mm: 3, deg: 0.5 });
  expect(found?.fromWidths.value).toBeCloseTo((Math.atan2(29.625 - 23.375, 40 - 17.5) * 180) / Math.PI, 6);
  const trusted = sectionWithout(section, 'lower-width', 40 * IN);
  expect(trusted.left.floor).toBe(section.left.floor);
  expect((trusted.left.lean ?? 0) / IN).toBeCloseTo(23.375 + 22.5 * Math.tan(Math.PI / 6), 6);
  expect(trusted.right).toEqual(section.right);
});
