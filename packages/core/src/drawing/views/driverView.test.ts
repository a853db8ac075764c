import { cockpitIn, evaluate, tubesIn } from '../../evaluate.ts';
import { driverView, sightView } from '../index.ts';
import { EMPTY_SHOP } from '../../plan/index.ts';
import { placeAt } from '../../testing/index.ts';
import { cageWith, personIn } from '../../testing/doorCage.ts';

describe('drawn', () => {
  const plan = cageWith(personIn({ helmetTop: placeAt(450, 520, 860) }));
  const evaluation = evaluate(plan, EMPTY_SHOP, []);
  const cockpit = cockpitIn(plan, evaluation);
  const tubes = tubesIn(evaluation);

  test.each(['side', 'top', 'behind'] as const)(
    'from the %s: every volume lies in the picture, the padding is on its tube',
    (view) => {
      const drawing = driverView(cockpit, tubes, { view, width: 600, occupant: null });
      if (!drawing) throw new Error('somebody is seated');
      const bodies = drawing.shapes.flatMap((shape) =>
        shape.kind === 'polygon' && shape.pen === 'body' ? [shape] : [],
      );
      expect(bodies).toHaveLength(cockpit.people[0]?.body.volumes.length ?? 0);
      for (const { points } of bodies)
        for (const [x, y] of points) {
          expect(x).toBeGreaterThan(0);
          expect(x).toBeLessThan(600);
          expect(y).toBeGreaterThan(0);
          expect(y).toBeLessThan(drawing.height);
        }
      const padded = drawing.shapes.filter((shape) => shape.kind === 'stroke' && shape.pen === 'picked');
      expect(padded).toHaveLength(cockpit.padding.length);
      expect(drawing.title).toContain('A. N.');
    },
  );

  test('seen from the left, the door on the left covers the body', () => {
    const shapes = driverView(cockpit, tubes, { view: 'side', width: 600, occupant: null })?.shapes ?? [];
    const lastBody = shapes.findLastIndex((shape) => shape.kind === 'polygon' && shape.pen === 'body');
    const lastTube = shapes.findLastIndex((shape) => shape.kind === 'stroke' && shape.pen === 'steel');
    expect(lastTube).toBeGreaterThan(lastBody);
  });

  test('nobody of that name is no picture', () => {
    expect(driverView(cockpit, tubes, { view: 'side', width: 600, occupant: 'nobody' })).toBeNull();
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
