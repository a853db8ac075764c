import { type PlateAnswer } from '../../cage/index.ts';
import { type Plate } from '../../plan/index.ts';
import { finding, type Finding, judgeCatalogue, judgeMeasured } from '../../findings/index.ts';
import { type CheckOf } from '../book/ruleCheck.ts';
import { type FindingOrigin, feetOf, noFeet, type Subject, tubesOf, waiting } from '../subject.ts';
import { asksBolts, boltsOf, weldedInstead, graded } from './bolts.ts';
import { type Told, length } from './plateFigure.ts';

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

const isOn = ({ member }: Subject, end: 'a' | 'b', plate: string): boolean => {
  const at = member.ends[end];
  return at.kind === 'plate' && at.plate === plate;
};

function ofPlate(
  check: CheckOf<'plate'>,
  plate: Plate,
  answer: PlateAnswer,
  { cage }: Subject,
  origin: FindingOrigin,
): Finding[] {
  const error = cage.plan.measuringError.mm;
  const { stamp } = answer;
  const common = { remedy: plateRemedy(check, plate, answer, error), facts: { stamp: { text: stamp } } };
  const tell = ({ what, ...told }: Told): Finding =>
    finding({ ...origin, key: `${origin.key}/${what}`, ...common, ...told });
  const sizes = sizesOf(check, plate, answer, error).map(tell);
  if (!asksBolts(check)) return sizes;
  // Whether a welded plate needs them is for a person who has the book: welded all round may stand for bolts.
  if (!plate.bolts && cage.plan.brief.joining === 'welded')
    return [...sizes, weldedInstead(stamp, cage.plan, { ...origin, key: `${origin.key}/bolts` })];
  return [...sizes, ...boltsOf(check, plate).map(tell)];
}

/** The plate grown, thickened and bolted as the book asks, with the tape's error to spare. */
function plateRemedy(
  check: CheckOf<'plate'>,
  plate: Plate,
  { area, narrowest }: PlateAnswer,
  error: number,
): Finding['remedy'] {
  const wide = Math.sqrt(area);
  return {
    kind: 'plate',
    plate: plate.id,
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
}

/** Area, thickness and width, as far as the book states them. */
function sizesOf(
  check: CheckOf<'plate'>,
  { thickness }: Plate,
  { area, narrowest }: PlateAnswer,
  error: number,
): Told[] {
  const told: Told[] = [];
  if (check.area !== null) {
    const limit = check.area * 100;
    told.push({
      what: 'area',
      code: 'plate-area',
      status: judgeMeasured(area - limit, Math.sqrt(area) * error),
      measured: { mm2: area },
      limit: { mm2: limit },
      margin: { mm2: area - limit },
    });
  }
  if (check.thickness)
    told.push(length('thickness', 'plate-thickness', thickness.mm, check.thickness.mm, judgeCatalogue));
  if (check.narrowest)
    told.push(
      length('width', 'plate-width', narrowest, check.narrowest.mm, (margin) => judgeMeasured(margin, error)),
    );
  return told;
}
