import { type Said, told } from '../fault/index.ts';
import { type Brief, type Member, type TubeChoice } from '../plan/index.ts';
import { type Quantity } from '../survey/index.ts';
import { type Finding, finding, type RuleSource } from './finding.ts';
import { judgeCatalogue } from './judge.ts';
import { type RuleBook, type ScheduleRow, type TubeOption } from './ruleBook.ts';

/** Least OD, wall and kind by role and car weight; any one of a row's options will do. */
export function tubeSizeFindings(
  book: RuleBook,
  member: Member,
  brief: Pick<Brief, 'carWeight'>,
  source: (clause: string, text: string) => RuleSource,
): Finding[] {
  const rows = book.tubeSchedule.filter((row) => row.roles.includes(member.role));
  if (rows.length === 0) return [];
  const key = `${book.id}/tube-size/${member.id}`;
  const text = 'least outside diameter, wall and kind of tube';
  const byWeight = rows.some((row) => row.over !== null || row.upTo !== null);
  if (byWeight && brief.carWeight === null)
    return [
      finding({
        key,
        code: 'car-weight-missing',
        status: 'ask',
        member: member.id,
        rule: source(rows[0]?.clause ?? '', text),
      }),
    ];
  const row = rows.find((one) => holdsFor(one, brief.carWeight?.kg ?? 0));
  if (!row)
    return [
      finding({
        key,
        code: 'no-row-for-weight',
        status: 'ask',
        member: member.id,
        measured: { kg: brief.carWeight?.kg ?? 0 },
        rule: source(rows[0]?.clause ?? '', text),
      }),
    ];
  return [judged(row, member, { key, rule: source(row.clause, text) })];
}

const holdsFor = ({ over, upTo }: ScheduleRow, kg: number): boolean =>
  (over === null || kg > over.kg) && (upTo === null || kg <= upTo.kg);

function judged(row: ScheduleRow, member: Member, about: { key: string; rule: RuleSource }): Finding {
  const nearest = row.options.reduce((best, one) =>
    shortfall(one, member.tube) < shortfall(best, member.tube) ? one : best,
  );
  const fits = row.options.some((option) => fitsOption(option, member.tube));
  const { code, measured, limit, margin } = worstOf(nearest, member.tube);
  return finding({
    ...about,
    code,
    status: fits ? 'clear' : 'out',
    member: member.id,
    measured,
    limit,
    margin,
    remedy: {
      kind: 'tube',
      member: member.id,
      od: Math.max(nearest.od.mm, member.tube.od.mm),
      wall: Math.max(nearest.wall.mm, member.tube.wall.mm),
      tubeKind: nearest.kinds.includes(member.tube.kind)
        ? member.tube.kind
        : (nearest.kinds[0] ?? member.tube.kind),
    },
    facts: {
      options: { said: row.options.flatMap((option, i) => [i > 0 ? ' or ' : '', ...saidOption(option)]) },
    },
  });
}

const saidOption = ({ od, wall, kinds }: TubeOption): Said =>
  told`${{ mm: od.mm, fine: true }} × ${{ mm: wall.mm, fine: true }} ${kinds.map((kind) => kind.replaceAll('-', ' ')).join(' / ')}`
    .said;

function fitsOption(option: TubeOption, tube: TubeChoice): boolean {
  return (
    option.kinds.includes(tube.kind) &&
    judgeCatalogue(tube.od.mm - option.od.mm) === 'clear' &&
    judgeCatalogue(tube.wall.mm - option.wall.mm) === 'clear'
  );
}

/** How badly an option is missed: sizes in mm, a wrong kind counting as much as the worst of sizes. */
const shortfall = ({ od, wall, kinds }: TubeOption, tube: TubeChoice): number =>
  Math.max(0, od.mm - tube.od.mm) +
  Math.max(0, wall.mm - tube.wall.mm) * 10 +
  (kinds.includes(tube.kind) ? 0 : 1000);

interface Worst {
  code: string;
  measured: Quantity;
  limit: Quantity;
  margin: Quantity | null;
}

/** What is said of an option: the kind if it is wrong, then the diameter if it is short, else the wall. */
function worstOf(option: TubeOption, tube: TubeChoice): Worst {
  if (!option.kinds.includes(tube.kind))
    return {
      code: 'tube-kind',
      measured: { text: tube.kind },
      limit: { text: option.kinds.join(', ') },
      margin: null,
    };
  const of = (code: string, measured: number, limit: number): Worst => ({
    code,
    measured: { mm: measured },
    limit: { mm: limit },
    margin: { mm: measured - limit },
  });
  const od = of('tube-od', tube.od.mm, option.od.mm);
  return judgeCatalogue(tube.od.mm - option.od.mm) === 'out'
    ? od
    : of('tube-wall', tube.wall.mm, option.wall.mm);
}
