import { boltStrength } from '../boltGrade.ts';
import { type Plan, type Plate } from '../../plan/index.ts';
import { answerTo } from '../answerTo.ts';
import { finding, type Finding, judgeCatalogue } from '../../findings/index.ts';
import { type CheckOf } from '../book/ruleCheck.ts';
import { type FindingOrigin } from '../subject.ts';
import { length, type Told } from './plateFigure.ts';

/** Number, size and grade of the bolts, as far as the book states them. */
export function boltsOf(check: CheckOf<'plate'>, plate: Plate): Told[] {
  const { bolts } = plate;
  const told: Told[] = [];
  const count = bolts?.count ?? 0;
  const least = Math.max(check.bolts ?? 0, 1);
  if (check.bolts !== null || count === 0)
    told.push({
      what: 'bolts',
      code: 'plate-bolts',
      status: count >= least ? 'clear' : 'out',
      measured: { count },
      limit: { count: least },
      margin: { count: count - least },
    });
  if (check.boltSize && bolts)
    told.push(length('bolt-size', 'bolt-size', bolts.size.mm, check.boltSize.mm, judgeCatalogue));
  const grade = graded(plate, check);
  if (grade && bolts)
    told.push({
      what: 'bolt-grade',
      code: grade === 'ask' ? 'bolt-grade-unknown' : 'bolt-grade',
      status: grade,
      measured: { text: bolts.grade },
      limit: { text: check.boltGrade ?? '' },
      margin: null,
    });
  return told;
}

/** Whether a weld all round may stand for the bolts is for a person who has the book. */
export function weldedInstead(stamp: string, plan: Plan, origin: FindingOrigin): Finding {
  const answer = answerTo(plan, origin.key);
  return finding({
    ...origin,
    code: 'plate-welded',
    status: answer?.status ?? 'ask',
    facts: { stamp: { text: stamp }, ...answer?.facts },
  });
}

/** Whether the book asks anything of the bolts. */
export const asksBolts = ({ bolts, boltSize, boltGrade }: CheckOf<'plate'>): boolean =>
  bolts !== null || boltSize !== null || boltGrade != null;

/** Bolts against the least grade; null where none is asked for or there are no bolts. What names no grade that is known is asked. */
export function graded({ bolts }: Plate, { boltGrade }: CheckOf<'plate'>): 'clear' | 'out' | 'ask' | null {
  if (boltGrade == null || !bolts) return null;
  const [there, least] = [boltStrength(bolts.grade), boltStrength(boltGrade)];
  if (there === null || least === null) return 'ask';
  return there >= least ? 'clear' : 'out';
}
