import { z } from 'zod';
import { say } from '../../fault/index.ts';
import { attachment, crossing } from './attachment.ts';
import { id, stamp } from '../quantities.ts';
import { bendingChoice, tubeChoice } from './tooling.ts';

/** A tube that a member makes. Twins, halves and parts each have their own. */
const piece = z.strictObject({ id, stamp });
/** A tube that a member makes, with its stamp. */
export type MemberPiece = z.infer<typeof piece>;

/** What every member has, whatever its role. */
export const memberFields = {
  id,
  stamp,
  tube: tubeChoice,
  pieces: z.array(piece, say('the pieces')).min(1, 'a member makes one piece at least'),
  ends: z.strictObject({ a: attachment, b: attachment }, say('what ends a and b stand on')),
  crossings: z.array(crossing, say('the tubes crossed')),
  bending: bendingChoice,
};
