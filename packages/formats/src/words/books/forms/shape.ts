import { inDegrees } from '@gyrus/core';
import { angle, choices, count, countedIn, isCounted, some } from '../checkBlank.ts';
import { type CheckForms } from './checkForms.ts';

/** What a tube is by itself: its bends, its tilt, its straightness. */
export const SHAPE_FORMS: CheckForms<
  'least-clr-ratio' | 'bends' | 'continuous-tube' | 'tilt-from-vertical' | 'straight' | 'angle'
> = {
  'least-clr-ratio': {
    name: 'bend radius',
    fresh: { kind: 'least-clr-ratio', ratio: 3 },
    sentence: [
      'Its bends have a centreline radius of at least',
      { type: 'number', at: 'ratio', label: 'least CLR over OD', least: 0.1, most: 100 },
      'times its outside diameter.',
    ],
  },
  bends: {
    name: 'number and angle of bends',
    fresh: { kind: 'bends', most: 4, largestAngle: null },
    sentence: [
      'It has at most',
      count('most', 'most bends', true),
      'bends, none over',
      { type: 'angle', at: 'largestAngle', label: 'largest angle', optional: true, least: 0, most: 360 },
      'degrees.',
    ],
  },
  'continuous-tube': {
    name: 'one continuous tube',
    fresh: { kind: 'continuous-tube', least: null, per: 'side' },
    sentence: [
      'At least',
      some('least', 'how many of them', true),
      'of them (every one, where nothing is said)',
      {
        type: 'choice',
        at: 'per',
        label: 'where they are counted',
        options: countedIn('side', 'side-with-any', 'cage'),
        when: isCounted,
      },
      'is one continuous tube; what crosses it is cut.',
    ],
  },
  'tilt-from-vertical': {
    name: 'tilt of the hoop',
    fresh: { kind: 'tilt-from-vertical', most: inDegrees(10) },
    sentence: ['It stands within', angle('most', 'largest tilt'), 'degrees of vertical.'],
  },
  straight: {
    name: 'straightness',
    fresh: { kind: 'straight', view: 'any' },
    sentence: [
      'It is straight',
      {
        type: 'choice',
        at: 'view',
        label: 'view',
        options: choices({
          any: 'altogether',
          front: 'seen from the front',
          side: 'seen from the side',
          top: 'seen from above',
        }),
      },
      '.',
    ],
  },
  angle: {
    name: 'angle with vertical or horizontal',
    fresh: { kind: 'angle', from: 'vertical', least: inDegrees(30), most: null },
    sentence: [
      'The line between its ends makes at least',
      angle('least', 'least angle', true),
      'and at most',
      angle('most', 'largest angle', true),
      'degrees with',
      {
        type: 'choice',
        at: 'from',
        label: 'angle with',
        options: choices({ vertical: 'vertical', horizontal: 'horizontal' }),
      },
      '.',
    ],
  },
};
