import { type BendSheet, type Ears } from '../cage/index.ts';
import { type Finding } from '../findings/index.ts';
import { type LengthStyle } from '../measure/index.ts';
import { type CarSide, type Member, type Plan, type TubeChoice } from '../plan/index.ts';

/** What goes to the floor for one tube: its marks and pulls as they were worked out, and how they are told. mm, degrees */
export interface IssuedAnswers {
  role: Member['role'];
  side: CarSide | null;
  tube: TubeChoice;
  sheet: BendSheet;
  /** Where the tape is hooked, and the ears that it may be hooked on. */
  datum: Member['bending']['datum'];
  ears: Ears | null;
  style: LengthStyle;
  /** What a protractor is trusted to. Degrees */
  protractor: number;
  /** What stood against the tube when it was issued. */
  findings: Finding[];
}

/** The answers of one tube as a sheet carries them; sheet: null where the tube has no marks, and then there is nothing to issue. */
export function issuedAnswers(
  { units, measuringError }: Pick<Plan, 'units' | 'measuringError'>,
  member: Member,
  { side, sheet }: { side: CarSide | null; sheet: BendSheet | null },
  ears: Ears | null,
  findings: Finding[],
): IssuedAnswers | null {
  if (!sheet) return null;
  return {
    role: member.role,
    side,
    tube: member.tube,
    sheet,
    datum: member.bending.datum,
    ears,
    style: { unit: units.length, fraction: units.fraction, decimals: 0 },
    protractor: measuringError.deg,
    findings: findings.filter((finding) => finding.member === member.id),
  };
}
