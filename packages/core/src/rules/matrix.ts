import { type Member } from '../plan/index.ts';
import { type Finding, type FindingCode, marginOf, type Status } from '../findings/index.ts';

/** One member against one book: its worst finding, and how many of each. */
interface MatrixCell {
  book: string;
  worst: Status | null;
  counts: Record<Status, number>;
}

/** What the books say of one thing, book by book. */
export interface MatrixRow {
  /** null for what a book says of the cage as a whole, such as of a member that it lacks. */
  member: string | null;
  /** Empty for the cage as a whole. */
  stamp: string;
  cells: MatrixCell[];
}

const RANK: Record<Status, number> = { clear: 0, ask: 1, look: 2, out: 3 };

/** Members against books: what each book says of each member, and of the cage as a whole. */
export function matrixOf(members: Member[], findings: Finding[]): MatrixRow[] {
  const books = [...new Set(findings.flatMap(({ rule }) => rule?.book ?? []))];
  const whole = findings.some(({ member, rule }) => rule !== null && member === null);
  const rows = [
    ...members.map(({ id, stamp }) => ({ member: id, stamp })),
    ...(whole ? [{ member: null, stamp: '' }] : []),
  ];
  return rows.map(({ member, stamp }) => ({
    member,
    stamp,
    cells: books.map((book): MatrixCell => {
      const own = findings.filter((one) => one.member === member && one.rule?.book === book);
      const counts: Record<Status, number> = { clear: 0, look: 0, out: 0, ask: 0 };
      for (const { status } of own) counts[status] += 1;
      const worst = own.reduce<Status | null>(
        (found, { status }) => (found === null || RANK[status] > RANK[found] ? status : found),
        null,
      );
      return { book, worst, counts };
    }),
  }));
}

/** The finding with the least margin among those of several books about the same thing: the limit that a design has to keep. */
export interface Tightest {
  member: string;
  code: FindingCode;
  finding: Finding;
  /** Books that ask for it. */
  books: string[];
}

/** Of each kind of figure of each member, the book whose limit is the tightest. */
export function tightestOf(findings: Finding[]): Tightest[] {
  const groups = new Map<string, Finding[]>();
  for (const one of findings) {
    if (!one.rule || !one.member || marginOf(one) === null) continue;
    const key = `${one.member}/${one.code}`;
    groups.set(key, [...(groups.get(key) ?? []), one]);
  }
  return [...groups.values()].map((group) => {
    const finding = group.reduce((least, one) =>
      (marginOf(one) ?? Infinity) < (marginOf(least) ?? Infinity) ? one : least,
    );
    return {
      member: finding.member ?? '',
      code: finding.code,
      finding,
      books: [...new Set(group.flatMap(({ rule }) => rule?.bookTitle ?? []))],
    };
  });
}
