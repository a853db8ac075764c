import { type Drawing } from '@gyrus/core';
import { screenTheme, type SvgNode, svgTree } from '@gyrus/formats';
import { createElement, type ReactNode, useMemo } from 'react';

const REACT_NAMES: Record<string, string> = {
  'stroke-width': 'strokeWidth',
  'stroke-dasharray': 'strokeDasharray',
  'font-size': 'fontSize',
  'font-family': 'fontFamily',
  'font-weight': 'fontWeight',
  'text-anchor': 'textAnchor',
};

/** A neutral drawing on screen, in the look of marking-out blue. */
export function DrawingView({ drawing, className }: { drawing: Drawing; className?: string }) {
  const tree = useMemo(() => svgTree(drawing, screenTheme), [drawing]);
  return elementOf({ ...tree, attributes: { ...tree.attributes, class: className ?? '' } }, 0);
}

function elementOf(node: SvgNode | string, key: number): ReactNode {
  if (typeof node === 'string') return node;
  const { class: className, style, ...attributes } = node.attributes;
  const props: Record<string, unknown> = { key };
  for (const [name, value] of Object.entries(attributes)) props[REACT_NAMES[name] ?? name] = value;
  if (className) props.className = className;
  if (style) props.className = 'fraction';
  return createElement(node.tag, props, ...node.children.map(elementOf));
}
