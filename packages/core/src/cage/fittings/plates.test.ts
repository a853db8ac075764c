import { evaluate } from '../../evaluate.ts';
import { expectValue } from '../../fault/index.ts';
import { EMPTY_SHOP, type Plan, type Plate, readPlan } from '../../plan/index.ts';
import { bar, cageOf, deg, mm, placeAt, plateOf, stationOn } from '../../testing/index.ts';

const answersOf = (plan: Plan) => evaluate(plan, EMPTY_SHOP, []);

const read = (plan: Plan): Plan => expectValue(readPlan(JSON.parse(JSON.stringify(plan))));

const codesOf = (plan: Plan) => answersOf(plan).findings.map(({ code }) => code);

const withPlate = (changes: Partial<Plate>) => read({ ...cageOf(), plates: [plateOf(changes)] });

const plateIn = (changes: Partial<Plate>) => {
  const [plate] = answersOf(withPlate(changes)).plates;
  if (!plate) throw new Error('no plate');
  return plate;
};

describe('plates', () => {
  // A strip 8 cm wide must be 15 cm long for the common 120 cm² [handbook §7, common practice].
  test('a strip 8 cm wide and 15 cm long has 120 cm²', () => {
    expect(plateIn({}).area / 100).toBeCloseTo(120, 9);
    expect(plateIn({}).narrowest).toBeCloseTo(80, 9);
  });

  test('a parallelogram has base times height, a polygon what the surveyor’s formula gives', () => {
    const outline = { kind: 'parallelogram' as const, length: mm(150), width: mm(100), angle: deg(30) };
    expect(plateIn({ outline }).area).toBeCloseTo(150 * 50, 6);
    expect(plateIn({ outline }).narrowest).toBeCloseTo(50, 6);
    const corners = [
      [0, 0],
      [200, 0],
      [200, 100],
      [0, 40],
    ].map(([x = 0, y = 0]) => [mm(x), mm(y)]);
    const polygon = { kind: 'polygon', corners } as Plate['outline'];
    expect(plateIn({ outline: polygon }).area).toBeCloseTo((200 * (100 + 40)) / 2, 6);
  });

  test('a plate follows its foot, or keeps a place of its own that a bar can stand on', () => {
    expect(plateIn({}).at?.[1]).toBeGreaterThan(500);
    const plan = read({
      ...cageOf(
        bar('st', 'strut', { kind: 'plate', plate: 'plate' }, stationOn('m-hoop', 'crown-left', -200)),
      ),
      plates: [plateOf({ under: null, follows: 'own', at: placeAt(-300, 400, 20) })],
    });
    const strut = answersOf(plan).members.find(({ role }) => role === 'strut')?.pieces[0]?.tube;
    expect(strut?.points[0]).toEqual([-300, 400, 20]);
  });

  test('an edge turned up adds its sheet, and weight is that of the steel', () => {
    const plate = plateIn({ turnedUp: { length: mm(150), height: mm(40) } });
    expect(plate.turnedUpArea).toBe(6000);
    expect(plate.mass).toBeCloseTo((12_000 + 6000) * 3 * 7850e-9, 9);
  });

  test('a plate without a foot or a place is told', () => {
    expect(codesOf(withPlate({ under: null }))).toContain('part-not-made');
  });
});
