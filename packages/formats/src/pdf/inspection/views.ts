import { type CageView, cageView, sheetsIn, tubesIn } from '@gyrus/core';
import { placeDrawing } from '../drawing.ts';
import { MARGIN } from '../sheet.ts';
import { innerWidth, lowest, type Pages, turnPage } from '../pages/pages.ts';
import { type InspectionRequest } from './request.ts';

const VIEWS: [CageView, string][] = [
  ['side', 'The cage from its left side'],
  ['front', 'The cage from behind, looking forward'],
  ['top', 'The cage from above, forward is up'],
];

/** The cage with its plates and gussets in three views, each as large as the page allows, stamps on leaders. */
export function viewPages(pages: Pages, { plan, evaluation }: InspectionRequest): void {
  const tubes = tubesIn(evaluation);
  if (tubes.length === 0) return;
  const sheets = sheetsIn(plan, evaluation);
  for (const [view, about] of VIEWS) {
    turnPage(pages, about);
    const width = innerWidth(pages);
    const height = lowest(pages) - pages.y + 8;
    // Drawn half as large again, so that stamps come out at a size that is read at arm's length.
    const options = { view, width: width * 1.5, height: height * 1.5, selected: [], style: null, sheets };
    placeDrawing(pages.doc, cageView(tubes, { ...options, stamps: 'leaders' }), MARGIN, pages.y - 8, width);
    pages.y = lowest(pages);
  }
}
