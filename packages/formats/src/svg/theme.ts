import { type Pen, type Voice } from '@gyrus/core';

/** How a pen draws. Drawing units */
export interface Stroke {
  stroke: string;
  width: number;
  fill: string;
  dash?: number[];
  /** Stroke of the hatching, where a polygon is hatched. */
  hatch?: string;
}

interface Face {
  family: 'label' | 'figure';
  weight: 500 | 600;
  colour: string;
}

/** How pens and voices look. */
export interface Theme {
  pens: Record<Pen, Stroke>;
  voices: Record<Voice, Face>;
}

const ink = '#1a1d24';
const quiet = '#565a63';
const blue = '#262d86';
const lit = '#4049b4';
const scribe = '#eef3ff';

/** On screen: steel in marking-out blue, scribed in bright lines. */
export const screenTheme: Theme = {
  pens: {
    steel: { stroke: '#171c5c', width: 1, fill: blue },
    'steel-edge': { stroke: '#0d1036', width: 1, fill: '#0d1036' },
    label: { stroke: ink, width: 1, fill: '#ffffff' },
    picked: { stroke: '#7a5200', width: 1, fill: '#ffc83d' },
    axis: { stroke: scribe, width: 1.2, fill: 'none', dash: [14, 4, 3, 4] },
    seam: { stroke: '#aab2ee', width: 1, fill: 'none', dash: [2, 6] },
    'arc-zone': { stroke: scribe, width: 1, fill: lit },
    clamp: { stroke: ink, width: 1.6, fill: 'rgba(245,244,239,0.16)', hatch: scribe },
    tangent: { stroke: scribe, width: 2, fill: 'none' },
    mark: { stroke: ink, width: 2.4, fill: ink },
    scribed: { stroke: '#ffc83d', width: 4, fill: 'none' },
    arrow: { stroke: '#ffffff', width: 3, fill: '#ffffff' },
    centre: { stroke: ink, width: 1.1, fill: 'none', dash: [14, 4, 3, 4] },
    body: { stroke: '#3a3e47', width: 1.6, fill: '#eeede6' },
    person: { stroke: ink, width: 1.6, fill: '#fbfaf6' },
    seat: { stroke: '#8d9099', width: 1.2, fill: '#d8d6c9' },
    ghost: { stroke: '#7c83c4', width: 1, fill: 'rgba(64,73,180,0.42)' },
    'keep-out': { stroke: '#8d3b2f', width: 1, fill: 'rgba(141,59,47,0.06)', hatch: 'rgba(141,59,47,0.35)' },
    window: { stroke: '#1f6a4a', width: 1, fill: 'rgba(31,106,74,0.14)' },
    dimension: { stroke: quiet, width: 1.2, fill: quiet },
    coming: { stroke: quiet, width: 1.4, fill: 'none', dash: [8, 6] },
    leader: { stroke: '#8d9099', width: 1, fill: 'none' },
  },
  voices: {
    figure: { family: 'figure', weight: 600, colour: ink },
    bend: { family: 'label', weight: 600, colour: ink },
    label: { family: 'label', weight: 500, colour: ink },
    quiet: { family: 'label', weight: 500, colour: quiet },
  },
};

/** On paper: inverted, black lines on white. */
export const paperTheme: Theme = {
  pens: {
    steel: { stroke: '#000', width: 1.6, fill: '#fff' },
    'steel-edge': { stroke: '#000', width: 1, fill: '#000' },
    label: { stroke: '#000', width: 0.8, fill: '#fff' },
    picked: { stroke: '#000', width: 1.6, fill: '#ddd' },
    axis: { stroke: '#000', width: 0.9, fill: 'none', dash: [14, 4, 3, 4] },
    seam: { stroke: '#555', width: 0.9, fill: 'none', dash: [2, 6] },
    'arc-zone': { stroke: '#000', width: 1, fill: '#e9e9e9', dash: [5, 3] },
    clamp: { stroke: '#000', width: 1.5, fill: 'none', hatch: '#000' },
    tangent: { stroke: '#000', width: 2, fill: 'none' },
    mark: { stroke: '#000', width: 2.4, fill: '#000' },
    scribed: { stroke: '#000', width: 2.4, fill: 'none' },
    arrow: { stroke: '#000', width: 2.6, fill: '#000' },
    centre: { stroke: '#000', width: 0.9, fill: 'none', dash: [14, 4, 3, 4] },
    body: { stroke: '#777', width: 1, fill: 'none' },
    person: { stroke: '#000', width: 1.2, fill: '#fff' },
    seat: { stroke: '#777', width: 1, fill: '#e4e4e4' },
    ghost: { stroke: '#777', width: 0.8, fill: '#ccc' },
    'keep-out': { stroke: '#555', width: 0.8, fill: 'none', hatch: '#999' },
    window: { stroke: '#555', width: 0.9, fill: 'none' },
    dimension: { stroke: '#333', width: 0.9, fill: '#333' },
    coming: { stroke: '#555', width: 0.9, fill: 'none', dash: [8, 6] },
    leader: { stroke: '#777', width: 0.7, fill: 'none' },
  },
  voices: {
    figure: { family: 'figure', weight: 600, colour: '#000' },
    bend: { family: 'label', weight: 600, colour: '#000' },
    label: { family: 'label', weight: 500, colour: '#000' },
    quiet: { family: 'label', weight: 500, colour: '#333' },
  },
};
