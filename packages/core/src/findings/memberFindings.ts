import { type Gap, gapsOf, type ResolvedMember, type ResolvedPiece } from '../cage/index.ts';
import { type Plan } from '../plan/index.ts';
import { type Finding } from './finding.ts';
import {
  asymmetryFindings,
  footFindings,
  gapFindings,
  noHoopFindings,
  notPlacedFinding,
  outsideTapedFindings,
  settledFindings,
  trimFindings,
} from './jobFindings.ts';
import { sheetFindings, noSheetFinding } from './bender/sheetFindings.ts';

/** What stands in the way of one member: of a hoop in its car, and of each of its tubes at the bender. gaps: of a hoop to the body. */
export function memberFindings(plan: Plan, resolved: ResolvedMember, gaps: Gap[]): Finding[] {
  const { member, hoop, pieces } = resolved;
  const ofHoop = (): Finding[] => {
    if (member.role !== 'main-hoop' || hoop === null) return [];
    if ('none' in hoop) return [...asymmetryFindings(plan, member), ...noHoopFindings(hoop.none, member.id)];
    return [
      ...asymmetryFindings(plan, member),
      ...settledFindings(hoop.hoop, member.id, plan.survey.distrusted),
      ...outsideTapedFindings(tapedGaps(resolved), gaps, member.id),
      ...gapFindings(gaps, member.id, plan.measuringError.mm),
      ...footFindings(hoop.hoop, member.id, plan.measuringError.mm),
      ...trimFindings(hoop.hoop, member),
    ];
  };
  return [...ofHoop(), ...pieces.flatMap((piece) => pieceFindings(resolved, piece))];
}

/** Gaps to the walls as the tape had them. */
function tapedGaps({ member, hoop, pieces }: ResolvedMember): Gap[] {
  const tube = pieces[0]?.tube;
  return hoop && 'hoop' in hoop && tube?.ok
    ? gapsOf(hoop.hoop, tube.value.axis, member.tube.od.mm, 'taped')
    : [];
}

/** What stands in the way of one tube: it cannot be placed, has no die, does not bend, or clashes at the machine. */
function pieceFindings({ member }: ResolvedMember, { piece, stamp, tube, sheet }: ResolvedPiece): Finding[] {
  if (sheet.ok) return sheetFindings(sheet.value, member);
  if (sheet.fault.code === 'existing' && tube.ok) return [];
  const placed = tube.ok || sheet.fault.code === 'no-die' || sheet.fault !== tube.fault;
  if (!placed) return [notPlacedFinding(tube.fault, member.id, piece, stamp)];
  const withoutDie =
    sheet.fault.code === 'no-die' && !tube.ok ? [noSheetFinding(tube.fault, member.id, piece, null)] : [];
  const radius = tube.ok ? tube.value.radiusTaken : null;
  return [noSheetFinding(sheet.fault, member.id, piece, radius), ...withoutDie];
}
