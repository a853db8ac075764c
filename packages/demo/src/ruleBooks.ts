import { expectValue, readRuleBook, type RuleBook } from '@gyrus/core';
import { angle, inch, millimetre, pounds } from './write.ts';

const HOOP = ['main-hoop'] as const;
const ask = (id: string, clause: string, question: string) => ({
  id,
  clause,
  text: question,
  roles: [...HOOP],
  classes: [],
  check: { kind: 'ask' as const, question },
});

/**
 * The published international figures as handbook §9 has them from memory (FIA Appendix J Art. 253-8). It ships with the
 * program, demo or not.
 */
export const internationalBook: RuleBook = expectValue(
  readRuleBook({
    format: 'gyrus-rule-book',
    version: 1,
    id: 'international-cage',
    title: 'International safety cage figures',
    body: 'international',
    edition: 'as remembered, no edition',
    provenance: 'from-memory',
    source: 'FIA Appendix J Art. 253-8',
    note: 'Written down from memory. Check every figure against the current edition before you cut tube.',
    classes: [],
    tubeSchedule: [
      {
        clause: '253-8.3.3',
        roles: [...HOOP],
        over: null,
        upTo: null,
        options: [
          { od: millimetre('45 mm'), wall: millimetre('2.5 mm'), kinds: ['cold-drawn-seamless'] },
          { od: millimetre('50 mm'), wall: millimetre('2.0 mm'), kinds: ['cold-drawn-seamless'] },
        ],
      },
    ],
    rules: [
      {
        id: 'bend-radius',
        clause: '253-8.3.3',
        text: 'A bend has a centreline radius of three tube diameters or more.',
        roles: [...HOOP],
        classes: [],
        check: { kind: 'least-clr-ratio', ratio: 3 },
      },
      {
        id: 'one-tube',
        clause: '253-8.2',
        text: 'The main hoop is one continuous tube.',
        roles: [...HOOP],
        classes: [],
        check: { kind: 'continuous-tube' },
      },
      {
        id: 'tilt',
        clause: '253-8.3',
        text: 'The main hoop stands within ten degrees of vertical.',
        roles: [...HOOP],
        classes: [],
        check: { kind: 'tilt-from-vertical', most: angle('10') },
      },
      ask('ovality', '253-8.3.3', 'Smaller over larger diameter in every bend measured, 0.9 or more?'),
      ask(
        'certificate',
        '253-8.3.3',
        'Tensile strength of 350 N/mm² or more on the certificate of this tube?',
      ),
      ask(
        'foot-plates',
        '253-8.3.2.6',
        'A plate of 3 mm or more, 120 cm² and three M8 8.8 bolts at each foot?',
      ),
      ask('weld', '253-8.3.3', 'Every joint welded around its whole perimeter?'),
    ],
  }),
);

/** Invented for the demo: a book of the school that goes by car weight, in inch sizes. */
const weightBook: RuleBook = expectValue(
  readRuleBook({
    format: 'gyrus-rule-book',
    version: 1,
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
        roles: [...HOOP],
        over: null,
        upTo: pounds(1700),
        options: [
          {
            od: inch('1 1/2 in'),
            wall: inch('0.095 in'),
            kinds: ['drawn-over-mandrel', 'cold-drawn-seamless', 'alloy'],
          },
        ],
      },
      {
        clause: 'C 4.1',
        roles: [...HOOP],
        over: pounds(1700),
        upTo: pounds(2700),
        options: [
          {
            od: inch('1 3/4 in'),
            wall: inch('0.095 in'),
            kinds: ['drawn-over-mandrel', 'cold-drawn-seamless'],
          },
          { od: inch('1 5/8 in'), wall: inch('0.095 in'), kinds: ['alloy'] },
          {
            od: inch('1 1/2 in'),
            wall: inch('0.120 in'),
            kinds: ['drawn-over-mandrel', 'cold-drawn-seamless'],
          },
        ],
      },
      {
        clause: 'C 4.1',
        roles: [...HOOP],
        over: pounds(2700),
        upTo: null,
        options: [
          { od: inch('2 in'), wall: inch('0.095 in'), kinds: ['drawn-over-mandrel', 'cold-drawn-seamless'] },
          {
            od: inch('1 3/4 in'),
            wall: inch('0.120 in'),
            kinds: ['drawn-over-mandrel', 'cold-drawn-seamless'],
          },
        ],
      },
    ],
    rules: [
      {
        id: 'bend-radius',
        clause: 'C 4.3',
        text: 'No bend is tighter than three tube diameters on its centreline.',
        roles: [...HOOP],
        classes: [],
        check: { kind: 'least-clr-ratio', ratio: 3 },
      },
      {
        id: 'backstays-straight',
        clause: 'C 5.6',
        text: 'Backstays are straight.',
        roles: ['backstay'],
        classes: [],
        check: { kind: 'bends', most: 0, largestAngle: null },
      },
      {
        id: 'bends',
        clause: 'C 5.2',
        text: 'The main hoop has four bends at most, none over 95 degrees.',
        roles: [...HOOP],
        classes: [],
        check: { kind: 'bends', most: 4, largestAngle: angle('95') },
      },
      {
        id: 'one-tube',
        clause: 'C 5.1',
        text: 'The main hoop is one length of tube from floor to floor.',
        roles: [...HOOP],
        classes: [],
        check: { kind: 'continuous-tube' },
      },
      {
        id: 'tilt-ice',
        clause: 'C 5.4',
        text: 'On ice the main hoop leans no more than twelve degrees.',
        roles: [...HOOP],
        classes: ['ice'],
        check: { kind: 'tilt-from-vertical', most: angle('12') },
      },
      ask('inspection-hole', 'C 4.5', 'Inspection hole of 3/16 in drilled where the inspector can see it?'),
      ask('padding', 'C 7.1', 'Padding wherever a helmet or a limb can reach the hoop?'),
    ],
  }),
);

export const demoBooks: RuleBook[] = [weightBook, internationalBook];
