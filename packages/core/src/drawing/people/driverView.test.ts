import { cockpitIn, evaluate } from '../../evaluate.ts';
import { tubesIn } from '../../evaluation.ts';
import { driverView, type Point, sightView } from '../index.ts';
import { formatWithUnit, MILLIMETRES } from '../../measure/index.ts';
import { nearestTubes, roomsOf } from '../../occupant/index.ts';
import { distance } from '../../space/index.ts';
import { type OnDrawing, personShapes } from './personShapes.ts';
import { PROJECTIONS, type SquareView } from '../views/projections.ts';
import { EMPTY_SHOP } from '../../plan/index.ts';
import { placeAt } from '../../testing/index.ts';
import { cageWith, personIn } from '../../testing/doorCage.ts';

describe('drawn', () => {
  const plan = cageWith(personIn({ helmetTop: placeAt(450, 520, 860) }));
  const evaluation = evaluate(plan, EMPTY_SHOP, []);
  const cockpit = cockpitIn(plan, evaluation);
  const tubes = tubesIn(evaluation);

  const [seated] = cockpit.people;
  if (!seated) throw new Error('somebody is seated');
  const { body } = seated;
  const near = nearestTubes(body, tubes, 300);
  const draw = (view: SquareView) => {
    const options = { view, width: 900, style: MILLIMETRES };
    const drawing = driverView({ body, nearest: near, padding: cockpit.padding }, tubes, options);
    if (!drawing) throw new Error('a body with volumes is drawn');
    return drawing;
  };
  const VIEWS = ['side', 'top', 'front'] as const;

  test.each(VIEWS)('from the %s: body and cage lie in the picture, the padding is on its tube', (view) => {
    const drawing = draw(view);
    const points = drawing.shapes.flatMap((shape) =>
      (shape.kind === 'polygon' && shape.pen === 'person') ||
      (shape.kind === 'stroke' && shape.pen === 'steel')
        ? shape.points
        : [],
    );
    expect(points.length).toBeGreaterThan(200);
    for (const [x, y] of points) {
      expect(x).toBeGreaterThan(0);
      expect(x).toBeLessThan(900);
      expect(y).toBeGreaterThan(0);
      expect(y).toBeLessThan(drawing.height);
    }
    const padded = drawing.shapes.filter((shape) => shape.kind === 'stroke' && shape.pen === 'picked');
    expect(padded).toHaveLength(cockpit.padding.length);
    expect(drawing.title).toContain('A. N.');
  });

  test.each(VIEWS)('from the %s: what is drawn covers every volume that room is looked at for', (view) => {
    const at: OnDrawing['at'] = (point) => [PROJECTIONS[view](point).right, PROJECTIONS[view](point).up];
    const on: OnDrawing = { view, at, scale: 1 };
    const drawn = personShapes(body, on).flatMap((shape) =>
      shape.kind === 'polygon' && shape.pen === 'person' ? [shape.points] : [],
    );
    for (const { from, to, radius, part } of body.volumes)
      for (const centre of [from, to])
        for (let turn = 0; turn < 12; turn++) {
          const [x, y] = on.at(centre);
          const angle = (turn * Math.PI) / 6;
          // A polygon of few corners lies a little inside of its circle.
          const at: Point = [x + 0.96 * radius * Math.cos(angle), y + 0.96 * radius * Math.sin(angle)];
          expect([part, drawn.some((polygon) => isInside(at, polygon))]).toEqual([part, true]);
        }
  });

  test('each part has its nearest tube, by the distance that the table of rooms has for it', () => {
    expect(near.map(({ part }) => part)).toContain('helmet');
    const rooms = roomsOf([[body]], tubes, 0, 300);
    const least = Math.min(...near.map(({ gap }) => gap));
    expect(least).toBeCloseTo(rooms[0]?.gap ?? NaN, 6);
    for (const { from, to, gap } of near) if (gap > 0) expect(distance(from, to)).toBeCloseTo(gap, 4);
  });

  test('the distances are named with part and tube', () => {
    const texts = draw('side').shapes.flatMap((shape) => (shape.kind === 'text' ? [shape.text] : []));
    for (const { part, gap, stamp } of near)
      expect(texts.join('; ')).toContain(`${part} ${formatWithUnit(gap, MILLIMETRES)} to ${stamp}`);
  });

  test('seen from the left, the door on the left covers the body', () => {
    const { shapes } = draw('side');
    const lastBody = shapes.findLastIndex((shape) => shape.kind === 'polygon' && shape.pen === 'person');
    const lastTube = shapes.findLastIndex((shape) => shape.kind === 'stroke' && shape.pen === 'steel');
    expect(lastTube).toBeGreaterThan(lastBody);
  });

  test('a body of which nothing is measured is no picture', () => {
    const none = { body: { ...body, volumes: [] }, nearest: [], padding: [] };
    expect(driverView(none, tubes, { view: 'side', width: 600, style: MILLIMETRES })).toBeNull();
  });

  test('what is hidden on the left is drawn on the left', () => {
    const sight = cockpit.people[0]?.sight;
    if (!sight) throw new Error('there is an eye');
    const drawing = sightView(sight, 500);
    const texts = drawing.shapes.filter((shape) => shape.kind === 'text');
    for (const { stamp, side } of sight.level) {
      const text = texts.find((one) => one.text.startsWith(stamp));
      expect(Math.sign((text?.at[0] ?? 250) - 250)).toBe(side === 'left' ? -1 : 1);
    }
  });
});

/** By the number of edges that a ray to the right crosses. */
const isInside = ([x, y]: Point, polygon: readonly Point[]): boolean =>
  polygon.filter(([x1, y1], i) => {
    const [x2, y2] = polygon[(i + 1) % polygon.length] ?? [x1, y1];
    return y1 > y !== y2 > y && x < ((x2 - x1) * (y - y1)) / (y2 - y1) + x1;
  }).length %
    2 ===
  1;
