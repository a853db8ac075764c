import {
  type BenderSetting,
  type Die,
  type DieTest,
  expectValue,
  type Length,
  readShop,
  type Shop,
  type TubeKind,
  SHOP_FORMAT,
  SHOP_VERSION,
} from '@gyrus/core';
import { angle, inch, millimetre } from './write.ts';

/** Invented: no machine of this name exists. Ids are fixed, so that the demo plan can pin the dies. */
const LONG_ARM = '6f1c2a52-0b55-4b8e-9a53-1d2a6f4b0a01';
const RAM = '6f1c2a52-0b55-4b8e-9a53-1d2a6f4b0a02';
/** The die for 1 3/4 in. */
export const DIE_1_3_4 = '6f1c2a52-0b55-4b8e-9a53-1d2a6f4b0b01';
const DIE_2 = '6f1c2a52-0b55-4b8e-9a53-1d2a6f4b0b02';
/** The die for 45 mm. */
export const DIE_45 = '6f1c2a52-0b55-4b8e-9a53-1d2a6f4b0b03';

let serial = 0;
const nextId = (): string => `6f1c2a52-0b55-4b8e-9a53-${String((serial += 1)).padStart(12, '0')}`;

const tests = (
  od: Length,
  wall: Length,
  batch: string,
  pulls: [number, number][],
  kind: TubeKind = 'drawn-over-mandrel',
): DieTest[] =>
  pulls.map(([reading, released]) => ({
    id: nextId(),
    od,
    wall,
    kind,
    batch,
    made: 'test',
    reading: angle(String(reading)),
    released: angle(String(released)),
    sound: true,
    note: '',
  }));

/** The long-arm bender's dial is read to the half of a degree. */
const DIAL_STEP = angle('0.5');

const longArmDies: Die[] = [
  {
    id: DIE_1_3_4,
    machine: 'Long-arm bender',
    name: '1 3/4 in, 6 in radius',
    od: inch('1 3/4'),
    clr: inch('6'),
    reference: 'start',
    offset: inch('4 1/2'),
    clampLength: inch('4 1/2'),
    trailing: inch('3'),
    largestAngle: angle('120'),
    finishedRadius: null,
    dialStep: DIAL_STEP,
    dialZero: null,
    takes: [],
    tests: tests(inch('1 3/4'), inch('0.095'), '7731', [
      [20, 17.5],
      [35, 32],
      [50, 46.5],
      [75, 71],
      [90, 85.5],
    ]),
  },
  {
    id: DIE_2,
    machine: 'Long-arm bender',
    name: '2 in, 6 in radius',
    od: inch('2'),
    clr: inch('6'),
    reference: 'start',
    offset: inch('6'),
    clampLength: inch('6'),
    trailing: inch('3'),
    largestAngle: angle('120'),
    finishedRadius: null,
    dialStep: DIAL_STEP,
    dialZero: null,
    takes: [],
    tests: tests(inch('2'), inch('0.095'), '7702', [
      [35, 30],
      [50, 45],
      [88.5, 84],
    ]),
  },
];

const ramDies: Die[] = [
  {
    id: DIE_45,
    machine: 'Ram bender',
    name: '45 mm, 135 mm radius',
    od: millimetre('45'),
    clr: millimetre('135'),
    reference: 'centre',
    offset: millimetre('0'),
    clampLength: millimetre('90'),
    trailing: millimetre('90'),
    largestAngle: angle('95'),
    finishedRadius: null,
    dialStep: null,
    dialZero: null,
    takes: [],
    tests: tests(
      millimetre('45'),
      millimetre('2.5'),
      'E-118',
      [
        [32, 30],
        [47.5, 45],
        [93.5, 90],
      ],
      'cold-drawn-seamless',
    ),
  },
];

/** On a stand of its own, its bed lying, with a rack of tube along the wall at its left. */
const longArmPlace: BenderSetting = {
  kind: 'draw-hydraulic',
  swing: 'left',
  height: inch('38'),
  walls: { ahead: inch('14 ft'), behind: null, left: inch('10 ft'), right: inch('8 ft') },
  frame: [
    {
      id: nextId(),
      name: 'the tube rack',
      from: [inch('-60'), inch('112'), inch('0')],
      to: [inch('120'), inch('120'), inch('80')],
    },
  ],
  operator: { forward: inch('-30'), left: inch('-40') },
  dialStep: DIAL_STEP,
  dialZero: null,
  roller: null,
};

const ramPlace: BenderSetting = {
  kind: 'ram',
  swing: 'left',
  height: millimetre('900 mm'),
  walls: {
    ahead: millimetre('3500 mm'),
    behind: millimetre('3500 mm'),
    left: millimetre('3000 mm'),
    right: null,
  },
  frame: [],
  operator: { forward: millimetre('0 mm'), left: millimetre('-1200 mm') },
  dialStep: null,
  dialZero: null,
  roller: null,
};

const SIX_METRES = millimetre('6000 mm');

/** The invented shop: an inch bender with a clamp offset, a metric one with centre marks, and its tube. */
export const demoShop: Shop = expectValue(
  readShop({
    format: SHOP_FORMAT,
    version: SHOP_VERSION,
    machines: [
      {
        id: LONG_ARM,
        name: 'Long-arm bender',
        note: 'dial on the die',
        setting: longArmPlace,
        dies: longArmDies,
      },
      {
        id: RAM,
        name: 'Ram bender',
        note: 'marks at the centre of the bend',
        setting: ramPlace,
        dies: ramDies,
      },
    ],
    tubes: [
      {
        id: nextId(),
        od: inch('1 3/4'),
        wall: inch('0.095'),
        kind: 'drawn-over-mandrel',
        batch: '7731',
        certificate: 'C 7731-2, demo mill',
        stickLength: inch('20 ft'),
      },
      {
        id: nextId(),
        od: inch('1 1/2'),
        wall: inch('0.095'),
        kind: 'drawn-over-mandrel',
        batch: '7732',
        stickLength: inch('20 ft'),
      },
      {
        id: nextId(),
        od: inch('2'),
        wall: inch('0.095'),
        kind: 'drawn-over-mandrel',
        batch: '7702',
        stickLength: inch('24 ft'),
      },
      {
        id: nextId(),
        od: millimetre('45'),
        wall: millimetre('2.5'),
        kind: 'cold-drawn-seamless',
        batch: 'E-118',
        stickLength: SIX_METRES,
      },
      {
        id: nextId(),
        od: millimetre('40'),
        wall: millimetre('2'),
        kind: 'cold-drawn-seamless',
        batch: 'E-119',
        stickLength: SIX_METRES,
      },
    ],
  }),
);
