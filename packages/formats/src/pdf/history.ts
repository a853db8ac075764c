import { type LengthStyle, type Plan, type RuleBook, type Shop } from '@gyrus/core';
import { historyOf, type HistorySources, historyTubes } from '../words/history/history.ts';
import { minuteWords, type ShopMoment } from '../words/moment.ts';
import { historySeams } from '../words/history/historySeams.ts';
import {
  type Doc,
  newDocument,
  type Paper,
  paperSize,
  paragraphHeight,
  writeParagraph,
  writeText,
} from './page.ts';
import { endSheet, BODY, MARGIN, STRONG } from './sheet.ts';
import { type Flow, room } from './flow.ts';

/** What a printed history says. */
export interface HistoryRequest {
  plan: Plan;
  shop: Shop;
  books: readonly RuleBook[];
  sources: HistorySources;
  job: string;
  printed: ShopMoment;
  paper: Paper;
  style: LengthStyle;
}

const HEAD = { font: 'label-600', size: 18 } as const;
const GROUP = { font: 'label-600', size: 13 } as const;
/** From the margin: who, and what. */
const WHO = 110;
const WHAT = 230;

/** What was done for a job, as PDF pages: its tubes with batch and certificate, then everything by who and when. */
export function historyPdf({ plan, shop, books, sources, job, printed, paper, style }: HistoryRequest): Doc {
  const doc = newDocument(paper, `History: ${job}`, printed);
  const [width, height] = paperSize[paper];
  writeText(doc, `History: ${job}`, MARGIN, MARGIN + 14, HEAD);
  const { car, series, customer } = plan.brief;
  const of = [car, series, customer].filter(Boolean).join(' · ');
  const minute = (moment: string) => minuteIn(printed.zone, moment);
  const page: Flow = {
    doc,
    width,
    height,
    y: writeParagraph(doc, of, MARGIN, MARGIN + 32, width - 2 * MARGIN, BODY),
  };
  heading(page, 'Tubes');
  for (const { stamp, tube, batch, certificate } of historyTubes(plan, shop))
    row(page, [stamp, `batch ${batch}`, `${tube}; certificate ${certificate}`]);
  const seams = historySeams(plan, sources.entries, sources.procedures);
  if (seams.length > 0) heading(page, 'Seams');
  for (const { seam, who, at, procedure, samples } of seams)
    row(page, [seam, who, `${minute(at)}, procedure ${procedure}${samples && `; samples: ${samples}`}`]);
  heading(page, 'What was done');
  const events = historyOf(plan, sources, books, style);
  if (events.length === 0) row(page, ['', '', 'Nothing is written down yet.']);
  for (const { at, who, kind, text, note, photos } of events) {
    const said = [
      note && ` “${note}”`,
      photos.length > 0 && ` (${photos.length} photo${photos.length === 1 ? '' : 's'})`,
    ];
    row(page, [at ? minute(at) : 'before', who, `${kind}: ${text}${said.filter(Boolean).join('')}`]);
  }
  return endSheet(doc, { job, car, revision: null, printed });
}

/** A moment as the shop's clock has it; a day without an hour as it is. */
const minuteIn = (zone: string, moment: string): string =>
  moment.includes('T') ? minuteWords({ at: new Date(moment), zone }) : moment;

function heading(page: Flow, text: string): void {
  room(page, 60);
  writeText(page.doc, text, MARGIN, page.y + 18, GROUP);
  page.y += 24;
}

function row(page: Flow, [when, who, what]: [string, string, string]): void {
  const { doc, width } = page;
  const wide = width - 2 * MARGIN - WHAT;
  const first = paragraphHeight(doc, when, WHO - 8, STRONG);
  const high = Math.max(
    first,
    paragraphHeight(doc, who, WHAT - WHO - 8, BODY),
    paragraphHeight(doc, what, wide, BODY),
  );
  room(page, high + 4);
  const top = page.y + 12;
  writeParagraph(doc, when, MARGIN, top, WHO - 8, STRONG);
  writeParagraph(doc, who, MARGIN + WHO, top, WHAT - WHO - 8, BODY);
  writeParagraph(doc, what, MARGIN + WHAT, top, wide, BODY);
  page.y += high + 4;
}
