import { inDegrees, millimetres } from '@gyrus/core';
import { angle, size, strap } from '../checkBlank.ts';
import { type CheckForms } from './checkForms.ts';

/** What is near people: helmets and belts. */
export const PEOPLE_FORMS: CheckForms<'helmet' | 'harness-window' | 'lap-window' | 'strap-spread'> = {
  helmet: {
    name: 'room for helmets',
    fresh: { kind: 'helmet', belowLine: null, belowTop: millimetres(50), within: null, gap: null },
    sentence: [
      'Every helmet is',
      { type: 'length', at: 'belowLine', label: 'below the line', optional: true },
      "below the line from its top to the front hoop's top,",
      { type: 'length', at: 'belowTop', label: 'below its top', optional: true },
      'below its top, within',
      size('within', 'largest distance', true),
      'in front of it, and at least',
      size('gap', 'least gap all round', true),
      'clear of it all round.',
    ],
  },
  'harness-window': {
    name: 'angle of shoulder straps',
    fresh: { kind: 'harness-window', least: inDegrees(0), most: inDegrees(20) },
    sentence: [
      'Shoulder straps run to it from',
      strap('least', 'least angle'),
      'to',
      strap('most', 'largest angle'),
      'degrees down toward the rear.',
    ],
  },
  'lap-window': {
    name: 'angle of lap belts',
    fresh: { kind: 'lap-window', least: inDegrees(45), most: inDegrees(80) },
    sentence: [
      'Lap belts run to their anchors from',
      { type: 'angle', at: 'least', label: 'least angle', least: 0, most: 180 },
      'to',
      { type: 'angle', at: 'most', label: 'largest angle', least: 0, most: 180 },
      'degrees down toward the rear.',
    ],
  },
  'strap-spread': {
    name: 'straps from above',
    fresh: { kind: 'strap-spread', most: inDegrees(20) },
    sentence: [
      'Seen from above, shoulder straps run to it within',
      angle('most', 'largest angle'),
      'degrees of straight back.',
    ],
  },
};
