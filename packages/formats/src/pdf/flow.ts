import { type Doc } from './page.ts';
import { FOOT, MARGIN } from './sheet.ts';

/** A page that is written from its head down to where it is now. Points */
export interface Flow {
  doc: Doc;
  width: number;
  height: number;
  y: number;
}

/** Between the last line and the foot. Points */
const CLEAR = 4;
/** Where a page that goes on begins. */
const TOP = MARGIN + 6;

/** The most that one page holds of what must not be broken. */
export const mostOn = ({ height }: Flow): number => height - FOOT - CLEAR - TOP;

/** Begins a page where there is less room than is wanted. */
export function room(page: Flow, wanted: number): void {
  if (page.y + wanted <= page.height - FOOT - CLEAR) return;
  page.doc.addPage();
  page.y = TOP;
}
