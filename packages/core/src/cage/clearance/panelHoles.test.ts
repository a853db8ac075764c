import { evaluate } from '../../evaluate.ts';
import { expectValue } from '../../fault/index.ts';
import { EMPTY_SHOP, type Plan, readPlan, type Survey } from '../../plan/index.ts';
import { bar, cageOf, mm, placeAt, point } from '../../testing/index.ts';

const answersOf = (plan: Plan) => evaluate(plan, EMPTY_SHOP, []);

const read = (plan: Plan): Plan => expectValue(readPlan(JSON.parse(JSON.stringify(plan))));

const codesOf = (plan: Plan) => answersOf(plan).findings.map(({ code }) => code);

const surveyed = (plan: Plan, survey: Partial<Survey>, more: Partial<Plan> = {}) =>
  read({ ...plan, ...more, survey: { ...plan.survey, ...survey } });

describe('panels and keep-outs', () => {
  const shelf = { id: 'shelf', name: 'shelf', at: placeAt(0, 0, 200), normal: placeAt(0, 0, 1), reach: null };
  const leaning = cageOf(bar('bs', 'backstay', point(0, 300, 500), point(-300, 300, 100)));

  test('a bar at a slant cuts an ellipse, OD wide and OD / cos slant long', () => {
    const [hole] = answersOf(surveyed(leaning, { planes: [shelf] })).panelHoles.filter(
      ({ stamp }) => stamp === 'BS',
    );
    expect(hole?.at).toEqual([expect.closeTo(-225, 6), 300, expect.closeTo(200, 6)]);
    expect(hole?.slant).toBeCloseTo((Math.atan2(300, 400) * 180) / Math.PI, 6);
    expect(hole?.length).toBeCloseTo(50.8 / Math.cos(Math.atan2(300, 400)), 6);
    expect(hole?.slid).toBeNull();
  });

  test('dropped to weld, the axis passes elsewhere and the hole becomes a slot that reaches there', () => {
    const plan = surveyed(leaning, { planes: [shelf] }, { weldPosition: { forward: mm(20), drop: mm(100) } });
    const [hole] = answersOf(plan).panelHoles.filter(({ stamp }) => stamp === 'BS');
    // Dropped by 100 the axis is 75 farther forward where it passes, and 20 more for the slide.
    expect(hole?.slid?.at[0]).toBeCloseTo(-225 + 75 + 20, 6);
    expect(hole?.slid?.slot).toBeCloseTo((hole?.length ?? 0) + 95, 6);
  });

  test('a panel that does not reach so far has no hole', () => {
    const short = { ...shelf, reach: mm(100) };
    expect(answersOf(surveyed(leaning, { planes: [short] })).panelHoles).toEqual([]);
  });

  const latch = (clearance: number) => ({
    id: 'latch',
    name: 'latch',
    from: placeAt(-100, 380, 250),
    to: placeAt(-50, 420, 350),
    clearance: mm(clearance),
  });

  test('a keep-out is clear by its surface distance, out beyond it, and a look within the tape’s error', () => {
    const status = (clearance: number) =>
      answersOf(surveyed(leaning, { keepOuts: [latch(clearance)] })).findings.filter(
        ({ code }) => code === 'keep-out',
      );
    const [far] = status(200);
    const gap = far?.measured && 'mm' in far.measured ? far.measured.mm : 0;
    // 80 across and, in the bar's plane, 10 beside its line at the box's upper rear edge; less half the tube.
    expect(gap).toBeCloseTo(Math.hypot(80, 10) - 25.4, 6);
    expect(far?.status).toBe('out');
    expect(status(gap + 1)[0]?.status).toBe('look');
    expect(status(gap - 1)).toEqual([]);
  });

  test('gap schools by zone, and the gap that catches a finger', () => {
    const pillar = (z: number) => ({
      id: 'p',
      name: 'pillar',
      side: null,
      zone: 'b-pillar' as const,
      at: placeAt(0, 300, z),
    });
    const codes = (school: 'touching' | 'gap' | 'more', gap: number, off: number) =>
      codesOf(
        surveyed(leaning, {
          points: [pillar(500 + 25.4 + off)],
          gaps: [{ zone: 'b-pillar', school, gap: mm(gap) }],
        }),
      ).filter((code) => /zone|finger/.test(code));
    expect(codes('touching', 0, 2)).toEqual([]);
    expect(codes('touching', 0, 40)).toEqual(['zone-touch']);
    expect(codes('gap', 30, 40)).toEqual([]);
    expect(codes('gap', 30, 15)).toEqual(['zone-gap', 'finger-gap']);
  });
});
