import {
  emptyPlan,
  expectValue,
  type MainHoop,
  mainHoopOf,
  newOccupant,
  type Plan,
  readPlan,
} from '@gyrus/core';
import { at, CageBuilder, demoDie, height, mm, point, station, withDie } from './build.ts';
import { DIE_1_3_4 } from './shop.ts';
import { angle, inch, pounds } from './write.ts';

/** The job of the full cage. */
export const DEMO_JOB = { id: '0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c01', name: 'Ptarmigan 1300' };
const MEMBER = '0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9d01';
const PIECE = '0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9e01';

const start = emptyPlan({ member: MEMBER, piece: PIECE }, 'in');
const hoop = mainHoopOf(start) as MainHoop;
const die = demoDie(DIE_1_3_4);

/** The survey and the hoop of the small hatchback. */
const measured: Plan = expectValue(
  readPlan({
    ...start,
    brief: {
      ...start.brief,
      car: 'Ptarmigan 1300 hatchback',
      series: 'frozen-lake series',
      customer: 'E. Lindqvist',
      built: 'full-cage',
      feetOn: 'sill',
      drivers: ['E. Lindqvist', 'T. Moreau'],
      carWeight: pounds(1980),
      dueBy: '2027-01-22',
      books: [{ book: 'frozen-lake-series', class: 'ice', edition: null }],
      notes: 'Keep the rear door latches free. Hoop tight to the pillars.',
    },
    limits: [
      { id: 'limit-feet', figure: 'feet-outside', bound: 'most', length: inch('59 1/4'), note: '' },
      { id: 'limit-helmet', figure: 'crown-over-helmet', bound: 'least', length: inch('2'), note: '' },
    ],
    survey: {
      ...start.survey,
      measures: {
        halfWidthFloorLeft: inch('29 1/4'),
        halfWidthFloorRight: inch('29 1/2'),
        leanHeight: inch('17 1/2'),
        halfWidthLeanLeft: inch('29 5/8'),
        halfWidthLeanRight: inch('29 7/8'),
        halfWidthRoofLeft: inch('23 3/8'),
        halfWidthRoofRight: inch('23 1/2'),
        headlinerCentre: inch('42 3/8'),
        headlinerCornerLeft: inch('41 7/8'),
        headlinerCornerRight: inch('42'),
        pillarTilt: angle('9.7'),
        floorSlopeLeft: angle('0'),
        floorSlopeRight: angle('0'),
        landingLeft: inch('0'),
        landingRight: inch('0'),
        wallLeanLeft: angle('15'),
        wallLeanRight: angle('15 1/2'),
      },
    },
    dies: [die],
    members: [withDie(hoop, die.id, '7731', inch('1 in'))],
  }),
);

const cage = new CageBuilder(measured);
cage
  .add('diagonal', "driver's side left")
  .add('harness-bar', 'straight', () => ({
    ends: { a: height(MEMBER, 'left', 610), b: height(MEMBER, 'right', 610) },
  }))
  .add('backstay', 'straight', () => ({
    ends: { a: station(MEMBER, 'crown-left'), b: point(-900, 470, 260) },
  }))
  .add('rear-cross')
  .add('side-hoop')
  .add('windscreen-bar', 'cranked')
  .add('roof-diagonal', 'X')
  .add('door-bar', 'X')
  .add('sill-bar')
  .add('dash-bar')
  .add('rear-diagonal', 'X')
  .add('gusset-tube')
  .add('gusset-tube', '', () => ({
    ends: { a: station(MEMBER, 'crown-left', -330), b: station(cage.id('backstay'), 'end-a', 280, 'left') },
  }))
  .add('seat-mount', '', () => ({
    ends: { a: station(cage.id('sill-bar'), 'end-a', 350, 'left'), b: point(324, 130, 80) },
  }))
  .add('seat-mount', '', () => ({
    ends: { a: station(cage.id('sill-bar'), 'end-a', 350, 'right'), b: point(324, -130, 80) },
  }))
  .add('strut', '', ({ ends }) => ({ ends: { a: ends.a, b: point(-480, 420, 80) } }))
  .add('strut', '', () => ({
    ends: { a: station(cage.id('harness-bar'), 'end-b', -300), b: point(-480, -420, 80) },
  }));

