import { evaluate } from '../../evaluate.ts';
import { hoopAnswerOf, tubesIn } from '../../evaluation.ts';
import { EMPTY_SHOP } from '../../plan/index.ts';
import { INCHES } from '../../measure/index.ts';
import { bar, cageOf, HANDBOOK_CAR, planWith, point } from '../../testing/index.ts';
import { type Shape } from '../drawing.ts';
import { asBuiltView } from './asBuiltView.ts';
import { buildView } from './buildView.ts';

const tubes = tubesIn(
  evaluate(
    cageOf(
      bar('a', 'frame-tube', point(0, 300, 0), point(0, 300, 900)),
      bar('b', 'frame-tube', point(500, 300, 0), point(500, 300, 900)),
    ),
    EMPTY_SHOP,
    [],
  ),
);
const OPTIONS = { view: 'corner', width: 600, height: 400, welds: [], tacks: [] } as const;
const withPen = (shapes: Shape[], pen: string) =>
  shapes.filter((shape) => 'pen' in shape && shape.pen === pen);

describe('a step of the build', () => {
  test('what stands is solid, what is still to come dashed, what the step is about lit and named', () => {
    const { shapes, title } = buildView(tubes, { ...OPTIONS, standing: ['p-hoop'], lit: ['p-a'] });
    expect(withPen(shapes, 'coming')).toHaveLength(1);
    expect(withPen(shapes, 'steel')).toHaveLength(1);
    expect(withPen(shapes, 'picked')).toHaveLength(1);
    expect(shapes.flatMap((shape) => (shape.kind === 'text' ? [shape.text] : []))).toEqual(['A']);
    expect(title).toContain('MH stand; A in this step');
  });

  test('a seam that is welded is a lit band on tubes that are not, in pieces where it has a gap; tacks are dots', () => {
    const seam: [number, number, number][] = [
      [0, 300, 0],
      [0, 310, 0],
      [0, 320, 0],
      [0, 300, 800],
    ];
    const { shapes } = buildView(tubes, {
      ...{ ...OPTIONS, standing: ['p-hoop', 'p-a', 'p-b'], lit: ['p-a'] },
      ...{ welds: [seam], tacks: [[0, 300, 400]] },
    });
    const lit = withPen(shapes, 'picked');
    expect(lit.map(({ kind }) => kind)).toEqual(['stroke', 'polygon']);
    expect(withPen(shapes, 'mark')).toHaveLength(1);
    expect(withPen(shapes, 'coming')).toEqual([]);
  });
});

describe('a hoop that is off', () => {
  const hoop = hoopAnswerOf(evaluate(planWith(HANDBOOK_CAR), EMPTY_SHOP, []))?.tube;
  if (!hoop) throw new Error('the handbook’s car has a hoop');
  const draw = (off: number, kind: 'width' | 'height') =>
    asBuiltView(
      hoop,
      [{ off, point: { what: kind === 'width' ? { kind, up: 0 } : { kind, side: 'left' } } }],
      { width: 500, height: 400, times: 20, style: INCHES },
    ).shapes;
  const arrows = (shapes: Shape[]) => shapes.flatMap((shape) => (shape.kind === 'arrow' ? [shape] : []));

  test('wider feet have an arrow outward on either side, narrower ones inward, and one figure between them', () => {
    const [left, right] = arrows(draw(12.7, 'width'));
    // From behind, left is left.
    expect((left?.to[0] ?? 0) < (left?.from[0] ?? 0)).toBe(true);
    expect((right?.to[0] ?? 0) > (right?.from[0] ?? 0)).toBe(true);
    const [inward] = arrows(draw(-12.7, 'width'));
    expect((inward?.to[0] ?? 0) > (inward?.from[0] ?? 0)).toBe(true);
    const said = draw(12.7, 'width').flatMap((shape) => (shape.kind === 'text' ? [shape.text] : []));
    expect(said).toEqual(['+1/2 in']);
  });

  test('a crown that is too high has its arrow upward; what is not off has none', () => {
    const [up] = arrows(draw(6, 'height'));
    expect((up?.to[1] ?? 0) < (up?.from[1] ?? 0)).toBe(true);
    expect(arrows(draw(0, 'height'))).toEqual([]);
  });
});
