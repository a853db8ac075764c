import { termDrawing } from './termDrawings.ts';
import { TERM_KEYS, TERMS } from './terms.ts';

test.each(TERM_KEYS)('%s is said in one sentence, and drawn within its frame', (key) => {
  const { name, says } = TERMS[key];
  expect(name).not.toBe('');
  expect(says).toMatch(/^[A-Z].*[^.]\.$/);
  expect(says.replaceAll(/[.;]$/g, '')).not.toMatch(/\. [A-Z]/);
  const { shapes, width, height } = termDrawing(key);
  const points = shapes.flatMap((shape) =>
    'points' in shape
      ? shape.points
      : 'from' in shape
        ? [shape.from, shape.to]
        : 'at' in shape
          ? [shape.at]
          : [],
  );
  expect(points.length).toBeGreaterThan(1);
  for (const [x, y] of points) expect(x >= 0 && x <= width && y >= 0 && y <= height).toBe(true);
});
