import { type CageView, cageView, sheetsIn, tubesIn } from '@gyrus/core';
import { placeDrawing } from '../drawing.ts';
import { MARGIN } from '../sheet.ts';
import { writeText } from '../page.ts';
import { FRESH, innerWidth, lowest, type Pages, turnPage } from '../pages/pages.ts';
import { type InspectionRequest } from './request.ts';

/** Between two views beside each other. Points */
const BETWEEN = 24;

/** The cage with its plates and gussets in three views, stamps on leaders: front and top beside each other, the side over half a page. */
export function viewPages(pages: Pages, { plan, evaluation }: InspectionRequest): void {
  const tubes = tubesIn(evaluation);
  if (tubes.length === 0) return;
  const sheets = sheetsIn(plan, evaluation);
  const whole = innerWidth(pages);
  const high = lowest(pages) - FRESH;
  const half = (whole - BETWEEN) / 2;
  const draw = (
    view: CageView,
    about: string,
    x: number,
    [width, height]: readonly [number, number],
  ): void => {
    writeText(pages.doc, about, x, pages.y, { font: 'label-600', size: 10 });
    // Drawn half as large again, so that stamps come out at a size that is read at arm's length.
    const options = { view, width: width * 1.5, height: height * 1.5, selected: [], style: null, sheets };
    placeDrawing(pages.doc, cageView(tubes, { ...options, stamps: 'leaders' }), x, pages.y + 4, width);
  };
  turnPage(pages, 'The cage from behind and from above');
  draw('front', 'From behind, looking forward', MARGIN, [half, high]);
  draw('top', 'From above, forward is up', MARGIN + half + BETWEEN, [half, high]);
  turnPage(pages, 'The cage from its left side; tubes');
  draw('side', 'From its left side', MARGIN, [whole, high / 2]);
  pages.y += high / 2 + 22;
}
