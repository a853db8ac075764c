import { emptyPlan, expectValue, type MainHoop, mainHoopOf, type Plan, readPlan } from '@gyrus/core';
import { at, CageBuilder, demoDie, height, mm, point, station, withDie } from './build.ts';
import { DIE_45 } from './shop.ts';
import { angle, millimetre } from './write.ts';

/** The job of the four-point bar. */
export const FOUR_POINT_JOB = { id: '0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c02', name: 'Solan 1.6 coupe' };
const HOOP = 'solan-hoop';

const start = emptyPlan({ member: HOOP, piece: 'solan-hoop-piece' }, 'mm');
const hoop = mainHoopOf(start) as MainHoop;
const die = demoDie(DIE_45);

const measured: Plan = expectValue(
  readPlan({
    ...start,
    brief: {
      ...start.brief,
      car: 'Solan 1.6 coupe',
      series: 'hill days',
      customer: 'R. Abara',
      built: 'four-point-bar',
      joining: 'bolted',
      feetOn: 'sill',
      drivers: ['R. Abara', 'a shorter guest'],
      passenger: true,
      carWeight: { kg: 1020, typed: '1020 kg' },
      books: [{ book: 'international-cage', class: null, edition: null }],
      notes: 'Both seats slide far back: the bar stands off behind them. Out again through the door.',
    },
    survey: {
      ...start.survey,
      measures: {
        halfWidthFloorLeft: millimetre('655'),
        halfWidthFloorRight: millimetre('657'),
        halfWidthRoofLeft: millimetre('548'),
        halfWidthRoofRight: millimetre('549'),
        headlinerCentre: millimetre('985'),
        pillarTilt: angle('6'),
        floorSlopeLeft: angle('0'),
        floorSlopeRight: angle('0'),
        landingLeft: millimetre('0'),
        landingRight: millimetre('0'),
      },
    },
    dies: [die],
    members: [withDie(hoop, die.id, '', millimetre('25 mm'))],
  }),
);

const bar = new CageBuilder(measured)
  .add('diagonal', "driver's side left", () => ({
    ends: { a: station(HOOP, 'crown-left'), b: station(HOOP, 'foot-right', -70) },
  }))
  .add('harness-bar', 'both offset', (one) => ({
    ends: { a: height(HOOP, 'left', 640), b: height(HOOP, 'right', 640) },
    shape:
      one.shape.kind === 'offset'
        ? { ...one.shape, towards: 'rear', offset: mm(130), flat: mm(420) }
        : one.shape,
  }))
  .add('backstay', 'straight', () => ({
    ends: { a: station(HOOP, 'crown-left'), b: point(-790, 430, 330) },
  }))
  .add('rear-cross');

/** A bolted four-point bar in another invented car, its harness bar standing off behind both seats. */
export const fourPointPlan: Plan = bar.done((plan) => ({
  survey: {
    ...plan.survey,
    planes: [
      { id: 'shelf', name: 'rear shelf', at: at(-640, 0, 520), normal: at(-10, 0, 100), reach: mm(500) },
    ],
  },
  plates: (['a', 'b'] as const).map((end, i) => ({
    id: `solan-plate-${end}`,
    name: i === 0 ? 'hoop foot, left' : 'hoop foot, right',
    stamp: `P${i + 1}`,
    under: { member: HOOP, end },
    on: null,
    follows: 'foot',
    at: null,
    tilt: angle('0'),
    thickness: mm(3),
    outline: { kind: 'parallelogram', length: mm(150), width: mm(95), angle: angle('80') },
    turnedUp: null,
    plinth: null,
    bolts: { count: 3, size: mm(8), grade: '8.8', backing: mm(3) },
  })),
  parts: [
    {
      kind: 'bolted-joint',
      id: 'solan-joint',
      stamp: 'BJ1',
      on: { member: bar.id('backstay'), side: 'left' },
      station: { feature: 'end-a', edge: 'middle', along: mm(140) },
      style: 'sleeve',
      bolts: 2,
      size: mm(10),
    },
    ...[1, -1].map((side, i) => ({
      kind: 'belt-guide' as const,
      id: `solan-guides-${i + 1}`,
      stamp: `BG${i + 1}`,
      on: { member: bar.id('harness-bar') },
      station: {
        feature: side > 0 ? 'offset-a' : 'offset-b',
        edge: 'middle' as const,
        along: mm(side * 150),
      },
      style: 'guide' as const,
      apart: mm(140),
    })),
  ],
}));
