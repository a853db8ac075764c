import { type Die, emptyPlan, expectValue, mainHoopOf, type Plan, readPlan } from '@gyrus/core';
import { DIE_1_3_4, demoShop } from './shop.ts';
import { angle, inch, pounds } from './write.ts';

export const DEMO_JOB = { id: '0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c01', name: 'Ptarmigan 1300' };
const MEMBER = '0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9d01';
const PIECE = '0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9e01';

const start = emptyPlan({ member: MEMBER, piece: PIECE }, 'in');
const hoop = mainHoopOf(start);
const die = demoShop.machines.flatMap((machine) => machine.dies).find((one) => one.id === DIE_1_3_4) as Die;

/** An invented small hatchback for an invented series, measured and ready for the bender. */
export const demoPlan: Plan = expectValue(
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
      books: [
        { book: 'frozen-lake-series', class: 'ice' },
        { book: 'international-cage', class: null },
      ],
      notes: 'Keep the rear door latches free. Hoop tight to the pillars.',
    },
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
        wallLeanLeft: angle('15'),
        wallLeanRight: angle('15 1/2'),
      },
    },
    dies: [die],
    members: [
      {
        ...hoop,
        tube: { ...hoop?.tube, batch: '7731' },
        bending: {
          ...hoop?.bending,
          die: die.id,
          growRadius: true,
          trimA: inch('1 in'),
          trimB: inch('1 in'),
        },
      },
    ],
  }),
);
