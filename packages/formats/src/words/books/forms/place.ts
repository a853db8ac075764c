import { millimetres } from '@gyrus/core';
import { choices, count, fromBend, fromTube, reading, ROLES, share, size } from '../checkBlank.ts';
import { type CheckForms } from './checkForms.ts';

/** Where ends and feet stand. */
export const PLACE_FORMS: CheckForms<'end-distance' | 'plate' | 'opening-height'> = {
  'end-distance': {
    name: 'distance of an end',
    fresh: {
      kind: 'end-distance',
      end: 'upper',
      from: 'joint',
      of: 'backstay',
      edge: 'middle',
      most: millimetres(100),
      reading: null,
    },
    sentence: [
      {
        type: 'choice',
        at: 'end',
        label: 'which end',
        options: choices({ upper: 'Its upper end', lower: 'Its lower end', each: 'Each of its ends' }),
      },
      'lies within',
      size('most', 'largest distance'),
      'of',
      {
        type: 'choice',
        at: 'from',
        label: 'taken from',
        options: choices({
          joint: 'a joint of the',
          foot: 'a foot of the',
          bend: 'a bend of the tube it stands on, taken at',
        }),
      },
      { type: 'choice', at: 'of', label: 'of which member', options: ROLES, when: fromTube },
      {
        type: 'choice',
        at: 'edge',
        label: 'where a bend is taken',
        options: choices({ tangent: 'its tangent', middle: 'the middle of its arc', pi: 'its corner' }),
        when: fromBend,
      },
      ', taken',
      reading('to the far edge'),
      '.',
    ],
  },
  plate: {
    name: 'plate under a foot',
    fresh: {
      kind: 'plate',
      area: 100,
      thickness: millimetres(3),
      narrowest: null,
      bolts: null,
      boltSize: null,
      boltGrade: null,
    },
    sentence: [
      'Each of its feet stands on a plate of at least',
      { type: 'number', at: 'area', label: 'least area in cm²', optional: true, least: 0.1, most: 10_000 },
      'cm²,',
      size('thickness', 'least thickness', true),
      'thick and',
      size('narrowest', 'least width', true),
      'wide; bolted, with at least',
      count('bolts', 'least bolts', true),
      'bolts of',
      size('boltSize', "bolt's least diameter", true),
      'of grade',
      {
        type: 'text',
        at: 'boltGrade',
        label: "bolt's least grade",
        optional: true,
        short: true,
        example: '8.8',
      },
      '.',
    ],
  },
  'opening-height': {
    name: 'height in the door opening',
    fresh: { kind: 'opening-height', share: 0.5, reading: null },
    sentence: [
      'Its front end stands no higher than',
      share('share', 'share of the opening'),
      '% of the door opening, taken',
      reading('to the upper edge'),
      '.',
    ],
  },
};
