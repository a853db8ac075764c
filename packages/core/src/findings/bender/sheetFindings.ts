import { type BendSheet, type Drift } from '../../cage/index.ts';
import { type Fault, saidIn } from '../../fault/index.ts';
import { type Member } from '../../plan/index.ts';
import { type FindingCode } from '../codes.ts';
import { type Finding, finding } from '../finding.ts';

/** Why there is no sheet: no die, or a bend that does not fit. */
/** radius: what its bends are drawn with meanwhile. mm */
export const noSheetFinding = (
  fault: Fault,
  member: string,
  piece: string,
  radius: number | null,
): Finding =>
  fault.code === 'no-die'
    ? finding({
        key: `die/${piece}`,
        code: 'no-die',
        status: 'ask',
        member,
        measured: radius === null ? null : { mm: radius },
      })
    : finding({
        key: `bend/${piece}/${fault.code}`,
        code: 'does-not-bend',
        status: 'out',
        member,
        facts: { message: { said: saidIn(fault) } },
      });

/** What machine, stick and test bends have to say about a sheet. */
export function sheetFindings(sheet: BendSheet, member: Member): Finding[] {
  const of = (number: number | null) => sheet.bends.find((bend) => bend.number === number);
  const clashes = sheet.clashes.map((clash) => {
    const quantity = (value: number) => (clash.code === 'largest-angle' ? { deg: value } : { mm: value });
    const mostIsLimit = clash.code === 'largest-angle' || clash.code === 'longest-stick';
    return finding({
      key: `machine/${sheet.piece}/${clash.code}/${clash.bend ?? 'blank'}`,
      code: clash.code,
      status: 'out',
      member: member.id,
      feature: of(clash.bend)?.feature ?? null,
      measured: quantity(clash.measured),
      limit: quantity(clash.limit),
      margin: quantity(mostIsLimit ? clash.limit - clash.measured : clash.measured - clash.limit),
      facts: clash.bend === null ? {} : { bend: { count: clash.bend } },
    });
  });
  return [...clashes, ...dieFindings(sheet, member)];
}

function dieFindings(sheet: BendSheet, member: Member): Finding[] {
  const found = new Map<string, Finding>();
  const add = (one: Finding) => {
    if (!found.has(one.key)) found.set(one.key, one);
  };
  for (const bend of sheet.bends) {
    const { die, feature } = bend;
    const about = (code: FindingCode) => ({ key: `die/${sheet.piece}/${code}/${die.id}`, member: member.id });
    if (Math.abs(die.od.mm - member.tube.od.mm) > 0.01)
      add(
        finding({
          ...about('die-od'),
          code: 'die-od',
          status: 'out',
          measured: { mm: member.tube.od.mm },
          limit: { mm: die.od.mm },
        }),
      );
    if (bend.school === 'theory-without-tests')
      add(finding({ ...about('test-bend-due'), code: 'test-bend-due', status: 'look' }));
    if (bend.otherBatch)
      add(
        finding({
          ...about('other-batch'),
          code: 'other-batch',
          status: 'look',
          facts: { batch: { text: member.tube.batch } },
        }),
      );
    if (bend.extrapolated)
      add(
        finding({
          ...about('extrapolated'),
          code: 'extrapolated',
          status: 'look',
          feature,
          measured: { deg: bend.angle },
        }),
      );
  }
  return [...found.values()];
}

/** Dies that the shop has other data for than the plan. */
export const driftFindings = (drifts: Drift[]): Finding[] =>
  drifts.map((drift) =>
    finding({
      key: `die-changed/${drift.pinned.id}`,
      code: 'die-changed',
      status: 'look',
      facts: {
        die: { text: drift.current.name },
        newTests: { count: drift.newTests },
        goneTests: { count: drift.goneTests },
        changed: { count: drift.changed.length },
      },
    }),
  );
