import { type PlateAnswer } from '../../cage/index.ts';
import { type Plan, type Plate } from '../../plan/index.ts';
import { answerTo } from '../answerTo.ts';
import { boltStrength } from '../boltGrade.ts';
import { finding, type Finding, judgeCatalogue, judgeMeasured } from '../../findings/index.ts';
import { type CheckOf } from '../ruleCheck.ts';
import { type FindingOrigin, feetOf, noFeet, type Subject, tubesOf, waiting } from '../subject.ts';

/** Every foot of the member on its plate: area, thickness, width and bolts; a foot without one is told. */
export function plates(check: CheckOf<'plate'>, subject: Subject, origin: FindingOrigin): Finding[] {
  const { plan, joints, plates: answers } = subject.cage;
  if (tubesOf(subject).length === 0) return [waiting('plate', origin)];
  const found = subject.pieces.flatMap(({ tube, side, stamp }) =>
    tube
      ? feetOf(tube, joints).map((end): Finding[] => {
          const key = `${origin.key}/${tube.piece}/${end}`;
          const plate = plan.plates.find(
            ({ under, id }) =>
              (under?.member === subject.member.id &&
                under.end === end &&
                (under.side === undefined || under.side === side)) ||
              isOn(subject, end, id),
          );
          const answer = answers.find((one) => one.plate === plate?.id);
          if (!plate || !answer)
            return [
              finding({
                ...origin,
                key,
                code: 'plate-missing',
                status: 'out',
                facts: { stamp: { text: stamp }, end: { text: end.toUpperCase() } },
              }),
            ];
          return ofPlate(check, plate, answer, subject, { ...origin, key });
        })
      : [],
  );
  return found.length === 0 ? [noFeet(subject, origin)] : found.flat();
}

/** What is said of a plate. */
interface Told extends Pick<Finding, 'status' | 'measured' | 'limit' | 'margin'> {
  code:
    | 'plate-area'
    | 'plate-thickness'
    | 'plate-width'
    | 'plate-bolts'
    | 'bolt-size'
    | 'bolt-grade'
    | 'bolt-grade-unknown';
}

const isOn = ({ member }: Subject, end: 'a' | 'b', plate: string): boolean => {
  const at = member.ends[end];
  return at.kind === 'plate' && at.plate === plate;
};

function ofPlate(
  check: CheckOf<'plate'>,
  plate: Plate,
  { area, narrowest, stamp }: PlateAnswer,
  { cage }: Subject,
  origin: FindingOrigin,
): Finding[] {
  const error = cage.plan.measuringError.mm;
  const facts = { stamp: { text: stamp } };
  const wide = Math.sqrt(area);
  const wanted = {
    // An area measured with a tape is uncertain by its width times the tape's error.
    scale: Math.max(
      1,
      check.area === null ? 1 : Math.sqrt((check.area * 100 + 2.2 * wide * error) / area),
      check.narrowest === null ? 1 : (check.narrowest.mm + error + 0.01) / narrowest,
    ),
    thickness: check.thickness,
    bolts: asksBolts(check)
      ? {
          count: check.bolts ?? 0,
          size: check.boltSize,
          grade: graded(plate, check) === 'out' ? (check.boltGrade ?? null) : null,
        }
      : null,
  };
  const remedy: Finding['remedy'] = { kind: 'plate', plate: plate.id, ...wanted };
  const found: Finding[] = [];
  const tell = (what: string, given: Told) =>
    found.push(finding({ ...origin, key: `${origin.key}/${what}`, remedy, facts, ...given }));
  if (check.area !== null)
    tell('area', {
      code: 'plate-area',
      status: judgeMeasured(area - check.area * 100, wide * error),
      measured: { mm2: area },
      limit: { mm2: check.area * 100 },
      margin: { mm2: area - check.area * 100 },
    });
  if (check.thickness)
    tell('thickness', {
      code: 'plate-thickness',
      status: judgeCatalogue(plate.thickness.mm - check.thickness.mm),
      measured: { mm: plate.thickness.mm },
      limit: { mm: check.thickness.mm },
      margin: { mm: plate.thickness.mm - check.thickness.mm },
    });
  if (check.narrowest)
    tell('width', {
      code: 'plate-width',
      status: judgeMeasured(narrowest - check.narrowest.mm, error),
      measured: { mm: narrowest },
      limit: { mm: check.narrowest.mm },
      margin: { mm: narrowest - check.narrowest.mm },
    });
  if (!asksBolts(check)) return found;
  // Whether a welded plate needs them is for a person who has the book: welded all round may stand for bolts.
  if (!plate.bolts && cage.plan.brief.joining === 'welded')
    return [...found, weldedInstead(stamp, cage.plan, { ...origin, key: `${origin.key}/bolts` })];
  const count = plate.bolts?.count ?? 0;
  const least = Math.max(check.bolts ?? 0, 1);
  if (check.bolts !== null || count === 0)
    tell('bolts', {
      code: 'plate-bolts',
      status: count >= least ? 'clear' : 'out',
      measured: { count },
      limit: { count: least },
      margin: { count: count - least },
    });
  if (check.boltSize && plate.bolts)
    tell('bolt-size', {
      code: 'bolt-size',
      status: judgeCatalogue(plate.bolts.size.mm - check.boltSize.mm),
      measured: { mm: plate.bolts.size.mm },
      limit: { mm: check.boltSize.mm },
      margin: { mm: plate.bolts.size.mm - check.boltSize.mm },
    });
  const grade = graded(plate, check);
  if (grade && plate.bolts)
    tell('bolt-grade', {
      code: grade === 'ask' ? 'bolt-grade-unknown' : 'bolt-grade',
      status: grade,
      measured: { text: plate.bolts.grade },
      limit: { text: check.boltGrade ?? '' },
      margin: null,
    });
  return found;
}

/** Whether a weld all round may stand for the bolts is for a person who has the book. */
function weldedInstead(stamp: string, plan: Plan, origin: FindingOrigin): Finding {
  const answer = answerTo(plan, origin.key);
  return finding({
    ...origin,
    code: 'plate-welded',
    status: answer?.status ?? 'ask',
    facts: { stamp: { text: stamp }, ...answer?.facts },
  });
}

const asksBolts = ({ bolts, boltSize, boltGrade }: CheckOf<'plate'>): boolean =>
  bolts !== null || boltSize !== null || boltGrade != null;

/** Bolts against the least grade; null where none is asked for or there are no bolts. What names no grade that is known is asked. */
function graded({ bolts }: Plate, { boltGrade }: CheckOf<'plate'>): 'clear' | 'out' | 'ask' | null {
  if (boltGrade == null || !bolts) return null;
  const [there, least] = [boltStrength(bolts.grade), boltStrength(boltGrade)];
  if (there === null || least === null) return 'ask';
  return there >= least ? 'clear' : 'out';
}
