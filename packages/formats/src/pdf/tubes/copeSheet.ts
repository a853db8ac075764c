import {
  assumedIn,
  type CopeCurve,
  copedTube,
  type Copes,
  beforeFitting,
  curveOf,
  tubesIn,
  type CutLengths,
  type EndCut,
  type Evaluation,
  formatLength,
  formatWithUnit,
  type LengthStyle,
  pieceAnswerOf,
  setbackAt,
  type Plan,
  type Tube,
} from '@gyrus/core';
import { dieWords } from '../../words/bend/dial.ts';
import { sheetRestsWords } from '../../words/findings/assumed.ts';
import {
  bentFigures,
  clockingWords,
  type NamedFigure,
  methodWords,
  passCautions,
  passFigures,
  seamWords,
  seatWords,
  prepWords,
} from '../../words/cope.ts';
import { beforeFittingWords } from '../../words/fitting.ts';
import { clockedWords, footCutWords, footFigures } from '../../words/foot.ts';
import { placeDrawing } from '../drawing.ts';
import { type Doc, type Paper, paperSize, writeParagraph, writeText } from '../page.ts';
import { BODY, FOOT, MARGIN, sheetHead } from '../sheet.ts';

/** What cope sheets are made of. */
export interface CopeSheetRequest {
  plan: Plan;
  evaluation: Evaluation;
  copes: Copes;
  job: string;
  revision: number;
  paper: Paper;
  style: LengthStyle;
  curve: CopeCurve;
}

/** A tube with the cuts of its ends, and its lengths. */
export interface Coped {
  tube: Tube;
  cuts: [a: EndCut, b: EndCut];
  lengths: CutLengths;
}

/** A tube with its cuts; null where it is not there, or came with the car. */
export function copedOf({ copes, evaluation }: CopeSheetRequest, piece: string): Coped | null {
  const tube = pieceAnswerOf(evaluation, piece)?.answer.tube;
  const [a, b] = (['a', 'b'] as const).map((end) =>
    copes.ends.find((cut) => cut.piece === piece && cut.end === end),
  );
  const lengths = copes.lengths.find((one) => one.piece === piece);
  return tube && a && b && lengths ? { tube, cuts: [a, b], lengths } : null;
}

/** The tube with its lengths, and for each end how it is cut and where to mark it by hand: on one page, or the marks on a second. */
export function copeSheet(doc: Doc, request: CopeSheetRequest, coped: Coped): void {
  const [width, height] = paperSize[request.paper];
  const found = pieceAnswerOf(request.evaluation, coped.tube.piece);
  if (!found) return;
  const dies = (found.answer.sheet?.bends ?? []).map(({ die }) => `bent on ${dieWords(die)}`);
  const bentOn = [...new Set(dies)].join(', ');
  const head = () =>
    sheetHead(doc, { ...request, title: 'cope sheet', of: found.of, piece: found.answer, width, bentOn });
  head();
  const top = wholeTube(doc, request, coped, width);
  const column = (width - 2 * MARGIN - 24) / 2;
  const columns = coped.cuts.map((cut, i) => ({ cut, x: MARGIN + i * (column + 24) }));
  const ends = columns.map(({ cut, x }) =>
    endColumn(doc, request, { cut, lengths: coped.lengths }, x, top + 4, column),
  );
  const fits = Math.max(...ends) + 4 + CLOCK_TABLE <= height - FOOT;
  if (!fits) {
    doc.addPage();
    head();
  }
  for (const [i, { cut, x }] of columns.entries())
    if (cut.outer.length > 0) clockTable(doc, cut, request, x, fits ? (ends[i] ?? 0) + 4 : 90, column);
}

/** What the table of marks by hand takes. Points */
const CLOCK_TABLE = 64;

/** The tube from end to end: its lengths, what is done to it before it is fitted; where that ends on the page. */
function wholeTube(
  doc: Doc,
  request: CopeSheetRequest,
  { tube, cuts, lengths }: Coped,
  width: number,
): number {
  const { evaluation, style } = request;
  const drawing = copedTube(cuts, lengths, { width: 1000, style, od: tube.od });
  const share = 0.7 * (width - 2 * MARGIN);
  let y = 64 + placeDrawing(doc, drawing, (width - share) / 2, 64, share);
  const rests = assumedIn(request.plan).ofSheet(tube.member);
  if (rests.length > 0)
    y = writeParagraph(
      doc,
      sheetRestsWords(rests.map(({ name }) => name)),
      MARGIN,
      y + 14,
      width - 2 * MARGIN,
      STRONG,
    );
  const bent = bentFigures(lengths, style);
  if (bent.length > 0) y = figureRow(doc, bent, MARGIN, y + 16, width - 2 * MARGIN);
  const clocking = clockingWords(lengths, tube.od, style);
  const [trimA, trimB] = lengths.trim;
  const trim = `Trim is extra: ${formatWithUnit(trimA, style)} at A, ${formatWithUnit(trimB, style)} at B.`;
  y = writeParagraph(
    doc,
    `${trim}${clocking ? ` From ${clockedWords(...cuts)}, right-handed looking from A to B: ${clocking}. A bar clocked wrong is scrap.` : ''}`,
    MARGIN,
    y + 14,
    width - 2 * MARGIN,
    BODY,
  );
  const before = beforeFitting(
    request.plan,
    request.copes,
    { ...evaluation, tubes: tubesIn(evaluation) },
    tube.piece,
  );
  if (before)
    y = writeParagraph(
      doc,
      `Before it is fitted. ${beforeFittingWords(before, style).join(' ')}`,
      MARGIN,
      y + 4,
      width - 2 * MARGIN,
      SMALL,
    );
  return y;
}

