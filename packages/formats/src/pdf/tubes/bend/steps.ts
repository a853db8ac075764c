import {
  type BendSheet,
  type BendStep,
  formatAngle,
  formatLength,
  type SheetBend,
  tapeHook,
} from '@gyrus/core';
import { isRolled, rollFigures } from '../../../words/roll.ts';
import { clampWords, lineUpWords, markSide, turnWords } from '../../../words/bend/step.ts';
import { type Doc, writeParagraph, writeText } from '../../page.ts';
import { BODY, MARGIN, STRONG } from '../../sheet.ts';
import { type SheetRequest } from './sheetRequest.ts';

const COLUMNS = [
  ['bend', 0],
  ['clamp', 0.05],
  ['line up', 0.235],
  ['mark at', 0.375],
  ['turn', 0.5],
  ['pull to', 0.69],
  ['releases', 0.765],
  ['inside', 0.83],
  ['measured', 0.88],
  ['by', 0.95],
] as const;

/** The table of the bends in the order in which they are made, with room for what was measured; returns where it ends. Points */
export function steps(doc: Doc, request: SheetRequest, sheet: BendSheet, top: number, width: number): number {
  const inner = width - 2 * MARGIN;
  const at = (share: number) => MARGIN + share * inner;
  for (const [name, share] of COLUMNS) writeText(doc, name, at(share) + (share > 0.85 ? 4 : 0), top, STRONG);
  let y = top + 6;
  rule(doc, y, width);
  for (const [i, step] of sheet.steps.entries()) {
    const bend = sheet.bends.find((one) => one.number === step.bend);
    if (!bend) continue;
    stepRow(doc, request, sheet, { bend, step, first: i === 0 }, y, at);
    y += 30;
    rule(doc, y, width);
  }
  for (const share of [0.88, 0.95, 1])
    doc
      .moveTo(at(share), top + 6)
      .lineTo(at(share), y)
      .lineWidth(0.8)
      .strokeColor('#000')
      .stroke();
  return y;
}

interface Row {
  bend: SheetBend;
  step: BendStep;
  first: boolean;
}

function stepRow(
  doc: Doc,
  { style, datum, ears, evaluation }: SheetRequest,
  sheet: BendSheet,
  { bend, step, first }: Row,
  top: number,
  at: (share: number) => number,
): void {
  const base = top + 20;
  const hook = tapeHook(sheet, datum, ears);
  const small = { ...BODY, size: 9.5 };
  const cell = (share: number, words: string, next: number) =>
    writeParagraph(doc, words, at(share), top + 13, at(next) - at(share) - 8, small);
  writeText(doc, String(bend.number), at(0), base, { ...STRONG, size: 13 });
  if (isRolled(bend)) {
    const figures = rollFigures(sheet, bend, hook, evaluation.roller, style).map(
      ({ label, text }) => `${label} ${text}`,
    );
    cell(0.05, `rolled, not pulled; ${turnWords(step, first, style)}`, 0.235);
    cell(0.235, figures.join('; '), 0.88);
    return;
  }
  cell(0.05, clampWords(bend), 0.235);
  cell(0.235, lineUpWords(bend), 0.375);
  const mark = formatLength(Math.abs(hook.reads(bend.mark)), style);
  writeText(doc, mark, at(0.375), top + 16, { font: 'figure-600', size: 15 });
  writeText(doc, markSide(hook, bend), at(0.375), top + 28, { ...small, size: 8.5 });
  cell(0.5, turnWords(step, first, style), 0.69);
  const { to, next } = bend.dial;
  const reading = { font: 'figure-600', size: next === null ? 17 : 15 } as const;
  writeText(doc, `${formatAngle(to)}°`, at(0.69), next === null ? base + 2 : top + 16, reading);
  if (next !== null)
    writeText(doc, `next ${formatAngle(next)}°`, at(0.69), top + 28, { ...small, size: 8.5 });
  writeText(doc, `${formatAngle(bend.angle)}°`, at(0.765), top + 15, { ...BODY, size: 12 });
  const { released } = bend.pull;
  if (released)
    writeText(doc, `${formatAngle(released[0])} to ${formatAngle(released[1])}`, at(0.765), top + 27, {
      ...small,
      size: 8.5,
    });
  writeText(doc, `${formatAngle(bend.included)}°`, at(0.83), base, { ...BODY, size: 12 });
}

const rule = (doc: Doc, y: number, width: number): void =>
  void doc
    .moveTo(MARGIN, y)
    .lineTo(width - MARGIN, y)
    .lineWidth(0.8)
    .strokeColor('#000')
    .undash()
    .stroke();
