import { arrowLines, type FlatOutline, onArc, type TrueLine } from '@gyrus/core';
import { plainText } from './plainText.ts';

/** A flat tube at true size as an SVG file: its page is as large as the tube, in millimetres. */
export function outlineSvg(outline: FlatOutline): string {
  const { stamp, width, height, edges, axis, tangents, arrows, labels } = outline;
  const path = (lines: TrueLine[], stroke: string) =>
    `<path d="${lines.map((line) => pathOf(line, height)).join(' ')}" fill="none" stroke="#000" ${stroke}/>`;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width.toFixed(3)}mm" height="${height.toFixed(3)}mm" viewBox="0 0 ${width.toFixed(3)} ${height.toFixed(3)}">`,
    `<title>${escaped(stamp)}, outline at true size: print at 100 %</title>`,
    path(edges, 'stroke-width="0.4"'),
    path(axis, 'stroke-width="0.2" stroke-dasharray="12 2 2 2"'),
    path(tangents, 'stroke-width="0.3"'),
    path(arrows.flatMap(arrowLines), 'stroke-width="0.4"'),
    ...labels.map(
      ({ at: [x, y], text, size, anchor }) =>
        `<text x="${x.toFixed(2)}" y="${(height - y).toFixed(2)}" font-family="sans-serif" font-size="${size}" text-anchor="${anchor}">${escaped(text)}</text>`,
    ),
    '</svg>',
    '',
  ].join('\n');
}

const escaped = (text: string): string =>
  plainText(text).replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');

/** Up is up: SVG counts downward. */
function pathOf(line: TrueLine, height: number): string {
  const at = ([x, y]: readonly [number, number]) => `${x.toFixed(4)} ${(height - y).toFixed(4)}`;
  if (line.kind === 'line') return `M${at(line.from)}L${at(line.to)}`;
  const large = line.to - line.from > 180 ? 1 : 0;
  const radius = line.radius.toFixed(4);
  return `M${at(onArc(line, line.from))}A${radius} ${radius} 0 ${large} 0 ${at(onArc(line, line.to))}`;
}
