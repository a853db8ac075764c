import { walkInOrder, type WalkedPull } from '../bending/index.ts';
import {
  type BendSheet,
  type Ears,
  type NoWalk,
  type Roller,
  rollerIn,
  walkAsked,
  type WalkAsked,
} from '../cage/index.ts';
import { type Finding } from '../findings/index.ts';
import { type LengthStyle } from '../measure/index.ts';
import { type CarSide, type Member, type Plan, type Shop, type TubeChoice } from '../plan/index.ts';

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
  /** The tube at its machine as the shop had it measured, and what each pull comes near to; why it is not walked through. */
  walk: { asked: WalkAsked; pulls: WalkedPull[] } | NoWalk;
  /** What its arcs are rolled on, where the shop has measured it. */
  roller: Roller | null;
  /** What stood against the tube when it was issued. */
  findings: Finding[];
}

/** The answers of one tube as a sheet carries them; sheet: null where the tube has no marks, and then there is nothing to issue. */
export function issuedAnswers(
  { units, measuringError }: Pick<Plan, 'units' | 'measuringError'>,
  member: Member,
  { side, sheet }: { side: CarSide | null; sheet: BendSheet | null },
  ears: Ears | null,
  { findings, shop }: { findings: Finding[]; shop: Pick<Shop, 'machines'> },
): IssuedAnswers | null {
  if (!sheet) return null;
  const asked = walkAsked(sheet, shop);
  return {
    role: member.role,
    side,
    tube: member.tube,
    sheet,
    datum: member.bending.datum,
    ears,
    style: { unit: units.length, fraction: units.fraction, decimals: 0 },
    protractor: measuringError.deg,
    walk:
      typeof asked === 'string'
        ? asked
        : { asked, pulls: walkInOrder(asked.tube, asked.bender, asked.order) },
    roller: rollerIn(shop),
    findings: findings.filter((finding) => finding.member === member.id),
  };
}
