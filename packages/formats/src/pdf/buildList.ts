import { type BuildAnswer, type BuildStep, isDone, type LengthStyle, type Ticked } from '@gyrus/core';
import { buildCostWords } from '../words/build/orderWords.ts';
import { stepCaution } from '../words/build/stepCaution.ts';
import { stepReasons } from '../words/build/stepReasons.ts';
import { dayWords, type ShopMoment } from '../words/moment.ts';
import { PLACE_WORDS, stepTitle } from '../words/build/stepTitle.ts';
import {
  type Doc,
  newDocument,
  type Paper,
  paperSize,
  paragraphHeight,
  writeParagraph,
  writeText,
} from './page.ts';
import { type Flow, mostOn, room } from './flow.ts';
import { BODY, LABEL, endSheet, MARGIN, STRONG } from './sheet.ts';

/** What a printed list of steps says. */
export interface BuildListRequest {
  answer: BuildAnswer;
  ticked: ReadonlyMap<string, Ticked>;
  job: string;
  revision: number;
  printed: ShopMoment;
  /** Of the job. */
  car: string;
  paper: Paper;
  style: LengthStyle;
}

const HEAD = { font: 'label-600', size: 18 } as const;
const GROUP = { font: 'label-600', size: 13 } as const;
const CAUTION = { ...LABEL, size: 9.5 } as const;
/** From the margin: the box to tick, the number, the text. */
const NUMBER = 34;
const TEXT = 44;
/** For who did it, and when. */
const SIGNED = 150;

/** The order of build as PDF pages: a box to tick at each step, who and when beside it, its reasons and its caution below. */
export function buildListPdf(request: BuildListRequest): Doc {
  const { answer, job, revision, printed, paper } = request;
  const doc = newDocument(paper, `Order of build: ${job}`, printed);
  const [width, height] = paperSize[paper];
  writeText(doc, `Order of build: ${job}`, MARGIN, MARGIN + 14, HEAD);
  const origin = `Revision ${revision}. ${buildCostWords(answer.cost)}.`;
  const page: Flow = {
    doc,
    width,
    height,
    y: writeParagraph(doc, origin, MARGIN, MARGIN + 32, width - 2 * MARGIN, BODY),
  };
  let where = '';
  for (const [i, step] of answer.steps.entries()) {
    if (PLACE_WORDS[step.where] !== where) {
      where = PLACE_WORDS[step.where];
      room(page, 90);
      writeText(doc, where, MARGIN, page.y + 20, GROUP);
      page.y += 28;
    }
    drawStep(request, step, i + 1, page);
  }
  return endSheet(doc, request);
}

function drawStep(
  { style, ticked, printed }: BuildListRequest,
  step: BuildStep,
  number: number,
  page: Flow,
): void {
  const { doc } = page;
  const wide = page.width - 2 * MARGIN - TEXT - SIGNED;
  const title = stepTitle(step, style);
  const reasons = stepReasons(step, style).join(' ');
  const caution = stepCaution(step);
  const height =
    paragraphHeight(doc, title, wide, STRONG) +
    paragraphHeight(doc, reasons, wide, LABEL) +
    (caution ? paragraphHeight(doc, caution, wide, CAUTION) : 0);
  room(page, Math.min(height + 10, mostOn(page)));
  const top = page.y + 12;
  doc
    .undash()
    .lineWidth(0.9)
    .strokeColor('#000')
    .rect(MARGIN, top - 9, 10, 10)
    .stroke();
  const by = ticked.get(step.ticks[0] ?? '');
  const done = isDone(step, ticked);
  if (done) writeText(doc, '×', MARGIN + 5, top, { ...STRONG, anchor: 'middle' });
  writeText(doc, String(number), MARGIN + NUMBER, top, { ...STRONG, anchor: 'end' });
  page.y = writeParagraph(doc, title, MARGIN + TEXT, top, wide, STRONG);
  const signed = page.width - MARGIN - SIGNED + 12;
  if (done && by)
    writeText(doc, `${by.who}, ${dayWords({ at: new Date(by.at), zone: printed.zone })}`, signed, top, BODY);
  else
    doc
      .moveTo(signed, top + 2)
      .lineTo(page.width - MARGIN, top + 2)
      .lineWidth(0.5)
      .stroke();
  page.y = writeOver(doc, reasons, page, wide, LABEL);
  if (caution) page.y = writeOver(doc, caution, page, wide, CAUTION);
}

/** A paragraph under the last one. */
const writeOver = (
  doc: Doc,
  text: string,
  page: Flow,
  wide: number,
  style: typeof LABEL | typeof CAUTION,
): number => writeParagraph(doc, text, MARGIN + TEXT, page.y, wide, style);
