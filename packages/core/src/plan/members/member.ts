import { z } from 'zod';
import { oneOf, say } from '../../fault/index.ts';
import { hoopAgain } from './again.ts';
import { bar } from './bar.ts';
import { hoopWay } from './hoopWay.ts';
import { memberFields } from './memberFields.ts';
import { angleField, extentField, moment, offsetField, sizeField, title } from '../quantities.ts';

/** The main hoop: end A is the left foot, end B the right. */
const mainHoop = z.strictObject({
  role: z.literal('main-hoop'),
  ...memberFields,
  way: hoopWay,
  /** Of a hoop by the survey. */
  shape: oneOf(['proposed', 'two-bend', 'four-bend', 'rolled-crown'], 'the shape of the hoop'),
  /** Symmetric within the tighter side, or each leg from its own measures. */
  sides: oneOf(['same', 'each'], 'how the sides are built'),
  clearance: z.strictObject({
    left: extentField('the clearance on the left'),
    right: extentField('the clearance on the right'),
    above: extentField('the clearance above'),
  }),
  /** The pillar's measured tilt when null. */
  tilt: angleField(-30, 45, 'the tilt of the hoop').nullable(),
  /** How far a rolled crown's middle stands above its corners; from the headliner's measures when null. */
  crownRise: extentField('the rise of the crown').nullable(),
  /** Thickness of plates and plinth between landing and foot. */
  footLift: extentField('the plate and plinth under each foot'),
  /** Came with the car: stands as a header like others, is not ordered or bent. */
  existing: z.boolean(say('true or false')),
  /** Of a hoop that came with the car: bends pulled further. */
  bentAgain: hoopAgain,
  /** Taken off at each foot, along the axis: an existing hoop shortened. */
  cut: z.strictObject({ a: extentField('what is cut off the left'), b: extentField('off the right foot') }),
  /** How it was really built, where the builder took that into the plan; null where it is as designed. */
  asBuilt: z
    .strictObject({
      /** Between the axes of its feet; null where they are as designed. */
      feetApart: sizeField('how far the feet are apart').nullable(),
      /** So much higher than designed its crown stands; null where it is as designed. */
      crownUp: offsetField('how much higher the crown stands').nullable(),
      /** So far to the left of where it was designed its crown stands over the feet. */
      crownLeft: offsetField('how far the crown stands to the left').nullable(),
      by: title,
      on: moment,
    })
    .nullable(),
});
/** The main hoop: clearances to the measured body, shape, tilt. */
export type MainHoop = z.infer<typeof mainHoop>;

/** What a plan takes of a hoop as it stands; null where it is as designed. */
export type BuiltHoop = Pick<NonNullable<MainHoop['asBuilt']>, 'feetApart' | 'crownUp' | 'crownLeft'>;

/** The hoop, or a bar with one of the other roles of the trade. */
export const member = z.discriminatedUnion(
  'role',
  [mainHoop, bar],
  say('a member with a known role, such as "main-hoop" or "backstay"'),
);
/** A member of the cage: the main hoop, or a bar. */
export type Member = z.infer<typeof member>;
/** What a member is in the cage. */
export type Role = Member['role'];

/** The main hoop among the members; of a draft being edited too. */
export const mainHoopOf = <One extends { role: string }>({ members }: { members: One[] }) =>
  members.find((one): one is Extract<One, { role: 'main-hoop' }> => one.role === 'main-hoop');
