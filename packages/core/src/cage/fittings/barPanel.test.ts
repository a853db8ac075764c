import { itemAt } from '../../items/index.ts';
import { radians } from '../../measure/index.ts';
import { type PartOf, type Plan } from '../../plan/index.ts';
import { panelOutline } from '../../drawing/index.ts';
import { bar, cageOf, mm, point } from '../../testing/index.ts';
import { answersOf } from '../../testing/placed.ts';
import { type BarPanel, type PartShape } from './partShape.ts';

/** Half a 2 in tube. mm */
const HALF = 25.4;
const GAP = 3;

type Corner = [number, number, number];

/** Bars from corner to corner, all the way round. */
const frame = (...corners: Corner[]): Plan =>
  cageOf(
    ...corners.map((from, i) =>
      bar(`${i}`, 'frame-tube', point(...from), point(...itemAt(corners, (i + 1) % corners.length))),
    ),
  );

const panelOn = (count: number, changes: Partial<PartOf<'bar-panel'>> = {}): PartOf<'bar-panel'> => ({
  ...{ kind: 'bar-panel', id: 'panel', stamp: 'PN1' },
  bars: Array.from({ length: count }, (_, i) => ({ member: `m-${i}` })),
  ...{ thickness: mm(2), sits: 'between', gap: mm(GAP) },
  tabs: { each: 2, reach: mm(12), hole: mm(6) },
  ...changes,
});

const answerOf = (plan: Plan, part: PartOf<'bar-panel'>) => answersOf({ ...plan, parts: [part] });

function shapeOf(plan: Plan, part: PartOf<'bar-panel'>): PartShape & { panel: BarPanel } {
  const [found] = answerOf(plan, part).parts;
  if (!found?.answer.ok || !found.answer.value.panel) throw new Error(JSON.stringify(found));
  return { ...found.answer.value, panel: found.answer.value.panel };
}

const figuresOf = (shape: PartShape) => Object.fromEntries(shape.figures.map((one) => [one.name, one.mm]));

const SQUARE: Corner[] = [
  [0, 0, 0],
  [500, 0, 0],
  [500, 0, 400],
  [0, 0, 400],
];
const LESS = 2 * (HALF + GAP);

test('between four bars: the frame less half a tube and the gap all round [arithmetic]', () => {
  const shape = shapeOf(frame(...SQUARE), panelOn(4));
  expect(figuresOf(shape)['panel-width']).toBeCloseTo(500 - LESS, 9);
  expect(figuresOf(shape)['panel-height']).toBeCloseTo(400 - LESS, 9);
  expect(figuresOf(shape)['off-plane']).toBeCloseTo(0, 9);
  // 7.85 kg for each litre of steel.
  expect(shape.mass).toBeCloseTo((500 - LESS) * (400 - LESS) * 2 * 7.85e-6, 9);
});

test('tabs stand evenly along each edge of the sheet, and their holes lie inside it [arithmetic]', () => {
  const { panel } = shapeOf(frame(...SQUARE), panelOn(4));
  const start = HALF + GAP;
  const span = 500 - LESS;
  const first = panel.tabs.slice(0, 2).map(({ along }) => along);
  expect(first[0]).toBeCloseTo(start + span / 4, 6);
  expect(first[1]).toBeCloseTo(start + (3 * span) / 4, 6);
  expect(panel.tabs).toHaveLength(8);
  const outline = panelOutline('PN1', panel);
  expect([outline.width, outline.height].map((one) => Math.round(one * 1e6) / 1e6)).toEqual([
    Math.round((500 - LESS) * 1e6) / 1e6,
    Math.round((400 - LESS) * 1e6) / 1e6,
  ]);
  expect(outline.labels.map(({ text }) => text)).toEqual(['0', '1', '2', '3']);
  const holes = outline.edges.flatMap((edge) => (edge.kind === 'arc' ? [edge.centre] : []));
  expect(holes).toHaveLength(8);
  expect(itemAt(holes, 0)[1]).toBeCloseTo(12, 6);
  expect(itemAt(holes, 0)[0]).toBeCloseTo(span / 4, 6);
});

test('however the frame leans, its panel is the same', () => {
  const lean = radians(33);
  const leaning = SQUARE.map(([x, , z]): Corner => [x, z * Math.sin(lean), z * Math.cos(lean)]);
  const shape = shapeOf(frame(...leaning), panelOn(4));
  expect(figuresOf(shape)['panel-height']).toBeCloseTo(400 - LESS, 6);
  expect(figuresOf(shape)['off-plane']).toBeCloseTo(0, 6);
});

test('on three bars: their axes are its edges; between them a side is 2√3 times the inset shorter [geometry of an equilateral triangle]', () => {
  const triangle: Corner[] = [
    [0, 0, 0],
    [600, 0, 0],
    [300, 0, 300 * Math.sqrt(3)],
  ];
  expect(figuresOf(shapeOf(frame(...triangle), panelOn(3, { sits: 'on' })))['panel-width']).toBeCloseTo(
    600,
    6,
  );
  const inside = figuresOf(shapeOf(frame(...triangle), panelOn(3)));
  expect(inside['panel-width']).toBeCloseTo(600 - 2 * Math.sqrt(3) * (HALF + GAP), 6);
});

test('a corner that stands 20 mm out of the plane of the others leaves every bar 5 mm off the mean plane, and is told', () => {
  const twisted = SQUARE.map(([x, y, z], i): Corner => [x, i === 2 ? 20 : y, z]);
  const shape = shapeOf(frame(...twisted), panelOn(4));
  for (const { mm: off } of shape.panel.offPlane) expect(off).toBeCloseTo(5, 1);
  const findings = answerOf(frame(...twisted), panelOn(4)).findings.filter(
    ({ code }) => code === 'bars-off-plane',
  );
  expect(findings).toHaveLength(4);
  expect(answerOf(frame(...SQUARE), panelOn(4)).findings.map(({ code }) => code)).not.toContain(
    'bars-off-plane',
  );
});

test.each([
  ['bars named across each other', [0, 2, 1, 3], 3, 'run side by side'],
  ['more gap than there is room', [0, 1, 2, 3], 400, 'nothing of the panel is left'],
])('%s make no panel, and it is said why', (_, order, gap, words) => {
  const bars = order.map((i) => ({ member: `m-${i}` }));
  const [found] = answerOf(frame(...SQUARE), panelOn(4, { bars, gap: mm(gap) })).parts;
  expect(JSON.stringify(found?.answer)).toContain(words);
});
