import {
  assumedIn,
  type BendSheet,
  type BendStep,
  type Ears,
  type Evaluation,
  type Finding,
  formatAngle,
  formatLength,
  formatWithUnit,
  hoopFront,
  type LengthStyle,
  markOutStrip,
  type HoopResult,
  pieceAnswerOf,
  type Tube,
  type Plan,
  type SheetBend,
  type SheetDatum,
  type TapeHook,
  tapeHook,
} from '@gyrus/core';
import { findingWords } from '../words/findings/finding.ts';
import { schoolWords } from '../words/school.ts';
import { sheetRestsWords } from '../words/findings/assumed.ts';
import { isRolled, rollFigures } from '../words/roll.ts';
import { clampWords, footWords, lineUpWords, markSide, turnWords, widthWords } from '../words/step.ts';
import { placeDrawing } from './drawing.ts';
import { BODY, LABEL, MARGIN, sheetFoot, sheetHead } from './sheet.ts';
import {
  type Doc,
  newDocument,
  type Paper,
  paperSize,
  paragraphHeight,
  type TextStyle,
  writeParagraph,
  writeText,
} from './page.ts';

/** What a bend sheet says of itself besides its answers. */
export interface SheetRequest {
  plan: Plan;
  evaluation: Evaluation;
  /** The piece whose sheet it is. */
  piece: string;
  revision: number;
  /** When it is printed; the caller's clock. */
  printed: Date;
  paper: Paper;
  style: LengthStyle;
  datum: SheetDatum;
  /** Of the cut ends, for the tape that is hooked on one; null where they are not known. */
  ears: Ears | null;
  /** Every finding of the plan, as Inspect has them. */
  findings: Finding[];
}

const BIG = { font: 'figure-600', size: 25 } as const;
const STRONG = { font: 'label-600', size: 10.5 } as const;
/** Kept free above the foot of the page. Points */
const FOOT = 44;
const LOUD = { font: 'label-600', size: 12 } as const;

/** Cautions of the step (handbook §13), short. */
const CAUTIONS = [
  'Zero the dial after the preload has closed the gaps. If the tube slips in the clamp, stop and write it down.',
  'Tube ends swing: stand clear of their sweep, and keep hands out of the die. A hydraulic bender does not stop for a finger.',
];
/** The bend sheet of one member as a PDF page, black on white; null where the member has no marks yet. */
export function bendSheetPdf(request: SheetRequest): Doc | null {
  const found = pieceAnswerOf(request.evaluation, request.piece);
  if (!found?.answer.sheet) return null;
  const { of, answer } = found;
  const { sheet } = found.answer;
  const doc = newDocument(
    request.paper,
    `${request.plan.brief.car || 'Job'}: ${sheet.stamp}`,
    request.printed,
  );
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
  sheetFoot(doc, width, height);
  doc.end();
  return doc;
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
  if (die) writeText(doc, `${die.machine}: ${die.name}`, width - MARGIN, 84, end);
  writeText(doc, `${unit}. One datum: ${words}. Do not add up.`, width - MARGIN, 101, end);
}

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

