import { type Said, told } from '../fault/index.ts';
import { type Brief, type Role } from '../plan/index.ts';
import { type RuleBook, type ScheduleRow, type TubeOption } from './book/ruleBook.ts';

/** The row of a book's schedule that a bar of a car goes by; where the weight or a row for it lacks, the first row of its role. */
export interface LeastTube {
  row: ScheduleRow;
  lacks: 'weight' | 'row' | null;
}

/** The least tube that a book has for bars of a role on the car of a brief; null where it says nothing of them. */
export function leastTube(
  book: RuleBook,
  role: Role,
  { carWeight }: Pick<Brief, 'carWeight'>,
): LeastTube | null {
  const rows = book.tubeSchedule.filter((row) => row.roles.includes(role));
  const [first] = rows;
  if (!first) return null;
  const byWeight = rows.some((row) => row.over !== null || row.upTo !== null);
  if (byWeight && carWeight === null) return { row: first, lacks: 'weight' };
  const row = rows.find((one) => holdsFor(one, carWeight?.kg ?? 0));
  return row ? { row, lacks: null } : { row: first, lacks: 'row' };
}

const holdsFor = ({ over, upTo }: ScheduleRow, kg: number): boolean =>
  (over === null || kg > over.kg) && (upTo === null || kg <= upTo.kg);

/** The options of a row, any one of which will do, as a sentence with figures. */
export const optionsSaid = (options: readonly TubeOption[]): Said =>
  options.flatMap((option, i) => [i > 0 ? ' or ' : '', ...optionSaid(option)]);

const optionSaid = ({ od, wall, kinds }: TubeOption): Said =>
  told`${{ mm: od.mm, fine: true }} × ${{ mm: wall.mm, fine: true }} ${kinds.map((kind) => kind.replaceAll('-', ' ')).join(' / ')}`
    .said;
