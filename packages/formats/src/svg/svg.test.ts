import { type Drawing } from '@gyrus/core';
import { paperTheme } from './theme.ts';
import { hatchLines } from './tree.ts';
import { writeSvg } from './write.ts';

const drawing: Drawing = {
  width: 100,
  height: 50,
  title: 'A "strip" <of> steel & scribe',
  shapes: [
    { kind: 'line', from: [0, 0], to: [10, 10.126], pen: 'centre' },
    {
      kind: 'polygon',
      points: [
        [10, 10],
        [40, 10],
        [40, 30],
        [10, 30],
      ],
      pen: 'clamp',
      hatched: true,
    },
    { kind: 'arrow', from: [0, 5], to: [20, 5], pen: 'arrow', both: true },
    { kind: 'text', at: [5, 5], text: '14 1/8', size: 12, anchor: 'middle', voice: 'figure' },
  ],
};

test('the file is well formed, says what it shows, and escapes what people typed', () => {
  const svg = writeSvg(drawing, paperTheme);
  expect(svg).toContain('aria-label="A &quot;strip&quot; &lt;of&gt; steel &amp; scribe"');
  expect(svg).toContain('viewBox="0 0 100 50"');
  const opened = [...svg.matchAll(/<([a-z]+)[ >]/g)].length;
  const closed = [...svg.matchAll(/<\/[a-z]+>/g)].length;
  expect(opened).toBe(closed);
});

test('fractions are typeset', () => {
  expect(writeSvg(drawing, paperTheme)).toContain(
    ">14 <tspan style=\"font-feature-settings:'frac','tnum'\">1⁄8</tspan>",
  );
});

test('hatching stays within its rectangle', () => {
  const lines = hatchLines([
    [10, 10],
    [40, 10],
    [40, 30],
    [10, 30],
  ]);
  expect(lines.length).toBeGreaterThan(3);
  for (const [x, y] of lines.flat()) {
    expect(x).toBeGreaterThanOrEqual(10);
    expect(x).toBeLessThanOrEqual(40);
    expect(y).toBeGreaterThanOrEqual(10 - 1e-9);
    expect(y).toBeLessThanOrEqual(30 + 1e-9);
  }
});