function steps(doc: Doc, request: SheetRequest, sheet: BendSheet, top: number, width: number): number {
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
  { style, datum, ears }: SheetRequest,
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
    const figures = rollFigures(bend, hook, style).map(({ label, text }) => `${label} ${text}`);
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
  writeText(doc, `${formatAngle(bend.reading)}°`, at(0.69), base + 2, { font: 'figure-600', size: 17 });
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

/** What the lower part of the page is about. */
interface Drawn {
  hoop: HoopResult | null;
  tube: Tube | null;
  sheet: BendSheet;
}

/** The hoop as it should come out, what to measure before it leaves the bender, and what still needs a person. */
function below(
  doc: Doc,
  request: SheetRequest,
  answer: Drawn,
  top: number,
  width: number,
  height: number,
): void {
  const { style, findings } = request;
  const { sheet, tube } = answer;
  const room = height - 44 - top;
  const drawn =
    answer.hoop && 'hoop' in answer.hoop && tube
      ? hoopFront(answer.hoop.hoop, tube, sheet, { width: 400, height: 250, style, plain: true })
      : null;
  const drawingWidth = drawn ? Math.min(280, (room * drawn.width) / drawn.height) : 0;
  if (drawn) placeDrawing(doc, drawn, MARGIN - 20, top - 10, drawingWidth);
  const x = MARGIN + drawingWidth + 6;
  const columnWidth = width - MARGIN - x;
  let y = top + 8;
  const bottom = height - FOOT;
  const rests = assumedIn(request.plan).ofSheet(sheet.member);
  const said: [string, TextStyle][] = [
    ...(rests.length > 0
      ? [[sheetRestsWords(rests.map(({ name }) => name)), LOUD] satisfies [string, TextStyle]]
      : []),
    ...[...checksOf(answer, style), ...CAUTIONS].map((text): [string, TextStyle] => [text, BODY]),
    [countsOf(findings), STRONG],
  ];
  const share = sizeThatFits((size) =>
    said.reduce((sum, [text, of]) => sum + paragraphHeight(doc, text, columnWidth, scaled(of, size)), y),
  );
  for (const [text, of] of said) y = writeParagraph(doc, text, x, y, columnWidth, scaled(of, share));
  for (const sentence of openOf(sheet.member, request)) {
    if (y > bottom) return;
    y = writeParagraph(doc, sentence, x, y, columnWidth, scaled(BODY, share));
  }

  /** A tube of many bends leaves less room: all of it smaller, rather than any of it left out. */
  function sizeThatFits(endsAt: (size: number) => number): number {
    // The end lies one line below the last.
    return SIZES.find((size) => endsAt(size) - BODY.size * size <= bottom) ?? 0.7;
  }
}

const SIZES = [1, 0.95, 0.9, 0.85, 0.8, 0.75];
const scaled = (style: TextStyle, size: number): TextStyle => ({ ...style, size: style.size * size });

/** What is out or to be looked at of this very tube; both hands of a pair say it once. */
const openOf = (member: string, { findings, style }: SheetRequest): Set<string> =>
  new Set(
    (['out', 'look'] as const).flatMap((status) =>
      findings
        .filter((one) => one.status === status && one.member === member)
        .map((one) => `${status}: ${findingWords(one, style)}`),
    ),
  );

/** How much is open, the rules apart from the rest, as the page of findings counts them. */
function countsOf(findings: Finding[]): string {
  const tally = (list: Finding[]) =>
    (['out', 'look', 'ask'] as const)
      .map((status) => `${list.filter((one) => one.status === status).length} ${status}`)
      .join(', ');
  const besides = findings.filter(({ rule }) => rule === null);
  return `Findings of the rules: ${tally(findings.filter(({ rule }) => rule !== null))}; besides them: ${tally(besides)}. They are told at Inspect.`;
}

function checksOf({ hoop, sheet }: Drawn, style: LengthStyle): string[] {
  const [bend] = sheet.bends;
  const school = bend ? [`Readings come from ${schoolWords(bend)}.`] : [];
  if (!hoop || !('hoop' in hoop)) return bend ? school : ['Straight: cut it to length, no bend.'];
  const { figures, feet } = hoop.hoop;
  const cuts = feet.map(footWords).join('; ');
  const tilt = hoop.hoop.tilt === 0 ? '' : `; ${formatAngle(Math.abs(hoop.hoop.tilt))}° seen from the side`;
  return [
    `Before it leaves the bender: ${formatWithUnit(figures.feetOutside.value, style)} outside at the feet, ${formatWithUnit(figures.benchHeight.value, style)} from foot to top along the hoop, corners ${formatWithUnit(figures.cornersApart.value, style)} between axes.`,
    ...widthWords,
    `Feet across the car: ${cuts}${tilt}.`,
    ...school,
  ];
}
