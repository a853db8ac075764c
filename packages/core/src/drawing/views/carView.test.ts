import { AS_MEASURED, bodyOf } from '../../occupant/index.ts';
import { EMPTY_SHOP } from '../../plan/index.ts';
import { evaluate } from '../../evaluate.ts';
import { tubesIn } from '../../evaluation.ts';
import { placeAt } from '../../testing/index.ts';
import { cageWith, personIn } from '../../testing/doorCage.ts';
import { cageView, carView, type SquareView } from '../index.ts';

const mm = (value: number) => ({ mm: value, typed: `${value} mm` });
const rib = (id: string, forward: number, out: number, top: number) => ({
  id,
  name: id,
  forward: mm(forward),
  points: [
    { out: mm(out), up: mm(0) },
    { out: mm(out - 100), up: mm(top) },
  ],
});
const plan = cageWith(personIn());
const seen = {
  survey: {
    ...plan.survey,
    ribs: [rib('rear', -800, 700, 900), rib('front', 1000, 720, 640)],
    keepOuts: [
      { id: 'k', name: 'latch', from: placeAt(0, 700, 400), to: placeAt(100, 740, 500), clearance: mm(10) },
    ],
    planes: [{ id: 'w', name: 'bulkhead', at: placeAt(-700, 0, 500), normal: placeAt(1, 0, 0), reach: null }],
  },
  tubes: tubesIn(evaluate(plan, EMPTY_SHOP, [])),
  people: plan.occupants.map((person) => bodyOf(person, AS_MEASURED)),
  places: [[1200, 0, 300]] as [number, number, number][],
};
const size = { width: 900, height: 440, aside: 190 };

test.each(['side', 'top', 'front'] as const)(
  'from the %s: everything lies between the margins for boxes',
  (view) => {
    const { drawing, at } = carView(seen, { view, ...size });
    const [x] = at([1200, 0, 300]);
    expect(x >= 190 && x <= 710).toBe(true);
    for (const shape of drawing.shapes)
      if (shape.kind === 'polygon')
        for (const [px, py] of shape.points)
          expect(px >= 189 && px <= 711 && py >= 0 && py <= 440).toBe(true);
    expect(drawing.shapes.some((shape) => shape.kind === 'polygon' && shape.pen === 'keep-out')).toBe(true);
  },
);

test('one scale for all distances; forward is to the left from the side, up from above, away from behind', () => {
  const placed = (view: SquareView) => carView(seen, { view, ...size }).at;
  for (const view of ['side', 'top', 'front'] as const) {
    const at = placed(view);
    const off = (x: number, y: number, z: number) => [
      at([x, y, z])[0] - at([0, 0, 0])[0],
      at([x, y, z])[1] - at([0, 0, 0])[1],
    ];
    const [forward, left, up] = [off(100, 0, 0), off(0, 100, 0), off(0, 0, 100)];
    const moved = {
      side: [forward[0], up[1], left],
      top: [left[0], forward[1], up],
      front: [left[0], up[1], forward],
    }[view];
    expect(moved[0]).toBeLessThan(0);
    expect(moved[1]).toBeCloseTo(Number(moved[0]), 9);
    expect(moved[2]).toEqual([0, 0]);
  }
});

test('a panel that is looked at flat is no line, and a car of which nothing is known is a picture all the same', () => {
  const lines = (view: SquareView) =>
    carView(seen, { view, ...size }).drawing.shapes.filter(
      (shape) => shape.kind === 'text' && shape.text === 'bulkhead',
    );
  expect([lines('side').length, lines('front').length]).toEqual([1, 0]);
  const none = { survey: { ...plan.survey, measures: {} }, tubes: [], people: [], places: [] };
  const { drawing } = carView(none, { view: 'side', ...size });
  expect(drawing.shapes.length).toBeGreaterThan(0);
});

test('the cage in its square views stands in the car: the body behind it and keep-outs with their names', () => {
  for (const view of ['front', 'side', 'top', 'corner'] as const) {
    const options = { view, width: 900, height: 540, selected: [], style: null, survey: seen.survey };
    const { shapes } = cageView(seen.tubes.slice(), { ...options, stamps: 'none' });
    const bodies = shapes.filter((shape) => shape.kind === 'polygon' && shape.pen === 'body');
    expect(bodies.length > 0).toBe(view !== 'corner');
    const boxes = shapes.filter((shape) => shape.kind === 'polygon' && shape.pen === 'keep-out');
    expect(boxes).toHaveLength(view === 'corner' ? 0 : 1);
    expect(shapes.some((shape) => shape.kind === 'text' && shape.text === 'latch')).toBe(view !== 'corner');
    for (const shape of bodies)
      if (shape.kind === 'polygon')
        for (const [x, y] of shape.points) expect(x >= 0 && x <= 900 && y >= 0 && y <= 540).toBe(true);
  }
});

test('a keep-out beside tubes is named in the margin, however long its name, and no tube lies under it', () => {
  const name = 'fuel filler and its neck';
  const survey = { ...seen.survey, keepOuts: seen.survey.keepOuts.map((one) => ({ ...one, name })) };
  const { tubes } = seen;
  const drawing = cageView(tubes, {
    ...{ view: 'front', width: 900, height: 440, survey, selected: [], style: null },
    stamps: 'leaders',
  });
  const [label, ...others] = drawing.shapes.flatMap((one) =>
    one.kind === 'text' && one.text === name ? [one] : [],
  );
  expect(others).toEqual([]);
  const half = (name.length * (label?.size ?? 0)) / 4;
  const [from, to] = [(label?.at[0] ?? NaN) - half, (label?.at[0] ?? NaN) + half];
  const across = drawing.shapes.flatMap((one) => (one.kind === 'stroke' ? one.points.map(([x]) => x) : []));
  expect(across.length).toBeGreaterThan(10);
  for (const x of across) expect(x > to || x < from).toBe(true);
});
