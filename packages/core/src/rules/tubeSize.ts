import { keptPair } from '../kept/index.ts';
import { type Length, writtenLength } from '../measure/index.ts';
import { type Brief, type Member, type Shop, type TubeChoice } from '../plan/index.ts';
import { type Quantity } from '../survey/index.ts';
import { holdsOfRow, sourceOf } from './book/chosen.ts';
import { leastTube, optionsSaid } from './leastTube.ts';
import { finding, type Finding, judgeCatalogue } from '../findings/index.ts';
import { sectionProperties } from '../tube/index.ts';
import { type RuleBook, type ScheduleRow, type TubeOption } from './book/ruleBook.ts';

const TEXT = 'least outside diameter, wall and kind of tube';

/** Least OD, wall and kind by role and car weight; any one of a row's options will do. */
export const tubeSizeFindings = keptPair(
  (book: RuleBook, member: Member, brief: Brief, stock: Shop['tubes']): Finding[] => {
    const least = leastTube(book, member.role, brief);
    if (least === null) return [];
    const { row } = least;
    const source = (holds = holdsOfRow(row)) => sourceOf(book, { clause: row.clause, text: TEXT, holds });
    const about = { key: `${book.id}/tube-size/${member.id}`, member: member.id };
    if (least.lacks === 'weight')
      return [finding({ ...about, code: 'car-weight-missing', status: 'ask', rule: source(null) })];
    if (least.lacks === 'row')
      return [
        finding({
          ...about,
          code: 'no-row-for-weight',
          status: 'ask',
          measured: { kg: brief.carWeight?.kg ?? 0 },
          rule: source(null),
        }),
      ];
    return [judged(row, member, stock, { ...about, rule: source() })];
  },
);

function judged(
  row: ScheduleRow,
  { id, tube }: Member,
  stock: Shop['tubes'],
  about: Pick<Finding, 'key' | 'member' | 'rule'>,
): Finding {
  const nearest = row.options.reduce((best, one) =>
    shortfall(one, tube) < shortfall(best, tube) ? one : best,
  );
  const fits = row.options.some((option) => fitsOption(option, tube));
  const { code, measured, limit, margin } = worstOf(nearest, tube);
  return finding({
    ...about,
    code,
    status: fits ? 'clear' : 'out',
    measured,
    limit,
    margin,
    remedy: fits ? null : { kind: 'tube', member: id, ...tubeToTake(row.options, nearest, tube, stock) },
    facts: {
      options: { said: optionsSaid(row.options) },
    },
  });
}

interface TubeToTake {
  od: Length;
  wall: Length;
  tubeKind: TubeChoice['kind'];
}

/**
 * A tube that will do, in the words that the shop buys by: of the shop's stock the lightest of the same outside diameter, so that the
 * die stays, else the lightest of all; where the stock has none, the least that the book states, as the book writes it.
 */
function tubeToTake(
  options: TubeOption[],
  nearest: TubeOption,
  tube: TubeChoice,
  stock: Shop['tubes'],
): TubeToTake {
  const fitting = stock.filter((one) => options.some((option) => fitsOption(option, one)));
  const sameDie = fitting.filter((one) => judgeCatalogue(-Math.abs(one.od.mm - tube.od.mm)) === 'clear');
  const [first, ...more] = sameDie.length > 0 ? sameDie : fitting;
  if (first) {
    const { od, wall, kind } = more.reduce(
      (least, one) => (massOf(one) < massOf(least) ? one : least),
      first,
    );
    return { od: plain(od), wall: plain(wall), tubeKind: kind };
  }
  const keepsWall = judgeCatalogue(tube.wall.mm - nearest.wall.mm) === 'clear';
  // A diameter that will do stays, as the die for it is there; but nobody sells a tube of 2 in by 2.5 mm.
  const keepsOd =
    judgeCatalogue(tube.od.mm - nearest.od.mm) === 'clear' &&
    (keepsWall || unitOf(tube.od) === unitOf(nearest.wall));
  return {
    od: keepsOd ? plain(tube.od) : nearest.od,
    wall: keepsOd && keepsWall ? plain(tube.wall) : nearest.wall,
    tubeKind: nearest.kinds.includes(tube.kind) ? tube.kind : (nearest.kinds[0] ?? tube.kind),
  };
}

const unitOf = (size: Length): string => (writtenLength(size).endsWith('mm') ? 'mm' : 'in');

/** A size without what is known of where it came from. */
const plain = ({ mm, typed }: Length): Length => ({ mm, typed });

/** kg per metre */
const massOf = ({ od, wall }: { od: Length; wall: Length }): number =>
  sectionProperties({ od: od.mm, wall: wall.mm }).massPerLength;

function fitsOption(option: TubeOption, tube: Pick<TubeChoice, 'od' | 'wall' | 'kind'>): boolean {
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

type SizeCode = 'tube-kind' | 'tube-od' | 'tube-wall';

interface Worst {
  code: SizeCode;
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
  const of = (code: SizeCode, measured: number, limit: number): Worst => ({
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
