import {
  type BendSheet,
  formatLength,
  markOutStrip,
  pieceAnswerOf,
  type TapeHook,
  tapeHook,
} from '@gyrus/core';
import { placeDrawing } from '../../drawing.ts';
import { type Doc, newDocument, paperSize, writeText } from '../../page.ts';
import { BODY, endSheet, LABEL, MARGIN, sheetHead } from '../../sheet.ts';
import { below } from './below.ts';
import { dieWords } from '../../../words/bend/dial.ts';
import { type SheetRequest } from './sheetRequest.ts';
import { steps } from './steps.ts';

const BIG = { font: 'figure-600', size: 25 } as const;

/** The bend sheet of one tube as a PDF page, black on white; null where the tube has no marks yet. */
export function bendSheetPdf(request: SheetRequest): Doc | null {
  const { plan, job, revision, paper, printed } = request;
  const found = bendSheetOf(request);
  if (!found) return null;
  const doc = newDocument(paper, `${plan.brief.car || 'Job'}: ${found.sheet.stamp}`, printed);
  bendSheetPage(doc, request, found);
  return endSheet(doc, { job, car: plan.brief.car, revision, printed });
}

/** A tube that is bent, with its marks. */
type Bent = NonNullable<ReturnType<typeof bendSheetOf>>;

/** What a bend sheet is of; null where the tube has no marks yet. */
export function bendSheetOf({ evaluation, piece }: Pick<SheetRequest, 'evaluation' | 'piece'>) {
  const found = pieceAnswerOf(evaluation, piece);
  return found?.answer.sheet ? { ...found, sheet: found.answer.sheet } : null;
}

/** The bend sheet on the page that the document is at. */
export function bendSheetPage(doc: Doc, request: SheetRequest, { of, answer, sheet }: Bent): void {
  const [width, height] = paperSize[request.paper];
  const inner = width - 2 * MARGIN;
  sheetHead(doc, {
    ...request,
    title: 'bend sheet',
    of: { member: of.member, role: of.role },
    piece: answer,
    width,
  });
  const hook = tapeHook(sheet, request.datum, request.ears);
  keyFigures(doc, request, sheet, hook, width);
  const strip = markOutStrip(sheet, { width: 1100, hook, style: request.style });
  let y = 116 + placeDrawing(doc, strip, MARGIN, 116, inner);
  y = steps(doc, request, sheet, y + 10, width);
  below(doc, request, { hoop: of.hoop, tube: answer.tube, sheet }, y + 10, width, height);
}

function keyFigures(
  doc: Doc,
  { style }: SheetRequest,
  sheet: BendSheet,
  { words }: TapeHook,
  width: number,
): void {
  const [die] = sheet.bends.map((bend) => bend.die);
  const text = (mm: number) => formatLength(mm, style);
  const columns: [string, string][] = [
    ['cut the blank at', text(sheet.blank)],
    ['trim A, after', text(sheet.trim[0])],
    ['trim B, after', text(sheet.trim[1])],
    ['centre from either end', text(sheet.blank / 2)],
    ['finished on the axis', text(sheet.developed)],
  ];
  let x = MARGIN;
  for (const [label, value] of columns) {
    const labelWidth = writeText(doc, label, x, 80, LABEL);
    x += Math.max(labelWidth, writeText(doc, value, x, 104, BIG)) + 28;
  }
  const unit = style.unit === 'in' ? `inches, to 1/${style.fraction}` : 'millimetres';
  const end = { ...BODY, anchor: 'end' } as const;
  if (die) writeText(doc, `${die.machine}: ${die.name}; ${dieWords(die)}`, width - MARGIN, 84, end);
  writeText(doc, `${unit}. One datum: ${words}. Do not add up.`, width - MARGIN, 101, end);
}
