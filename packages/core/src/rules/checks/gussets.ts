import { type Length } from '../../measure/index.ts';
import { answerTo } from '../answerTo.ts';
import { finding, type Finding, judgeCatalogue, judgeMeasured } from '../../findings/index.ts';
import { type Rule } from '../book/ruleBook.ts';
import { type CheckOf } from '../book/ruleCheck.ts';
import { type Gusset } from '../../plan/index.ts';
import { type FindingOrigin, isFirstOf, stampsOf, type Subject } from '../subject.ts';

/** Sheet gussets in the corners of this member: their legs and their sheet. */
export function gussets(
  check: CheckOf<'gusset'>,
  { roles }: Rule,
  subject: Subject,
  origin: FindingOrigin,
): Finding[] {
  const { member, cage } = subject;
  const own = cage.plan.gussets.filter(({ between }) => between.some((one) => one.member === member.id));
  const wanted = check.least ?? null;
  if (own.length === 0 && wanted === null) {
    const concerned = new Set(
      cage.members.filter((one) => roles.includes(one.member.role)).map((one) => one.member.id),
    );
    const some = cage.plan.gussets.some(({ between }) => between.some((one) => concerned.has(one.member)));
    // No program can tell whether the book wants one: asked once, where there is none at all.
    return some || !isFirstOf(roles, subject) ? [] : [noGusset(subject, origin)];
  }
  const made = own.flatMap((gusset) => ofGusset(check, gusset, subject, origin));
  return wanted === null ? made : [gussetCount(own.length, wanted, stampsOf(subject), origin), ...made];
}

/** The shorter leg and the sheet of one gusset, as far as the book states them. */
function ofGusset(
  check: CheckOf<'gusset'>,
  gusset: Gusset,
  { member, cage }: Subject,
  origin: FindingOrigin,
): Finding[] {
  const key = `${origin.key}/${gusset.id}`;
  const error = cage.plan.measuringError.mm;
  const leg = Math.min(gusset.legs[0].mm, gusset.legs[1].mm);
  const sheet = leastSheet(check, member.tube.wall);
  const remedy: Finding['remedy'] = {
    kind: 'gusset',
    gusset: gusset.id,
    leg: check.leg ? check.leg.mm + error : 0,
    thickness: sheet,
  };
  const common = { ...origin, facts: { stamp: { text: gusset.stamp } }, remedy };
  const found: Finding[] = [];
  if (check.leg)
    found.push(
      finding({
        ...common,
        key: `${key}/leg`,
        code: 'gusset-leg',
        status: judgeMeasured(leg - check.leg.mm, error),
        measured: { mm: leg },
        limit: { mm: check.leg.mm },
        margin: { mm: leg - check.leg.mm },
      }),
    );
  if (sheet)
    found.push(
      finding({
        ...common,
        key: `${key}/thickness`,
        code: 'gusset-thickness',
        status: judgeCatalogue(gusset.thickness.mm - sheet.mm),
        measured: { mm: gusset.thickness.mm },
        limit: { mm: sheet.mm },
        margin: { mm: gusset.thickness.mm - sheet.mm },
      }),
    );
  return found;
}

/** Whether gussets are wanted where none stands is for a person who has the book. */
function noGusset({ cage }: Subject, origin: FindingOrigin): Finding {
  const key = `${origin.key}/none`;
  const answer = answerTo(cage.plan, key);
  return finding({
    ...origin,
    key,
    code: 'gusset-none',
    status: answer?.status ?? 'ask',
    facts: answer?.facts ?? {},
  });
}

/** How many sheet gussets stand in the corners of a member that a book asks so many of. */
const gussetCount = (there: number, wanted: number, stamp: string, origin: FindingOrigin): Finding =>
  finding({
    ...origin,
    key: `${origin.key}/count`,
    code: 'gusset-count',
    status: there >= wanted ? 'clear' : 'out',
    measured: { count: there },
    limit: { count: wanted },
    margin: { count: there - wanted },
    facts: { stamp: { text: stamp } },
  });

/** The least sheet of a gusset: what the book states, or the wall of the tube where that is thicker; null where neither counts. */
function leastSheet({ thickness, asWall }: CheckOf<'gusset'>, wall: Length): Length | null {
  if (!asWall) return thickness;
  return thickness && thickness.mm > wall.mm ? thickness : wall;
}
