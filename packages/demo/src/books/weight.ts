import { expectValue, readRuleBook, type RuleBook } from '@gyrus/core';
import { angle, inch, pounds } from '../write.ts';
import { ALL, ask, FRONT, NO_ANGLE, NO_HELMET, NO_PLATE, OTHERS, rule, size } from './rules.ts';

const COMMON = ['drawn-over-mandrel', 'cold-drawn-seamless'];

/** Invented for the demo: a book of the school that goes by car weight, in inch sizes. */
export const weightBook: RuleBook = expectValue(
  readRuleBook({
    format: 'gyrus-rule-book',
    version: 2,
    id: 'frozen-lake-series',
    title: 'Frozen-lake and hill-climb series: cages',
    body: 'the demo series',
    edition: '2026',
    provenance: 'invented',
    source: 'Invented for the demo.',
    note: 'No such series exists. It shows how a book that goes by car weight is written.',
    classes: [
      { id: 'ice', title: 'Ice' },
      { id: 'hill', title: 'Hill climb' },
    ],
    tubeSchedule: [
      {
        clause: 'C 4.1',
        roles: ALL,
        over: null,
        upTo: pounds(1700),
        options: [size('1 1/2 in', '0.095 in', [...COMMON, 'alloy'])],
      },
      {
        clause: 'C 4.1',
        roles: ['main-hoop'],
        over: pounds(1700),
        upTo: pounds(2700),
        options: [
          size('1 3/4 in', '0.095 in', COMMON),
          size('1 5/8 in', '0.095 in', ['alloy']),
          size('1 1/2 in', '0.120 in', COMMON),
        ],
      },
      {
        clause: 'C 4.2',
        roles: OTHERS,
        over: pounds(1700),
        upTo: null,
        options: [size('1 1/2 in', '0.095 in', COMMON), size('1 1/2 in', '0.083 in', ['alloy'])],
      },
      {
        clause: 'C 4.1',
        roles: ['main-hoop'],
        over: pounds(2700),
        upTo: null,
        options: [size('2 in', '0.095 in', COMMON), size('1 3/4 in', '0.120 in', COMMON)],
      },
    ],
    rules: [
      rule('bend-radius', 'C 4.3', ALL, 'No bend is tighter than three tube diameters on its centreline.', {
        kind: 'least-clr-ratio',
        ratio: 3,
      }),
      rule('bends', 'C 5.2', ['main-hoop'], 'The main hoop has four bends at most, none over 95 degrees.', {
        kind: 'bends',
        most: 4,
        largestAngle: angle('95'),
      }),
      rule('one-tube', 'C 5.1', ['main-hoop'], 'The main hoop is one length of tube from floor to floor.', {
        kind: 'continuous-tube',
      }),
      {
        ...rule(
          'tilt-ice',
          'C 5.4',
          ['main-hoop'],
          'On ice the main hoop leans no more than twelve degrees.',
          {
            kind: 'tilt-from-vertical',
            most: angle('12'),
          },
        ),
        classes: ['ice'],
      },
      rule('backstays-straight', 'C 5.6', ['backstay'], 'Backstays are straight.', {
        kind: 'bends',
        most: 0,
        largestAngle: null,
      }),
      rule('backstay-angle', 'C 5.6', ['backstay'], 'Backstays stand 25 to 65 degrees off horizontal.', {
        ...NO_ANGLE,
        kind: 'angle',
        from: 'horizontal',
        least: angle('25'),
        most: angle('65'),
      }),
      rule('backstay-top', 'C 5.6', ['backstay'], 'Backstays meet the hoop within six inches of its bend.', {
        kind: 'end-distance',
        end: 'upper',
        from: 'bend',
        of: null,
        edge: 'tangent',
        most: inch('6 in'),
      }),
      rule('plates', 'C 6.1', ['main-hoop', ...FRONT, 'backstay'], 'Feet stand on plates.', {
        ...NO_PLATE,
        area: 60,
        thickness: inch('0.118 in'),
        narrowest: inch('2 in'),
      }),
      rule('feet', 'C 6.2', ['main-hoop'], 'The load of the hoop reaches a frame or a sill.', {
        kind: 'feet-on',
        allowed: ['frame', 'sill'],
      }),
      {
        ...rule('helmets', 'C 7.2', ['main-hoop'], 'In open cars helmets stay under the hoops.', {
          ...NO_HELMET,
          belowLine: inch('0 in'),
          belowTop: inch('2 in'),
          within: inch('6 in'),
        }),
        when: { roof: 'open', over: null, upTo: null, builtFrom: null, builtTo: null },
      },
      rule('door-bars', 'C 5.9', ['door-bar'], 'Two door bars at least on each side.', {
        kind: 'count',
        least: 2,
        per: 'side-with-any',
      }),
      rule('straps', 'C 8.1', ['harness-bar'], 'Shoulder straps run from level to 20 degrees down.', {
        kind: 'harness-window',
        least: angle('0'),
        most: angle('20'),
      }),
      rule(
        'spread',
        'C 8.2',
        ['harness-bar'],
        'Straps spread or close by 15 degrees at most behind the seat.',
        {
          kind: 'strap-spread',
          most: angle('15'),
        },
      ),
      rule('lap', 'C 8.3', ['main-hoop'], 'Lap belts run 45 to 70 degrees down to their anchors.', {
        kind: 'lap-window',
        least: angle('45'),
        most: angle('70'),
      }),
      rule('splices', 'C 4.6', ALL, 'A splice has a sleeve of three inches and four rosettes.', {
        kind: 'splice',
        sleeve: inch('3 in'),
        rosettes: 4,
      }),
      rule('gussets', 'C 4.7', ALL, 'Gussets have legs of two inches and sheet of a sixteenth.', {
        kind: 'gusset',
        leg: inch('2 in'),
        thickness: inch('1/16 in'),
      }),
      rule('padding', 'C 7.1', ['main-hoop', ...FRONT], 'Padding where a helmet comes within ten inches.', {
        kind: 'padding',
        within: inch('10 in'),
      }),
      rule('weld', 'C 4.4', ALL, 'Welded all round; gussets replace a quarter of a hidden seam.', {
        kind: 'weld-all-round',
        gussetShare: 0.25,
      }),
      ask(
        'inspection-hole',
        'C 4.5',
        ['main-hoop'],
        'Inspection hole of 3/16 in drilled where the inspector can see it?',
      ),
    ],
  }),
);
