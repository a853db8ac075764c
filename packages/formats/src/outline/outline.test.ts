import { evaluate, expectValue, type FlatOutline, flatOutline, type Tube } from '@gyrus/core';
import { demoPlan, demoShop } from '@gyrus/demo';
import DxfParser from 'dxf-parser';
import { inUtc } from '../testing/inUtc.ts';
import { outlinePdf, tilesWithLines, tilingOf } from '../pdf/index.ts';
import { outlineDxf } from './dxf.ts';
import { outlineSvg } from './svg.ts';

const tubes = evaluate(demoPlan, demoShop, []).members.flatMap(({ pieces }) =>
  pieces.flatMap(({ tube }) => tube ?? []),
);
const named = (stamp: string) => tubes.find((tube) => tube.stamp === stamp) as Tube;
const hoop = named('MH');
const outline: FlatOutline = expectValue(flatOutline(hoop));

test('the axis on the floor is as long as the tube, and its edges lie half a tube beside it', () => {
  const lengthOf = (lines: FlatOutline['axis']) =>
    lines.reduce(
      (sum, line) =>
        sum +
        (line.kind === 'line'
          ? Math.hypot(line.to[0] - line.from[0], line.to[1] - line.from[1])
          : (line.radius * (line.to - line.from) * Math.PI) / 180),
      0,
    );
  expect(lengthOf(outline.axis)).toBeCloseTo(hoop.developed, 6);
  const arcs = outline.edges.filter((line) => line.kind === 'arc');
  const [inner, outer] = arcs;
  expect(inner && outer && outer.radius - inner.radius).toBeCloseTo(hoop.od, 9);
});

test('nothing lies left of or below the origin, and the hoop is as wide as its knees', () => {
  const half = Math.max(...hoop.points.map(([, y]) => Math.abs(y)));
  // The bend at the knee stays inside its corner, so the outline is a little narrower than corner to corner.
  expect(outline.width).toBeLessThan(2 * half + hoop.od);
  expect(outline.width).toBeGreaterThan(2 * half - 20);
});

test('a tube that bends in several planes has no outline, and says how far off it is', () => {
  const leg = flatOutline(named('SL'));
  expect(leg.ok ? '' : leg.fault.message).toMatch(/SL bends in several planes, \d+ mm off one/);
});

test('a straight tube is a strip', () => {
  const strip = expectValue(flatOutline(named('D1')));
  expect([strip.width, strip.height]).toEqual([
    expect.closeTo(named('D1').developed, 6),
    expect.closeTo(named('D1').od, 6),
  ]);
});

test('the DXF file holds the same lines and arcs, read back by another program', () => {
  const read = new DxfParser().parseSync(outlineDxf(outline));
  const arcs = read?.entities.filter(({ type, layer }) => type === 'ARC' && layer === 'AXIS') ?? [];
  const radii = arcs.map((arc) => (arc as unknown as { radius: number }).radius);
  const wanted = outline.axis.flatMap((line) => (line.kind === 'arc' ? line.radius : []));
  expect(radii).toEqual(wanted.map((radius) => expect.closeTo(radius, 6) as number));
  expect(read?.entities).toHaveLength(outline.edges.length + outline.axis.length + outline.tangents.length);
});

test('the SVG file is as large as the tube, in millimetres', () => {
  expect(outlineSvg(outline)).toContain(`width="${outline.width.toFixed(3)}mm"`);
});

test('the pages cover the outline with a shared strip, no more of them than it takes', () => {
  // A4 across: 297 × 210 mm, less 12 mm all round and 10 mm shared.
  expect(tilingOf({ width: 263, height: 176 }, 'a4')).toMatchObject({ columns: 1, rows: 1 });
  expect(tilingOf({ width: 274, height: 187 }, 'a4')).toMatchObject({ columns: 2, rows: 2 });
  const { columns, rows, step } = tilingOf(outline, 'a4');
  expect(columns * step[0] + 10).toBeGreaterThanOrEqual(outline.width);
  expect(rows * step[1] + 10).toBeGreaterThanOrEqual(outline.height);
});

test('the PDF has a page for every tile that shows some of the tube', async () => {
  const pdf = outlinePdf({
    outline,
    paper: 'a4',
    job: 'a job',
    car: 'a car',
    revision: 3,
    printed: inUtc('2026-11-25T10:25:00Z'),
  });
  const chunks: Buffer[] = [];
  for await (const chunk of pdf as AsyncIterable<Buffer>) chunks.push(chunk);
  const tiling = tilingOf(outline, 'a4');
  const tiles = tilesWithLines(outline, tiling);
  const pages = Buffer.concat(chunks)
    .toString('latin1')
    .match(/\/Type \/Page\b/g);
  expect(pages).toHaveLength(tiles.length);
  expect(tiles.length).toBeLessThan(tiling.columns * tiling.rows);
  // The middle of the hoop is empty, its corners are not.
  expect(tiles).toContainEqual([0, 0]);
  expect(tiles).not.toContainEqual([Math.floor(tiling.columns / 2), 1]);
});

describe('names with what no file has room for', () => {
  const strange = 'Job\r\n0\nLINE\u0000\u0008 A\u2028B \u202ereversed\ud800 <b>&';
  const labelled: FlatOutline = {
    ...outline,
    stamp: strange,
    labels: [{ at: [10, 10], text: strange, size: 5, anchor: 'start' }],
  };

  test('stand in the DXF file as one text: no line of theirs is taken for one of the file', () => {
    const read = new DxfParser().parseSync(outlineDxf(labelled));
    const drawn = outlineDxf({ ...outline, labels: [] });
    const plain = new DxfParser().parseSync(drawn);
    expect(read?.entities).toHaveLength((plain?.entities.length ?? 0) + 1);
    const texts = read?.entities.filter(({ type }) => type === 'TEXT') ?? [];
    expect(texts.map((one) => (one as unknown as { text: string }).text)).toEqual([
      expect.stringContaining('LINE') as string,
    ]);
  });

  test('leave the SVG file well-formed: only what XML 1.0 calls a character, and no markup of theirs', () => {
    const svg = outlineSvg(labelled);
    // XML 1.0, production 2: Char.
    expect(svg).toMatch(/^[\t\n\r\u0020-\uD7FF\uE000-\uFFFD\u{10000}-\u{10FFFF}]*$/u);
    expect(svg).not.toContain('<b>');
    expect(svg).toContain('LINE');
  });
});
