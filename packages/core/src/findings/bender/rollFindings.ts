import { rollOf } from '../../bending/index.ts';
import { type BendSheet, type ResolvedMember, type Roller } from '../../cage/index.ts';
import { decided } from '../../measure/index.ts';
import { type Finding, finding } from '../finding.ts';

/** Arcs that are rolled, against what the shop's roller reaches and the straights that it leaves; asks where no roller was measured. */
export function rollFindings(members: ResolvedMember[], roller: Roller | null): Finding[] {
  return members.flatMap(({ member, pieces }) =>
    pieces.flatMap(({ sheet }) => (sheet.ok ? ofSheet(member.id, sheet.value, roller) : [])),
  );
}

function ofSheet(member: string, sheet: BendSheet, roller: Roller | null): Finding[] {
  const rolled = sheet.bends.filter(({ school }) => school === 'rolled');
  if (rolled.length === 0) return [];
  if (!roller)
    return [finding({ key: `roller/${sheet.piece}`, code: 'roller-unknown', status: 'ask', member })];
  return rolled.flatMap(({ number, feature }) => {
    const { radius, leads } = rollOf(sheet, number, roller.gauge);
    const about = { member, feature, status: 'out' as const };
    const facts = { roller: { text: roller.name }, bend: { count: number } };
    const short = Math.min(...leads);
    const fault = (code: 'roll-radius' | 'roll-lead', measured: number, limit: number): Finding[] =>
      decided(measured - limit) >= 0
        ? []
        : [
            finding({
              ...about,
              ...{ key: `${code}/${sheet.piece}/${number}`, code, facts },
              measured: { mm: measured },
              limit: { mm: limit },
              margin: { mm: measured - limit },
            }),
          ];
    return [...fault('roll-radius', radius, roller.leastRadius), ...fault('roll-lead', short, roller.lead)];
  });
}
