import { COUNTED_IN, LANDINGS, millimetres } from '@gyrus/core';
import { count, countedIn, inBay, inHoop, ROLES, share, size, some } from '../checkBlank.ts';
import { type CheckForms } from './checkForms.ts';

/** What is welded, added, counted, padded; and what only a person can answer. */
export const WORK_FORMS: CheckForms<
  'weld-all-round' | 'gusset' | 'splice' | 'feet-on' | 'count' | 'padding' | 'ask'
> = {
  'weld-all-round': {
    name: 'weld all round',
    fresh: { kind: 'weld-all-round', gussetShare: 0 },
    sentence: [
      'It is welded all round; gussets may replace',
      share('gussetShare', 'share of a seam'),
      '% of a seam that the torch cannot reach.',
    ],
  },
  gusset: {
    name: 'sheet gussets',
    fresh: { kind: 'gusset', least: null, leg: millimetres(50), thickness: null, asWall: false },
    sentence: [
      'It has at least',
      some('least', 'least gussets', true),
      'sheet gussets in its corners, with legs of at least',
      size('leg', 'least leg', true),
      'and sheet of at least',
      size('thickness', 'least thickness', true),
      ',',
      {
        type: 'tick',
        at: 'asWall',
        label: "as thick as the tube's wall",
        optional: true,
        text: "as thick as the tube's wall",
      },
      '.',
    ],
  },
  splice: {
    name: 'splices',
    fresh: { kind: 'splice', sleeve: millimetres(75), rosettes: null },
    sentence: [
      'Its splices have a sleeve of at least',
      size('sleeve', 'least sleeve', true),
      'and at least',
      count('rosettes', 'least rosettes', true),
      'rosettes.',
    ],
  },
  'feet-on': {
    name: 'what feet stand on',
    fresh: { kind: 'feet-on', allowed: ['frame', 'sill'] },
    sentence: [
      'Its feet stand on',
      {
        type: 'several',
        at: 'allowed',
        label: 'feet may stand on',
        options: LANDINGS.map((value) => ({ value, text: value.replace('-', ' ') })),
      },
      '.',
    ],
  },
  count: {
    name: 'number of tubes',
    fresh: { kind: 'count', least: 2, per: 'side', of: null, and: null },
    sentence: [
      'There are at least',
      some('least', 'least tubes'),
      'of it',
      { type: 'choice', at: 'per', label: 'where they are counted', options: countedIn(...COUNTED_IN) },
      {
        type: 'choice',
        at: 'of',
        label: 'of which member',
        options: ROLES,
        optional: true,
        none: 'say of which',
        when: inHoop,
      },
      {
        type: 'choice',
        at: 'and',
        label: 'and which member',
        options: ROLES,
        optional: true,
        none: 'say and which',
        when: inBay,
      },
      '.',
    ],
  },
  padding: {
    name: 'padding near helmets',
    fresh: { kind: 'padding', within: millimetres(250) },
    sentence: ['It is padded where a helmet comes nearer than', size('within', 'distance'), '.'],
  },
  ask: {
    name: 'a question for a person',
    fresh: { kind: 'ask', question: '' },
    sentence: [
      'Somebody answers at Inspect:',
      {
        type: 'text',
        at: 'question',
        label: 'question',
        example: 'Inspection hole drilled where the inspector can see it?',
      },
    ],
  },
};
