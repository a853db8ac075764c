import { straightCutsOf } from '../cage/index.ts';
import { copesIn, evaluate } from '../evaluate.ts';
import { tubesIn } from '../evaluation.ts';
import { EMPTY_SHOP } from '../plan/index.ts';
import { straightSetback } from '../cope/index.ts';
import { bar, cageOf, point, stationOn } from '../testing/index.ts';
import { copeTemplate, pencilLines } from './index.ts';

const STYLE = { unit: 'mm', fraction: 16, decimals: 0 } as const;
const OD = 50.8;

const cage = cageOf(
  bar('r', 'sill-bar', point(0, -600, 300), point(0, 600, 300)),
  bar('p', 'strut', stationOn('m-r', 'end-a', 500), point(-700, 0, 700)),
);
const evaluation = evaluate(cage, EMPTY_SHOP, []);
const tubes = tubesIn(evaluation);
const cut = copesIn(cage, evaluation, []).ends.find(({ piece, end }) => piece === 'p-p' && end === 'a')!;
const found = straightCutsOf(cut, tubes, 1.5)!;

test('two pencil lines leave the tube where the saw does, and meet at its point', () => {
  const [face, back] = found.cuts;
  expect(found.cuts).toHaveLength(2);
  expect(straightSetback(found, 0)).toBeCloseTo(face!.atFace, 9);
  expect(straightSetback(found, 180)).toBeCloseTo(back!.atBack, 9);
  const tip = (Math.acos(found.tip!.across / (OD / 2)) * 180) / Math.PI;
  for (const at of [tip, 360 - tip]) expect(straightSetback(found, at)).toBeCloseTo(found.tip!.setback, 6);
  for (let at = 0; at < 360; at += 5)
    expect(straightSetback(found, at)).toBeGreaterThanOrEqual(found.tip!.setback - 1e-9);
});

test('they are drawn from both sides, and each end says how far up from the point it leaves', () => {
  const drawing = pencilLines(found, { od: OD, ear: cut.ear, width: 600, style: STYLE });
  const lines = drawing.shapes.flatMap((shape) => (shape.kind === 'polyline' ? [shape.points] : []));
  expect(lines).toHaveLength(2);
  const [one = [], other = []] = lines;
  // The other side is the mirror image, face line above in both.
  one.forEach(([x, y], i) => {
    expect(other[i]?.[0]).toBeCloseTo(600 - x, 9);
    expect(other[i]?.[1]).toBeCloseTo(y, 9);
  });
  const texts = drawing.shapes.flatMap((shape) => (shape.kind === 'text' ? [shape.text] : []));
  const up = Math.round(found.cuts[0]!.atFace - found.tip!.setback);
  expect(texts.filter((text) => text.startsWith(`${up} mm, `))).toHaveLength(2);
  for (const shape of drawing.shapes)
    if (shape.kind === 'polygon')
      for (const [x, y] of shape.points) {
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x).toBeLessThanOrEqual(600);
        expect(y).toBeLessThanOrEqual(drawing.height);
      }
});

test('on the template they lie besides the cut, and reach down to the point', () => {
  const template = (straight: typeof found | null) =>
    copeTemplate(cut, OD, { curve: 'outer', paper: 0.1, origin: 'a job', style: STYLE, straight });
  const [plain, lined] = [template(null), template(found)];
  expect(lined.tangents.length - plain.tangents.length).toBe(cut.outer.length);
  const before = new Set(plain.tangents.map((one) => JSON.stringify(one)));
  const added = lined.tangents.filter((one) => !before.has(JSON.stringify(one)));
  const lowest = Math.min(...added.flatMap((one) => (one.kind === 'line' ? [one.from[1]] : [])));
  expect(lowest).toBeCloseTo(found.tip!.setback - cut.ear, 1);
  expect(lined.labels.map(({ text }) => text)).toContain('thin: two straight cuts');
});

test('an end that is coped to nothing has no straight cuts', () => {
  const bare = copesIn(cage, evaluation, []).ends.find(({ piece, end }) => piece === 'p-p' && end === 'b')!;
  expect(straightCutsOf(bare, tubes, 1.5)).toBeNull();
});
