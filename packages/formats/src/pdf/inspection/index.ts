import { type Doc } from '../page.ts';
import { asBuiltTable } from './asBuilt.ts';
import { besidesTable, bookTables } from './bookTables.ts';
import { coverPage } from './cover.ts';
import { endPages, startPages, turnPage } from '../pages/pages.ts';
import { photoPages } from './photos.ts';
import { assumedTable, openQuestions } from './questions.ts';
import { type InspectionRequest } from './request.ts';
import { sheetTables, tubeTable } from './tubes.ts';
import { viewPages } from './views.ts';

export { type InspectionForm, type InspectionRequest, type RevisionMade } from './request.ts';

/**
 * The inspector's sheet: what the car is and what is out on its first page, then the cage in three views, its tubes and plates, every
 * finding beside the rule that asks for it, what is still to be answered, and room for what is taped on the finished cage. The short
 * form is the first page and the tubes. It says what was measured; it judges nothing.
 */
export function inspectionPdf(request: InspectionRequest): Doc {
  const { plan, paper, job, printed, revision, form } = request;
  const pages = startPages(paper, `${job}: for the inspector`, printed, 'For the inspector');
  coverPage(pages, request);
  if (form === 'long') viewPages(pages, request);
  // Below the last view, or what of a long list went over the first page, there is room for tubes.
  if (pages.about.length === 1) turnPage(pages, 'Tubes');
  tubeTable(pages, request);
  if (form === 'long') {
    sheetTables(pages, request);
    bookTables(pages, request);
    besidesTable(pages, request);
    openQuestions(pages, request);
    assumedTable(pages, request);
    asBuiltTable(pages, request);
    photoPages(pages, request);
  }
  return endPages(pages, { job, car: plan.brief.car, revision: revision.number, printed });
}
