import { type BendSheet, type Copes, type EndCut, isExisting } from '../cage/index.ts';
import { type LengthStyle, roundLength } from '../measure/index.ts';
import { type Plan, type TubeChoice } from '../plan/index.ts';

/** What the saw has to cut for one tube of a cage. mm */
export interface Need {
  member: string;
  piece: string;
  stamp: string;
  tube: TubeChoice;
  length: number;
  bends: number;
  /** A bent tube's blank as its sheet has it; a straight one from ear to ear, with its trims and what the saw's pilot wants past its ends. */
  of: { blank: true } | { ears: number; trim: number; pilot: number };
}

/** A tube that is not cut: it has no marks, as nothing is chosen to bend it with; it cannot be placed; or it is there already, or promised. */
export interface NotYet {
  stamp: string;
  why: 'no-marks' | 'not-placed' | 'there';
}

/** A member's tube among the answers. */
interface Answered {
  member: string;
  pieces: { piece: string; stamp: string; tube: object | null; sheet: BendSheet | null }[];
}

/**
 * Tube that a cage needs, piece by piece; what came with the car needs none. A blank's trims hold what the machine's tail needs and are its
 * sheet's own: nothing is added to them. guided: the saw is held end-on by a guide, and its pilot needs nothing past the end.
 */
export function needsOf(
  { members }: Pick<Plan, 'members'>,
  answers: readonly Answered[],
  { lengths, ends }: Pick<Copes, 'lengths' | 'ends'>,
  { guided }: { guided: boolean },
): { needs: Need[]; notYet: NotYet[] } {
  const needs: Need[] = [];
  const notYet: NotYet[] = [];
  for (const { member: id, pieces } of answers) {
    const member = members.find((one) => one.id === id);
    if (!member || isExisting(member)) continue;
    for (const { piece, stamp, tube, sheet } of pieces) {
      const cut = lengths.find((one) => one.piece === piece);
      if (!tube || !cut) notYet.push({ stamp, why: 'not-placed' });
      else if (!sheet) notYet.push({ stamp, why: 'no-marks' });
      else {
        const about = { member: id, piece, stamp, tube: member.tube, bends: sheet.bends.length };
        if (sheet.bends.length > 0) needs.push({ ...about, length: sheet.blank, of: { blank: true } });
        else {
          const own = ends.filter((end) => end.piece === piece);
          const pilot = guided ? 0 : own.reduce((sum, end) => sum + pastTheEnd(end), 0);
          const of = { ears: cut.ears, trim: cut.trim[0] + cut.trim[1], pilot };
          needs.push({ ...about, length: of.ears + of.trim + of.pilot, of });
        }
      }
    }
  }
  return { needs, notYet };
}

/** The same as the saw gets them: no shorter than a tape of the job reads, so that what is read off a plan lies in its stick. */
export const readOff = (needs: readonly Need[], style: LengthStyle): Need[] =>
  needs.map((need) => ({ ...need, length: Math.max(need.length, roundLength(need.length, style).mm) }));

/** The saw's pilot needs metal past the finished ear by about the saw's radius (handbook §6, common practice). mm */
const pastTheEnd = ({ passes }: EndCut): number => Math.max(0, ...passes.map(({ holeSaw }) => holeSaw / 2));
