import { z } from 'zod';
import { oneOf, say } from '../fault/index.ts';
import { attachment, crossing } from './attachment.ts';
import { angleField, extentField, id, stamp } from './quantities.ts';
import { bendingChoice, tubeChoice } from './tooling.ts';

/** A tube that a member makes. Twins, halves and parts each have their own. */
const piece = z.strictObject({ id, stamp });

const common = {
  id,
  stamp,
  tube: tubeChoice,
  pieces: z.array(piece, say('the pieces')).min(1, 'a member makes one piece at least'),
  ends: z.strictObject({ a: attachment, b: attachment }, say('what ends a and b stand on')),
  crossings: z.array(crossing, say('the tubes crossed')),
  bending: bendingChoice,
};

/** The main hoop: end A is the left foot, end B the right. */
const mainHoop = z.strictObject({
  role: z.literal('main-hoop'),
  ...common,
  shape: oneOf(['proposed', 'two-bend', 'four-bend'], 'the shape of the hoop'),
  /** Symmetric within the tighter side, or each leg from its own measures. */
  sides: oneOf(['same', 'each'], 'how the sides are built'),
  clearance: z.strictObject({
    left: extentField('the clearance on the left'),
    right: extentField('the clearance on the right'),
    above: extentField('the clearance above'),
  }),
  /** The pillar's measured tilt when null. */
  tilt: angleField(-30, 45, 'the tilt of the hoop').nullable(),
  /** Thickness of plates and plinth between landing and foot. */
  footLift: extentField('the plate and plinth under each foot'),
});
export type MainHoop = z.infer<typeof mainHoop>;

/** Every role of the trade is one more of these; the main hoop is the first. */
export const member = z.discriminatedUnion(
  'role',
  [mainHoop],
  say('a member with a known role: "main-hoop"'),
);
export type Member = z.infer<typeof member>;
export type Role = Member['role'];
