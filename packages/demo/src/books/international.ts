import { expectValue, readRuleBook, type RuleBook } from '@gyrus/core';
import { angle, millimetre } from '../write.ts';
import { ALL, ask, FRONT, NO_ANGLE, NO_PLATE, OTHERS, rule } from './rules.ts';

const SEAMLESS = ['cold-drawn-seamless'];

/**
 * The published international figures as handbook §9 has them from memory (FIA Appendix J Art. 253-8). It ships with the
 * program, demo or not.
 */
export const internationalBook: RuleBook = expectValue(
  readRuleBook({
    format: 'gyrus-rule-book',
    version: 2,
    id: 'international-cage',
    title: 'International safety cage figures',
    body: 'international',
    edition: 'as remembered, second writing',
    provenance: 'from-memory',
    source: 'FIA Appendix J Art. 253-8',
    note: 'Written down from memory. Check every figure against the current edition before you cut tube.',
    classes: [],
    tubeSchedule: [
      {
        clause: '253-8.3.3',
        roles: ['main-hoop'],
        over: null,
        upTo: null,
        options: [
          { od: millimetre('45 mm'), wall: millimetre('2.5 mm'), kinds: SEAMLESS },
          { od: millimetre('50 mm'), wall: millimetre('2.0 mm'), kinds: SEAMLESS },
        ],
      },
      {
        clause: '253-8.3.3',
        roles: OTHERS,
        over: null,
        upTo: null,
        options: [
          { od: millimetre('38 mm'), wall: millimetre('2.5 mm'), kinds: SEAMLESS },
          { od: millimetre('40 mm'), wall: millimetre('2.0 mm'), kinds: SEAMLESS },
        ],
      },
    ],
    rules: [
      rule(
        'bend-radius',
        '253-8.3.3',
        ALL,
        'A bend has a centreline radius of three tube diameters or more.',
        { kind: 'least-clr-ratio', ratio: 3 },
      ),
      rule('one-tube', '253-8.2', ['main-hoop'], 'The main hoop is one continuous tube.', {
        kind: 'continuous-tube',
      }),
      rule('tilt', '253-8.3', ['main-hoop'], 'The main hoop stands within ten degrees of vertical.', {
        kind: 'tilt-from-vertical',
        most: angle('10'),
      }),
      rule('backstays-straight', '253-8.3', ['backstay'], 'Backstays are straight.', {
        kind: 'straight',
        view: 'any',
      }),
      rule('backstays-lean', '253-8.3', ['backstay'], 'Backstays make 30 degrees or more with vertical.', {
        ...NO_ANGLE,
        kind: 'angle',
        from: 'vertical',
        least: angle('30'),
      }),
      rule('diagonal-top', '253-8.3', ['diagonal'], 'The diagonal meets the hoop near a backstay.', {
        kind: 'end-distance',
        end: 'upper',
        from: 'joint',
        of: 'backstay',
        edge: 'middle',
        most: millimetre('100 mm'),
      }),
      rule('diagonal-foot', '253-8.3', ['diagonal'], 'The diagonal ends near a foot of the hoop.', {
        kind: 'end-distance',
        end: 'lower',
        from: 'foot',
        of: 'main-hoop',
        edge: 'middle',
        most: millimetre('100 mm'),
      }),
      rule('roof-ends', '253-8.3', ['roof-diagonal'], 'A roof member ends near a joint of the front hoop.', {
        kind: 'end-distance',
        end: 'lower',
        from: 'joint',
        of: 'windscreen-bar',
        edge: 'middle',
        most: millimetre('100 mm'),
      }),
      rule('foot-plates', '253-8.3.2.6', ['main-hoop', ...FRONT], 'Each foot stands on a bolted plate.', {
        ...NO_PLATE,
        area: 120,
        thickness: millimetre('3 mm'),
        bolts: 3,
        boltSize: millimetre('8 mm'),
      }),
      rule('backstay-plates', '253-8.3.2.6', ['backstay'], 'Each backstay stands on a plate.', {
        ...NO_PLATE,
        area: 60,
        thickness: millimetre('3 mm'),
        bolts: 2,
        boltSize: millimetre('8 mm'),
      }),
      rule(
        'door-height',
        '253-8.3',
        ['door-bar'],
        'The upper joint is no higher than half the door opening.',
        {
          kind: 'opening-height',
          share: 0.5,
        },
      ),
      rule('pillar-brace', '253-8.3', ['pillar-brace'], 'A pillar reinforcement bends 20 degrees at most.', {
        kind: 'bends',
        most: null,
        largestAngle: angle('20'),
      }),
      rule('gusset', '253-8.3', ALL, 'Sheet of a gusset is one millimetre or more.', {
        kind: 'gusset',
        leg: null,
        thickness: millimetre('1 mm'),
      }),
      rule(
        'straps',
        '253-6',
        ['harness-bar'],
        'Shoulder straps run 45 degrees down at most; 10 is advised.',
        {
          kind: 'harness-window',
          least: angle('-10'),
          most: angle('45'),
        },
      ),
      rule('spread', '253-6', ['harness-bar'], 'Shoulder straps run within 20 degrees of straight back.', {
        kind: 'strap-spread',
        most: angle('20'),
      }),
      rule('weld', '253-8.3.3', ALL, 'Every joint is welded around its whole perimeter.', {
        kind: 'weld-all-round',
        gussetShare: 0,
      }),
      ask(
        'ovality',
        '253-8.3.3',
        ['main-hoop'],
        'Smaller over larger diameter in every bend measured, 0.9 or more?',
      ),
      ask(
        'certificate',
        '253-8.3.3',
        ['main-hoop'],
        'Tensile strength of 350 N/mm² or more on the certificate of this tube?',
      ),
    ],
  }),
);