const STRONG = { font: 'label-600', size: 13 } as const;
/** Of the columns, so that an end of many lines keeps its table of marks on the page. */
const SMALL = { ...BODY, size: 9 } as const;

/** How an end is cut, and its seam; where that ends on the page. */
function endColumn(
  doc: Doc,
  { plan, copes, style }: CopeSheetRequest,
  { cut, lengths }: { cut: EndCut; lengths: CutLengths },
  x: number,
  top: number,
  width: number,
): number {
  let y = top + 12;
  writeText(
    doc,
    `End ${cut.end.toUpperCase()}, ${cut.method === 'plane' || cut.method === 'square' ? '' : `${seatWords(cut)}: `}${methodWords(cut)}`,
    x,
    y,
    STRONG,
  );
  y += 17;
  y = footCard(doc, cut, { plan, style }, x, y, width);
  if (cut.why) y = writeParagraph(doc, `No setting of the notcher: ${cut.why}.`, x, y, width, SMALL);
  for (const [i, pass] of cut.passes.entries()) {
    if (cut.passes.length > 1) {
      writeText(doc, `Pass ${i + 1}, ${cut.headers[pass.header] ?? ''}`, x, y, {
        ...SMALL,
        font: 'label-600',
      });
      y += 14;
    }
    y = figureRows(doc, passFigures(pass, cut, lengths, style), x, y, width);
    for (const caution of passCautions(pass, plan.coping, style))
      y = writeParagraph(doc, caution, x, y, width, SMALL);
  }
  const seam = copes.seams.find((one) => one.piece === cut.piece && one.end === cut.end);
  if (seam) for (const words of seamWords(seam, style)) y = writeParagraph(doc, words, x, y, width, SMALL);
  if (cut.prep)
    for (const words of prepWords(cut.prep, cut.passes.length > 0, style))
      y = writeParagraph(doc, words, x, y, width, SMALL);
  return y;
}

/** How the saw is set for an end that is cut to a plane. */
function footCard(
  doc: Doc,
  cut: EndCut,
  { plan, style }: Pick<CopeSheetRequest, 'plan' | 'style'>,
  x: number,
  top: number,
  width: number,
): number {
  if (cut.method !== 'plane') return top;
  const od = plan.members.find(({ id }) => id === cut.member)?.tube.od.mm ?? 0;
  const y = figureRows(doc, footFigures(cut, od, style), x, top, width);
  return writeParagraph(doc, footCutWords(cut, plan.coping), x, y + 8, width, BODY);
}

/** Setbacks every 30° from the ear, two rows of six. */
function clockTable(
  doc: Doc,
  cut: EndCut,
  { curve, style }: { curve: CopeCurve; style: LengthStyle },
  x: number,
  top: number,
  width: number,
): void {
  const EVERY = 30;
  const setbacks = curveOf(cut, curve);
  writeText(
    doc,
    `By hand: round from the face line, and up the tube from the ear, ${style.unit === 'in' ? 'inches' : 'mm'} (${curve})`,
    x,
    top + 10,
    BODY,
  );
  for (let at = 0; at < 360; at += EVERY) {
    const setback = setbackAt(setbacks, at);
    const column = x + ((at / EVERY) % 6) * (width / 6);
    const row = top + 24 + Math.floor(at / (EVERY * 6)) * 26;
    writeText(doc, `${at}°`, column, row, SMALL);
    const text = setback === null ? 'passes' : formatLength(setback - cut.ear, style);
    writeText(doc, text, column, row + 12, { font: 'figure-600', size: 12 });
  }
}

/** Figures in one row. */
function figureRow(doc: Doc, figures: NamedFigure[], x: number, y: number, width: number): number {
  for (const [i, { label, text }] of figures.entries()) {
    writeText(doc, label, x + (i * width) / figures.length, y, { ...BODY, size: 8.5 });
    writeText(doc, text, x + (i * width) / figures.length, y + 13, { font: 'figure-600', size: 13 });
  }
  return y + 16;
}

/** Label and figure beside each other, two to a row. */
function figureRows(doc: Doc, figures: NamedFigure[], x: number, top: number, width: number): number {
  for (const [i, { label, text }] of figures.entries()) {
    const [column, row] = [i % 2, Math.floor(i / 2)];
    const at = x + column * (width / 2);
    const y = top + row * 24;
    writeText(doc, label, at, y, { ...BODY, size: 8 });
    writeText(doc, text, at, y + 12, { font: 'figure-600', size: 12 });
  }
  return top + Math.ceil(figures.length / 2) * 24 + 2;
}