/** An invented small hatchback for an invented series: a full cage, measured and ready for the bender. */
export const demoPlan: Plan = cage.done((plan) => ({
  survey: {
    ...plan.survey,
    points: [
      point3('roof-rail-left', 'roof rail, left', 'left', 'roof', 120, 575, 1052),
      point3('roof-rail-right', 'roof rail, right', 'right', 'roof', 120, -577, 1052),
      point3('pillar-left', 'windscreen pillar, left', 'left', 'a-pillar', 700, 636, 860),
      point3('pillar-right', 'windscreen pillar, right', 'right', 'a-pillar', 700, -638, 860),
    ],
    planes: [{ id: 'shelf', name: 'rear shelf', at: at(-700, 0, 560), normal: at(0, 0, 1), reach: mm(540) }],
    keepOuts: [
      keepOut('column', 'steering column', [620, 420, 560], [900, 300, 640], 30),
      keepOut('latch-left', 'door latch, left', [60, 745, 420], [140, 765, 520], 15),
      keepOut('mirror', 'mirror', [560, 90, 955], [640, -90, 1000], 20),
    ],
    gaps: [
      { zone: 'roof', school: 'gap', gap: mm(8) },
      { zone: 'a-pillar', school: 'gap', gap: mm(10) },
    ],
    ribs: [
      rib('rib-rear', 'rear arch', -820, [
        [560, 0],
        [610, 480],
        [545, 860],
        [480, 960],
      ]),
      rib('rib-hoop', 'B-pillar', -60, [
        [743, 0],
        [752, 445],
        [640, 860],
        [594, 1076],
      ]),
      rib('rib-door', 'middle of the door', 480, [
        [748, 0],
        [760, 445],
        [640, 850],
        [580, 1070],
      ]),
      rib('rib-cowl', 'cowl', 1040, [
        [735, 0],
        [742, 400],
        [728, 640],
      ]),
    ],
  },
  plates: [
    plate('plate-l', 'P1', 'hoop foot, left', { member: MEMBER, end: 'a' }),
    plate('plate-r', 'P2', 'hoop foot, right', { member: MEMBER, end: 'b' }),
    plate('plate-bl', 'P3', 'backstay foot, left', { member: cage.id('backstay'), end: 'b', side: 'left' }),
    plate('plate-br', 'P4', 'backstay foot, right', { member: cage.id('backstay'), end: 'b', side: 'right' }),
    plate('plate-sl', 'P5', 'front foot, left', { member: cage.id('side-hoop'), end: 'a', side: 'left' }),
    plate('plate-sr', 'P6', 'front foot, right', { member: cage.id('side-hoop'), end: 'a', side: 'right' }),
  ],
  gussets: [
    {
      id: 'gusset-hoop',
      stamp: 'GP1',
      kind: 'folded',
      between: [{ member: MEMBER }, { member: cage.id('diagonal') }],
      legs: [mm(120), mm(120)],
      thickness: mm(2),
      holes: [mm(20)],
      twin: false,
    },
    {
      id: 'gusset-dash',
      stamp: 'GP2',
      kind: 'flat',
      between: [{ member: cage.id('side-hoop'), side: 'left' }, { member: cage.id('dash-bar') }],
      legs: [mm(110), mm(110)],
      thickness: mm(3),
      holes: [mm(22)],
      twin: true,
    },
  ],
  parts: [
    {
      kind: 'belt-guide',
      id: 'guide-driver',
      stamp: 'BG1',
      on: { member: cage.id('harness-bar') },
      station: { feature: 'end-a', edge: 'middle', along: mm(300) },
      style: 'guide',
      apart: mm(150),
    },
  ],
  occupants: [
    {
      ...newOccupant('driver'),
      name: 'E. Lindqvist',
      shoulder: at(230, 360, 640),
      helmetTop: at(260, 360, 930),
      height: mm(1780),
      body: { ...newOccupant('driver').body, hip: at(400, 360, 215) },
      lap: { left: at(280, 640, 20), right: at(280, 100, 20) },
      travel: {
        forward: mm(20),
        back: mm(20),
        slideNotches: 5,
        up: mm(0),
        down: mm(20),
        heightNotches: 2,
        upright: angle('0'),
        reclined: angle('4'),
        reclineNotches: 2,
        backLength: mm(520),
      },
    },
  ],
  weldPosition: { forward: mm(0), drop: mm(100) },
}));

function point3(
  id: string,
  name: string,
  side: 'left' | 'right',
  zone: 'roof' | 'a-pillar',
  ...[x, y, z]: [number, number, number]
) {
  return { id, name, side, zone, at: at(x, y, z) };
}

function keepOut(
  id: string,
  name: string,
  from: [number, number, number],
  to: [number, number, number],
  clearance: number,
) {
  return { id, name, from: at(...from), to: at(...to), clearance: mm(clearance) };
}

function rib(id: string, name: string, forward: number, points: [number, number][]) {
  return {
    id,
    name,
    forward: mm(forward),
    points: points.map(([out, up]) => ({ out: mm(out), up: mm(up) })),
  };
}

function plate(
  id: string,
  stamp: string,
  name: string,
  under: { member: string; end: 'a' | 'b'; side?: 'left' | 'right' },
): Plan['plates'][number] {
  return {
    id,
    name,
    stamp,
    under,
    on: null,
    follows: 'foot',
    at: null,
    tilt: angle('0'),
    thickness: mm(3),
    outline: { kind: 'rectangle', length: mm(150), width: mm(100) },
    turnedUp: stamp < 'P3' ? { length: mm(150), height: mm(30) } : null,
    plinth: stamp < 'P3' ? { height: mm(100), length: mm(160), width: mm(110) } : null,
    bolts: null,
  };
}
