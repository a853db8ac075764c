import { expectValue, readRuleBook, type RuleBook } from '@gyrus/core';
import { angle, inch } from '../write.ts';
import { ALL, ask, FRONT, NO_HELMET, rule, size } from './rules.ts';

/** Invented for the demo: drag-strip style, with sizes and joints of its own and one continuous door bar. */
export const stripBook: RuleBook = expectValue(
  readRuleBook({
    format: 'gyrus-rule-book',
    version: 2,
    id: 'quarter-strip',
    title: 'Quarter-mile strip: six-point cages',
    body: 'the demo strip',
    edition: '4',
    provenance: 'invented',
    source: 'Invented for the demo.',
    note: 'No such strip exists. It shows a book with one continuous door bar and joints at the seat.',
    classes: [
      { id: 'mild', title: 'Mild steel' },
      { id: 'alloy', title: 'Alloy' },
    ],
    tubeSchedule: [
      {
        clause: 'S 1',
        roles: ALL,
        over: null,
        upTo: null,
        options: [
          size('1 3/4 in', '0.118 in', ['welded', 'drawn-over-mandrel', 'cold-drawn-seamless']),
          size('1 5/8 in', '0.083 in', ['alloy']),
        ],
      },
    ],
    rules: [
      rule('door-bar', 'S 4', ['door-bar'], 'One continuous door bar from hoop to front leg on each side.', {
        kind: 'continuous-tube',
        least: 1,
      }),
      rule('one-diagonal', 'S 3', ['diagonal'], 'A diagonal is one length of tube.', {
        kind: 'continuous-tube',
      }),
      rule('door-count', 'S 4', ['door-bar'], 'A door bar on each side.', {
        kind: 'count',
        least: 1,
        per: 'side-with-any',
      }),
      rule('bends', 'S 2', ['main-hoop'], 'The hoop has four bends at most.', {
        kind: 'bends',
        most: 4,
        largestAngle: null,
      }),
      rule('backstay', 'S 3', ['backstay'], 'Backstays meet the hoop within five inches of its top bend.', {
        kind: 'end-distance',
        end: 'upper',
        from: 'bend',
        of: null,
        edge: 'middle',
        most: inch('5 in'),
      }),
      rule('front-straight', 'S 5', FRONT, 'Front legs are straight as seen from the front.', {
        kind: 'straight',
        view: 'front',
      }),
      rule(
        'helmet',
        'S 6',
        ['main-hoop'],
        'The hoop stands three inches above the helmet and within six of it.',
        {
          ...NO_HELMET,
          belowTop: inch('3 in'),
          within: inch('6 in'),
        },
      ),
      rule(
        'straps',
        'S 7',
        ['harness-bar'],
        'Straps are level at most and descend otherwise, to 30 degrees.',
        {
          kind: 'harness-window',
          least: angle('0'),
          most: angle('30'),
        },
      ),
      rule('lap', 'S 7', ['main-hoop'], 'Lap belts run 50 to 80 degrees down to their anchors.', {
        kind: 'lap-window',
        least: angle('50'),
        most: angle('80'),
      }),
      rule('weld', 'S 8', ALL, 'Welded all round; gussets replace a quarter of a hidden seam.', {
        kind: 'weld-all-round',
        gussetShare: 0.25,
      }),
      ask('filler', 'S 9', ['main-hoop'], 'Filler and process right for the tube, by the welder’s own word?'),
    ],
  }),
);
