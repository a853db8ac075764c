import { evaluate } from '../../evaluate.ts';
import { expectValue, fail } from '../../fault/index.ts';
import { EMPTY_SHOP, type Gusset, type Plan, readPlan } from '../../plan/index.ts';
import { bar, cageOf, mm, point } from '../../testing/index.ts';

const answersOf = (plan: Plan) => evaluate(plan, EMPTY_SHOP, []);

const read = (plan: Plan): Plan => expectValue(readPlan(JSON.parse(JSON.stringify(plan))));

const codesOf = (plan: Plan) => answersOf(plan).findings.map(({ code }) => code);

const gussetOf = (changes: Partial<Gusset> = {}): Gusset => ({
  id: 'gusset',
  stamp: 'GP1',
  kind: 'flat',
  between: [{ member: 'm-a' }, { member: 'm-b' }],
  legs: [mm(150), mm(120)],
  thickness: mm(2),
  holes: [],
  twin: false,
  ...changes,
});

/** Two tubes of 2 in that meet square at the origin of the corner. */
const corner = cageOf(
  bar('a', 'frame-tube', point(0, 0, 0), point(500, 0, 0)),
  bar('b', 'frame-tube', point(0, 0, 0), point(0, 0, 500)),
);

const gussetIn = (changes: Partial<Gusset> = {}) =>
  answersOf(read({ ...corner, gussets: [gussetOf(changes)] })).gussets[0]?.shape;

describe('sheet gussets', () => {
  test('a square corner: the sheet is the triangle between the surfaces of the tubes', () => {
    const shape = expectValue(gussetIn() ?? fail('missing', '', 'no gusset'));
    const [a, b] = [150 - 25.4, 120 - 25.4];
    expect(shape.angle).toBeCloseTo(90, 9);
    expect(shape.sheetArea).toBeCloseTo((a * b) / 2, 6);
    expect(shape.longEdge).toBeCloseTo(Math.hypot(a, b), 6);
    // Of a right triangle the inscribed circle has the diameter a + b − c.
    expect(shape.largestHole).toBeCloseTo(a + b - Math.hypot(a, b), 6);
    expect(shape.corners[1]).toEqual([150, 0, expect.closeTo(25.4, 9)]);
  });

  test('folded over two tubes it has two sides and the strip between them; a twin weighs twice', () => {
    const flat = expectValue(gussetIn() as Extract<typeof shape, object>);
    const shape = gussetIn({ kind: 'folded', twin: true });
    const folded = expectValue(shape as Extract<typeof shape, object>);
    expect(folded.sheetArea).toBeCloseTo(2 * flat.sheetArea + flat.longEdge * 50.8, 6);
    expect(folded.mass / folded.sheetArea).toBeCloseTo((2 * flat.mass) / flat.sheetArea, 12);
  });

  test('legs that end within the tubes, holes too large and tubes that do not meet are told', () => {
    expect(gussetIn({ legs: [mm(20), mm(120)] })).toMatchObject({
      ok: false,
      fault: { code: 'gusset-too-short' },
    });
    expect(codesOf(read({ ...corner, gussets: [gussetOf({ holes: [mm(90)] })] }))).toContain('gusset-hole');
    const apart = cageOf(
      bar('a', 'frame-tube', point(0, 0, 0), point(500, 0, 0)),
      bar('b', 'frame-tube', point(0, 300, 0), point(0, 300, 500)),
    );
    const [gusset] = answersOf(read({ ...apart, gussets: [gussetOf()] })).gussets;
    expect(gusset?.shape).toMatchObject({ ok: false, fault: { code: 'no-corner' } });
  });
});
