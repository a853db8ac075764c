import { COUNTED_IN, inDegrees, LANDINGS, millimetres, type RuleCheck } from '@gyrus/core';
import {
  type CheckBlank,
  angle,
  choices,
  count,
  countedIn,
  fromBend,
  fromTube,
  inBay,
  inHoop,
  isCounted,
  reading,
  ROLES,
  share,
  size,
  strap,
} from './checkBlank.ts';

/** How a kind of check is written: a plain sentence with blanks, and the check to start from. */
export interface CheckForm {
  name: string;
  fresh: RuleCheck;
  sentence: readonly (string | CheckBlank)[];
}

/** Every kind of check as a sentence about the members that its rule is about. */
export const checkForms: Record<RuleCheck['kind'], CheckForm> = {
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
      { ...angle('largestAngle', 'largest angle', true), least: 0, most: 360 } as CheckBlank,
      'degrees.',
    ],
  },
  'continuous-tube': {
    name: 'one continuous tube',
    fresh: { kind: 'continuous-tube', least: null, per: 'side' },
    sentence: [
      'At least',
      { ...count('least', 'how many of them', true), least: 1 } as CheckBlank,
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
      { ...count('least', 'least gussets', true), least: 1 } as CheckBlank,
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
      { ...count('least', 'least tubes'), least: 1 } as CheckBlank,
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

/** The blanks of a kind of check, in the order of its sentence. */
export const blanksOf = (kind: RuleCheck['kind']): CheckBlank[] =>
  checkForms[kind].sentence.filter((part): part is CheckBlank => typeof part !== 'string');
