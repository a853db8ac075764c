import { evaluate } from '../../evaluate.ts';
import { factOf } from '../../findings/index.ts';
import { type Distrusted, EMPTY_SHOP } from '../../plan/index.ts';
import { HANDBOOK_CAR, inch, LEANING_CAR, planWith } from '../../testing/index.ts';
import { type Gap } from '../index.ts';

const gapsOf = (...given: Parameters<typeof planWith>): Gap[] =>
  evaluate(planWith(...given), EMPTY_SHOP, []).members[0]?.gaps ?? [];

const at = (gaps: Gap[], place: Gap['place'], side: Gap['side']) =>
  gaps.find((one) => one.place === place && one.side === side)?.gap ?? NaN;

test('at the floor the gap is the clearance, measured square to the leg', () => {
  const gap = at(gapsOf(HANDBOOK_CAR), 'floor', 'left');
  // 3/8 in + half the tube, less what half the tube takes on the slant; the foot's end is the nearest place
  expect(gap).toBeCloseTo(0.375 * 25.4, 6);
});

test('the wider side has the rest of the room when both legs are the same', () => {
  const gaps = gapsOf(LEANING_CAR);
  const differ = at(gaps, 'lean', 'right') - at(gaps, 'lean', 'left');
  expect(differ).toBeGreaterThan(5);
  expect(differ).toBeLessThan(6.36);
  const own = gapsOf(LEANING_CAR, { sides: 'each' });
  expect(at(own, 'lean', 'right')).toBeCloseTo(at(own, 'lean', 'left'), 0);
});

test('the corner of the hoop is round, so the roof rail has more room than the clearance', () => {
  expect(at(gapsOf(HANDBOOK_CAR), 'roof', 'left')).toBeGreaterThan(0.375 * 25.4);
});

test('above, the gap is to the headliner at the centre', () => {
  const clearance = { left: inch('3/8'), right: inch('3/8'), above: inch('1/2') };
  expect(at(gapsOf(HANDBOOK_CAR, { clearance }), 'headliner', null)).toBeCloseTo(12.7, 6);
  const lower = { ...HANDBOOK_CAR, headlinerCornerLeft: '40' };
  expect(at(gapsOf(lower, { clearance }), 'headliner', null)).toBeCloseTo(12.7 + 25.4, 6);
});

test('a straight leg through a wall that bows inward is found out, with how far', () => {
  const bowed = { ...LEANING_CAR, halfWidthLeanLeft: '25', halfWidthLeanRight: '29 7/8' };
  const { findings } = evaluate(planWith(bowed, { shape: 'two-bend', sides: 'each' }), EMPTY_SHOP, []);
  const [found] = findings.filter((one) => one.code === 'in-body');
  expect(found).toMatchObject({ status: 'out', facts: { place: { text: 'lean' }, side: { text: 'left' } } });
  expect(found?.measured && 'mm' in found.measured ? found.measured.mm : 0).toBeLessThan(-3);
});

test('a foot outside the taped wall is told where the wall moved', () => {
  const plan = planWith({ ...HANDBOOK_CAR, wallLeanLeft: '6', wallLeanRight: '6' });
  const codes = (distrusted: Distrusted) =>
    evaluate({ ...plan, survey: { ...plan.survey, distrusted } }, EMPTY_SHOP, []).findings.filter(
      ({ code }) => code === 'outside-taped-wall',
    );
  // The feet go 0.955 in further out on each side, of which 3/8 in was clearance.
  const found = codes('lower-width');
  expect(found.map((one) => factOf(one, 'side'))).toEqual([{ text: 'left' }, { text: 'right' }]);
  expect(codes('protractor')).toEqual([]);
});
