import { expectValue, readRuleBook, type RuleBook } from '@gyrus/core';
import { angle, millimetre } from '../write.ts';
import { ALL, ask, NO_ANGLE, NO_PLATE, rule } from './rules.ts';

/** Invented for the demo: a book of the school that has one metric size for all. */
export const metricBook: RuleBook = expectValue(
  readRuleBook({
    format: 'gyrus-rule-book',
    version: 2,
    id: 'gravel-cup',
    title: 'Gravel cup: cages of one size',
    body: 'the demo cup',
    edition: '2025',
    provenance: 'invented',
    source: 'Invented for the demo.',
    note: 'No such cup exists. It shows a book with flat metric sizes, whatever the car weighs.',
    classes: [],
    tubeSchedule: [
      {
        clause: '3.1',
        roles: ALL,
        over: null,
        upTo: null,
        options: [
          {
            od: millimetre('40 mm'),
            wall: millimetre('2 mm'),
            kinds: ['cold-drawn-seamless', 'drawn-over-mandrel', 'alloy'],
          },
        ],
      },
    ],
    rules: [
      rule('bend-radius', '3.2', ALL, 'Bends of three diameters or more.', {
        kind: 'least-clr-ratio',
        ratio: 3,
      }),
      rule('hoop-flat', '4.1', ['main-hoop'], 'The hoop is straight as seen from the side.', {
        kind: 'straight',
        view: 'side',
      }),
      rule('tilt', '4.1', ['main-hoop'], 'The hoop leans 15 degrees at most.', {
        kind: 'tilt-from-vertical',
        most: angle('15'),
      }),
      rule('backstay', '4.2', ['backstay'], 'Backstays make 30 to 60 degrees with vertical.', {
        ...NO_ANGLE,
        kind: 'angle',
        from: 'vertical',
        least: angle('30'),
        most: angle('60'),
      }),
      rule('diagonal', '4.3', ['diagonal'], 'The diagonal ends within 150 mm of a foot of the hoop.', {
        kind: 'end-distance',
        end: 'lower',
        from: 'foot',
        of: 'main-hoop',
        edge: 'middle',
        most: millimetre('150 mm'),
      }),
      rule('plates', '5.1', ['main-hoop'], 'Plates of 100 cm², 4 mm thick, 80 mm wide.', {
        ...NO_PLATE,
        area: 100,
        thickness: millimetre('4 mm'),
        narrowest: millimetre('80 mm'),
      }),
      rule('straps', '6.1', ['harness-bar'], 'Straps run 10 to 30 degrees down.', {
        kind: 'harness-window',
        least: angle('10'),
        most: angle('30'),
      }),
      {
        ...ask('old-cars', '2.4', ['main-hoop'], 'Log book of the cage shown, as the car is of before 1990?'),
        when: { roof: null, over: null, upTo: null, builtFrom: null, builtTo: 1989 },
      },
      ask('paint', '3.5', ['main-hoop'], 'Welds bare or thinly painted, not dressed?'),
    ],
  }),
);
