import { evaluate, harnessIn } from '../../evaluate.ts';
import { EMPTY_SHOP } from '../../plan/index.ts';
import { bodyOf } from '../../occupant/index.ts';
import { MILLIMETRES } from '../../measure/index.ts';
import { bar, heightOn } from '../../testing/index.ts';
import { cageWith, personIn } from '../../testing/doorCage.ts';
import { harnessView } from '../index.ts';

const plan = cageWith(personIn());
const withBar = {
  ...plan,
  members: [
    ...plan.members,
    bar('hb', 'harness-bar', heightOn('m-hoop', 'left', 520), heightOn('m-hoop', 'right', 520)),
  ],
};

test('seat, strap and window are drawn at the setting that is shown, the car’s front to the left', () => {
  const [answer] = harnessIn(withBar, evaluate(withBar, EMPTY_SHOP, []), []);
  const [shown] = answer?.places ?? [];
  const [person] = withBar.occupants;
  if (!answer || !shown || !person) throw new Error('somebody is belted to a bar');
  const view = (body: ReturnType<typeof bodyOf> | null) =>
    harnessView(answer, { width: 900, style: MILLIMETRES, shown, body });
  const { shapes, height } = view(bodyOf(person, shown.pose));
  const polygons = (pen: string) => shapes.filter((shape) => shape.kind === 'polygon' && shape.pen === pen);
  expect(polygons('window')).toHaveLength(answer.windows.length);
  expect(polygons('person').length).toBeGreaterThan(8);
  const strap = shapes.find(
    (shape) => shape.kind === 'line' && shape.pen === 'mark' && shape.from[0] < shape.to[0],
  );
  // From the slot back to the bar is to the right.
  expect(strap).toBeDefined();
  for (const shape of shapes)
    if (shape.kind === 'polygon')
      for (const [x, y] of shape.points) {
        expect(x > 0 && x < 900).toBe(true);
        expect(y > 0 && y < height).toBe(true);
      }
  const bare = view(null).shapes.filter((shape) => shape.kind === 'polygon' && shape.pen === 'person');
  expect(bare).toEqual([]);
});
