import {
  type CopeCurve,
  copeTemplate,
  type EndCut,
  earsOf,
  type Finding,
  type FlatOutline,
  straightCutsOf,
  type Tube,
  tubesIn,
} from '@gyrus/core';
import { type ShopMoment } from '../../words/moment.ts';
import { type Doc, newDocument } from '../page.ts';
import { endSheet } from '../sheet.ts';
import { bendSheetOf, bendSheetPage } from './bend/bendSheet.ts';
import { copedOf, copeSheet, type CopeSheetRequest } from './copeSheet.ts';
import { templatePages } from './templates.ts';

/** What is printed of tubes: their bend sheets, their cope sheets, their wrap templates. */
export type TubePart = 'bends' | 'copes' | 'templates';

/** What is to be printed: of all tubes, of one, or of one end. */
export interface TubePackRequest extends CopeSheetRequest {
  /** Every finding of the plan, as Inspect has them. */
  findings: Finding[];
  pieces: string[];
  ends: ('a' | 'b')[];
  parts: TubePart[];
  printed: ShopMoment;
  curve: CopeCurve;
  /** Templates carry the lines of two straight cuts besides. */
  straight: boolean;
}

/**
 * Tubes as one PDF: each with its bend sheet and its cope sheet, then the templates of all of them, packed. Null where none of it is
 * there to print.
 */
export function tubePackPdf(request: TubePackRequest): Doc | null {
  const { plan, job, revision, paper, printed } = request;
  const doc = newDocument(paper, `${job}: tubes`, printed);
  const pages = sheetPages(request);
  const templates = request.parts.includes('templates') ? templatesOf(request) : [];
  if (pages.length === 0 && templates.length === 0) return null;
  for (const [i, draw] of pages.entries()) {
    if (i > 0) doc.addPage();
    draw(doc);
  }
  const { count } = doc.bufferedPageRange();
  const footed = pages.length === 0 ? 0 : count;
  const { car } = plan.brief;
  templatePages(doc, { job, car, revision, paper, templates }, footed === 0);
  return endSheet(doc, { job, car, revision, printed }, footed);
}

/** What is drawn, one sheet after the other. */
const sheetPages = (request: TubePackRequest): ((doc: Doc) => void)[] =>
  request.pieces.flatMap((piece) => [...bendPage(request, piece), ...copePage(request, piece)]);

function bendPage(request: TubePackRequest, piece: string): ((doc: Doc) => void)[] {
  const found = request.parts.includes('bends') ? bendSheetOf({ ...request, piece }) : null;
  if (!found) return [];
  const { datum } = request.plan.members.find(({ id }) => id === found.of.member)?.bending ?? {};
  const ears = earsOf(request.copes, piece);
  const sheet = { ...request, piece, ears, datum: datum ?? 'centre' };
  return [(doc) => bendSheetPage(doc, sheet, found)];
}

function copePage(request: TubePackRequest, piece: string): ((doc: Doc) => void)[] {
  const coped = request.parts.includes('copes') ? copedOf(request, piece) : null;
  return coped ? [(doc) => copeSheet(doc, request, coped)] : [];
}

const templatesOf = (request: TubePackRequest): FlatOutline[] =>
  request.pieces.flatMap((piece) => {
    const coped = copedOf(request, piece);
    if (!coped) return [];
    const cuts = coped.cuts.filter(({ end }) => request.ends.includes(end));
    return cuts.flatMap((cut) => templateOf(request, coped.tube, cut) ?? []);
  });

function templateOf(
  { plan, evaluation, curve, straight, revision, job, style }: TubePackRequest,
  { od }: Tube,
  cut: EndCut,
): FlatOutline | null {
  if (cut.outer.length === 0) return null;
  const origin = `${job}, revision ${revision}`;
  const gap = plan.coping.straightCutGap.mm;
  return copeTemplate(cut, od, {
    ...{ curve, origin, style },
    paper: plan.coping.paper.mm,
    straight: straight ? straightCutsOf(cut, tubesIn(evaluation), gap) : null,
  });
}
