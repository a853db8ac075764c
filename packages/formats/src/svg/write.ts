import { type Drawing } from '@gyrus/core';
import { type Theme } from './theme.ts';
import { type SvgNode, svgTree } from './tree.ts';

/** The drawing as the text of an SVG file. */
export const writeSvg = (drawing: Drawing, theme: Theme): string => textOf(svgTree(drawing, theme)) + '\n';

function textOf(node: SvgNode | string): string {
  if (typeof node === 'string') return escape(node);
  const attributes = Object.entries(node.attributes)
    .map(([name, value]) => ` ${name}="${escape(String(value))}"`)
    .join('');
  return `<${node.tag}${attributes}>${node.children.map(textOf).join('')}</${node.tag}>`;
}

const entities: Record<string, string> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };
const escape = (text: string): string => text.replace(/[&<>"]/g, (sign) => entities[sign] ?? sign);
