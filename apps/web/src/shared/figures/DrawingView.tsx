import { type Drawing } from '@gyrus/core';
import { screenTheme, type SvgNode, svgTree } from '@gyrus/formats';
import { createElement, type ReactNode, useMemo } from 'react';
import { useWidth } from './useWidth.ts';

const REACT_NAMES: Record<string, string> = {
  'stroke-width': 'strokeWidth',
  'stroke-dasharray': 'strokeDasharray',
  'stroke-linejoin': 'strokeLinejoin',
  'font-size': 'fontSize',
  'font-family': 'fontFamily',
  'font-weight': 'fontWeight',
  'text-anchor': 'textAnchor',
};

/** A neutral drawing on screen, in the look of marking-out blue. */
export function DrawingView({ drawing }: { drawing: Drawing }) {
  const tree = useMemo(() => svgTree(drawing, screenTheme), [drawing]);
  return elementOf({ ...tree, attributes: { ...tree.attributes, class: 'block w-full' } }, 0);
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

interface FittedDrawingProps {
  /** Draws for a width in px, so that its letters keep their size on a small screen. */
  draw: (width: number) => Drawing | null;
  className?: string;
}

/** A drawing made anew for the width it has. */
export function FittedDrawing({ draw, className }: FittedDrawingProps) {
  const [frame, width] = useWidth();
  const drawing = useMemo(() => (width > 0 ? draw(width) : null), [draw, width]);
  return (
    <div ref={frame} className={className}>
      {drawing && <DrawingView drawing={drawing} />}
    </div>
  );
}
