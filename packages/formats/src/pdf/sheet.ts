import { type CarSide, type Plan, type Role } from '@gyrus/core';
import { printedWords, type ShopMoment } from '../words/moment.ts';
import { pieceName, tubeWords } from '../words/tube.ts';
import { type Doc, writeText } from './page.ts';

/** Free edge of a sheet. Points */
export const MARGIN = 34;
/** How labels are set. */
export const LABEL = { font: 'label-500', size: 10, colour: '#333' } as const;
/** How running text is set. */
export const BODY = { font: 'label-500', size: 10.5 } as const;
/** Figures and headings of a table. */
export const STRONG = { font: 'label-600', size: 10.5 } as const;

const FOOTER =
  'Gyrus computes geometry and compares it with rules as entered. It certifies nothing: the current rule book, the inspector of the event, local law and qualified welders decide.';

/** Whose a sheet is, and when it was printed; what it is of without a revision leaves that out. */
export interface SheetOrigin {
  job: string;
  car: string;
  revision: number | null;
  printed: ShopMoment;
}

/** `Job · car · revision 3`: what every sheet says of where it comes from. */
export const originWords = ({ job, car, revision }: Omit<SheetOrigin, 'printed'>): string =>
  [job, car === job ? '' : car, revision === null ? '' : `revision ${revision}`].filter(Boolean).join(' · ');

interface Head {
  plan: Plan;
  title: string;
  of: { member: string; role: Role };
  piece: { stamp: string; side: CarSide | null };
  job: string;
  revision: number;
  width: number;
  /** What it is bent on, where the sheet says it nowhere else. */
  bentOn?: string;
}

/** The head of a tube's sheet: its stamp and name, the job, what the sheet is and of which revision. */
export function sheetHead(doc: Doc, { plan, title, of, piece, job, revision, width, bentOn }: Head): void {
  const tube = plan.members.find((one) => one.id === of.member)?.tube;
  doc.roundedRect(MARGIN, 26, 52, 32, 2).lineWidth(1.2).strokeColor('#000').undash().stroke();
  writeText(doc, piece.stamp, MARGIN + 26, 49, { font: 'label-600', size: 20, anchor: 'middle' });
  writeText(doc, pieceName(of.role, piece.side), MARGIN + 64, 42, { font: 'label-600', size: 19 });
  const { car, series } = plan.brief;
  writeText(
    doc,
    [car === job ? '' : car, series, tube ? tubeWords(tube) : '', bentOn].filter(Boolean).join(' · '),
    MARGIN + 64,
    57,
    BODY,
  );
  const end = { ...BODY, anchor: 'end' } as const;
  writeText(doc, `${title}, revision ${revision}`, width - MARGIN, 40, { ...end, font: 'label-600' });
  writeText(doc, job, width - MARGIN, 55, end);
}

/** Where the foot of a page begins: nothing else is printed below. Points, from the lower edge */
export const FOOT = 44;

/** Ends a sheet: its pages have their foot, once it is known how many there are. pages: of them, where the last have none. */
export function endSheet(doc: Doc, origin: SheetOrigin, pages = doc.bufferedPageRange().count): Doc {
  const { count } = doc.bufferedPageRange();
  const whose = `${originWords(origin)} · ${printedWords(origin.printed)}`;
  for (let page = 0; page < pages; page += 1) {
    doc.switchToPage(page);
    sheetFoot(doc, whose, `page ${page + 1} of ${count}`);
  }
  doc.end();
  return doc;
}

/** The caution at the foot of a page, below whose sheet it is and which page of how many. */
function sheetFoot(doc: Doc, whose: string, place: string): void {
  const { width, height } = doc.page;
  const small = { ...LABEL, size: 9 } as const;
  doc
    .moveTo(MARGIN, height - FOOT)
    .lineTo(width - MARGIN, height - FOOT)
    .lineWidth(0.8)
    .strokeColor('#000')
    .undash()
    .stroke();
  writeText(doc, whose, MARGIN, height - FOOT + 12, small);
  writeText(doc, place, width - MARGIN, height - FOOT + 12, { ...small, anchor: 'end' });
  writeText(doc, FOOTER, MARGIN, height - FOOT + 24, small);
}
