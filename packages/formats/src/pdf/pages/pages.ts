import { type Doc, newDocument, type Paper, paperSize, type TextStyle, writeText } from '../page.ts';
import { type ShopMoment } from '../../words/moment.ts';
import { endSheet, FOOT, MARGIN, originWords, type SheetOrigin } from '../sheet.ts';

/** Where the first line under a page's head stands. Points */
const TOP = 62;
/** A page on which nothing stands but a heading. Points */
export const FRESH = TOP + 40;
/** Free above the lower edge. Points */
const BOTTOM = FOOT + 4;

/** The pages of a sheet as they are filled: where the next line goes, and what each page is about. */
export interface Pages {
  doc: Doc;
  width: number;
  height: number;
  y: number;
  /** What each page is about, in their order. */
  about: string[];
}

/** A document with its first page begun. about: what stands at the head of each page. */
export function startPages(paper: Paper, title: string, printed: ShopMoment, about: string): Pages {
  const [width, height] = paperSize[paper];
  return { doc: newDocument(paper, title, printed), width, height, y: TOP, about: [about] };
}

/** Turns to a new page; about what the one before was about where nothing is said. */
export function turnPage(pages: Pages, about = pages.about.at(-1) ?? ''): void {
  pages.doc.addPage();
  pages.about.push(about);
  pages.y = TOP;
}

/** Between the margins. Points */
export const innerWidth = ({ width }: Pages): number => width - 2 * MARGIN;

/** Down to here a page may be written. Points */
export const lowest = ({ height }: Pages): number => height - BOTTOM;

/** Whether so much still goes on the page. */
const hasRoom = (pages: Pages, needed: number): boolean => pages.y + needed <= lowest(pages);

/** Turns the page where so much does not go on it any more. */
export function needRoom(pages: Pages, needed: number): void {
  if (!hasRoom(pages, needed)) turnPage(pages);
}

/** A heading, with what it is about beside it in small. */
export function heading(pages: Pages, text: string, about = ''): void {
  needRoom(pages, 60);
  pages.y += 12;
  const width = writeText(pages.doc, text, MARGIN, pages.y, { font: 'label-600', size: 14 });
  if (about) writeText(pages.doc, about, MARGIN + width + 10, pages.y, { font: 'label-500', size: 9 });
  pages.y += 16;
}

const HEAD = { font: 'label-600', size: 10 } as const satisfies TextStyle;

/** Heads every page, once all are there, with whose sheet it is and what that page is about, and ends the sheet. besides: said at the head, too. */
export function endPages({ doc, width, about }: Pages, origin: SheetOrigin, besides = ''): Doc {
  const whose = [originWords(origin), besides].filter(Boolean).join(' · ');
  for (const [i, what] of about.entries()) {
    doc.switchToPage(i);
    writeText(doc, whose, MARGIN, 30, HEAD);
    writeText(doc, what, MARGIN, 43, { font: 'label-500', size: 9 });
    doc
      .moveTo(MARGIN, 48)
      .lineTo(width - MARGIN, 48)
      .lineWidth(0.8)
      .strokeColor('#000')
      .undash()
      .stroke();
  }
  return endSheet(doc, origin);
}
