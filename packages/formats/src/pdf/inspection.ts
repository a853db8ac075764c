import {
  cageView,
  type Evaluation,
  type Finding,
  fineLength,
  type LengthStyle,
  certificateOf,
  type Plan,
  type Shop,
  type Status,
  tubesIn,
  writtenLength,
} from '@gyrus/core';
import { restsListWords } from '../words/assumed.ts';
import { findingFigure, findingWords, provenanceWords } from '../words/finding.ts';
import { pieceName, tubeKindWords } from '../words/tube.ts';
import { placeDrawing } from './drawing.ts';
import { type Doc, newDocument, type Paper, paperSize, writeParagraph, writeText } from './page.ts';
import { BODY, MARGIN, sheetFoot } from './sheet.ts';

export interface InspectionRequest {
  plan: Plan;
  evaluation: Evaluation;
  /** Of the shop whose stock has the certificates. */
  shop: Shop;
  /** Of evaluation and copes. */
  findings: Finding[];
  /** Photos of the answers by their ids, as far as they are kept: JPEG. */
  photos: Map<string, Buffer>;
  job: string;
  revision: number;
  printed: Date;
  paper: Paper;
  style: LengthStyle;
}

const STRONG = { font: 'label-600', size: 10 } as const;
const SMALL = { ...BODY, size: 9 } as const;
const LOUD = { font: 'label-600', size: 12 } as const;
const ROW = 13;

/** Where the next line goes, over as many pages as it takes. */
interface Cursor {
  doc: Doc;
  y: number;
  width: number;
  height: number;
}

/**
 * The inspector's sheet: the cage in three views with stamps, its tubes and plates, every finding with what was measured against
 * what, and what is still to be answered. It says what was measured; it judges nothing.
 */
export function inspectionPdf(request: InspectionRequest): Doc {
  const { plan, evaluation, paper, job, printed } = request;
  const doc = newDocument(paper, `${job}: for the inspector`, printed);
  const [width, height] = paperSize[paper];
  firstPage(doc, request, width, height);
  const cursor: Cursor = { doc, y: height, width, height };
  tubeTable(cursor, request);
  plateTable(cursor, plan, evaluation, request.style);
  bookTables(cursor, request);
  openQuestions(cursor, request);
  photoPages(cursor, request);
  doc.end();
  return doc;
}

function firstPage(
  doc: Doc,
  { plan, evaluation, findings, job, revision, printed, style }: InspectionRequest,
  width: number,
  height: number,
): void {
  writeText(doc, job, MARGIN, 46, { font: 'label-600', size: 22 });
  const { car, series } = plan.brief;
  writeText(doc, [car, series].filter(Boolean).join(' · '), MARGIN, 63, BODY);
  const end = { ...BODY, anchor: 'end' } as const;
  writeText(doc, `for the inspector, revision ${revision}`, width - MARGIN, 44, {
    ...end,
    font: 'label-600',
  });
  writeText(
    doc,
    `printed ${printed.toISOString().slice(0, 16).replace('T', ' ')} UTC`,
    width - MARGIN,
    60,
    end,
  );
  const tubes = tubesIn(evaluation);
  const column = (width - 2 * MARGIN - 20) / 2;
  const views = [
    { view: 'side' as const, x: MARGIN, y: 76 },
    { view: 'front' as const, x: MARGIN + column + 20, y: 76 },
    { view: 'top' as const, x: MARGIN, y: 76 + column * 0.58 + 8 },
  ];
  if (tubes.length > 0)
    for (const { view, x, y } of views)
      placeDrawing(
        doc,
        cageView(tubes, { view, width: 860, height: 500, selected: [], stamps: 'all', style: null }),
        x,
        y,
        column,
      );
  const { totals, assumed } = evaluation;
  const x = MARGIN + column + 20;
  let y = 76 + column * 0.58 + 30;
  if (assumed.length > 0)
    y = writeParagraph(doc, restsListWords(assumed.map(({ name }) => name)), x, y, column, LOUD) + 6;
  const count = (status: Status) => findings.filter((one) => one.rule && one.status === status).length;
  for (const line of [
    `${totals.tubes} tubes, ${totals.metres.toFixed(1)} m, ${totals.mass.toFixed(1)} kg with plates and gussets.`,
    `Held against ${plan.brief.books.length} rule books: ${count('clear')} clear, ${count('look')} to look at, ${count('out')} out, ${count('ask')} to be answered.`,
    `Distances within ${plan.measuringError.mm} mm and angles within ${plan.measuringError.deg}° of a limit are to look at, as tape and protractor tell no more.`,
    `Lengths in ${style.unit === 'in' ? `inches, to 1/${style.fraction}` : 'millimetres'}.`,
    'The figures follow from the plan; what was built is to be measured. This sheet says what was measured against what, and judges nothing.',
  ])
    y = writeParagraph(doc, line, x, y, column, BODY) + 3;
  sheetFoot(doc, width, height);
}

/** Room for so much; turns the page where there is none. */
function room(cursor: Cursor, needed: number): void {
  if (cursor.y + needed <= cursor.height - 44) return;
  cursor.doc.addPage();
  sheetFoot(cursor.doc, cursor.width, cursor.height);
  cursor.y = 44;
}

function heading(cursor: Cursor, text: string, about = ''): void {
  room(cursor, 60);
  cursor.y += 10;
  const width = writeText(cursor.doc, text, MARGIN, cursor.y, { font: 'label-600', size: 14 });
  if (about) writeText(cursor.doc, about, MARGIN + width + 10, cursor.y, SMALL);
  cursor.y += 18;
}

/** A row of cells, the last of which may take several lines. */
function row(
  cursor: Cursor,
  cells: string[],
  shares: number[],
  style: typeof STRONG | typeof SMALL = SMALL,
): void {
  room(cursor, ROW * 2);
  const inner = cursor.width - 2 * MARGIN;
  let lowest = cursor.y + ROW;
  for (const [i, cell] of cells.entries()) {
    const from = MARGIN + (shares[i] ?? 0) * inner;
    const to = MARGIN + (shares[i + 1] ?? 1) * inner;
    lowest = Math.max(lowest, writeParagraph(cursor.doc, cell, from, cursor.y, to - from - 6, style));
  }
  cursor.y = lowest;
}

function tubeTable(cursor: Cursor, { plan, evaluation, style, shop }: InspectionRequest): void {
  heading(cursor, 'Tubes', 'size, material, batch and the number of its certificate');
  const shares = [0, 0.07, 0.31, 0.46, 0.62, 0.72, 0.89];
  row(
    cursor,
    ['stamp', 'member', 'OD × wall', 'kind', 'batch', 'certificate', 'on the axis'],
    shares,
    STRONG,
  );
  for (const { member, role, pieces } of evaluation.members) {
    const tube = plan.members.find(({ id }) => id === member)?.tube;
    if (!tube) continue;
    for (const piece of pieces)
      row(
        cursor,
        [
          piece.stamp,
          pieceName(role, piece.side),
          `${writtenLength(tube.od)} × ${writtenLength(tube.wall)}`,
          tubeKindWords(tube.kind),
          tube.batch || 'none entered',
          certificateOf(shop, tube) ?? 'none entered',
          piece.tube
            ? style.unit === 'in'
              ? `${(piece.tube.developed / 25.4).toFixed(1)} in`
              : `${piece.tube.developed.toFixed(0)} mm`
            : 'cannot be placed',
        ],
        shares,
      );
  }
}

function plateTable(cursor: Cursor, plan: Plan, evaluation: Evaluation, style: LengthStyle): void {
  if (plan.plates.length === 0) return;
  heading(cursor, 'Plates');
  const shares = [0, 0.1, 0.3, 0.5, 0.7];
  row(cursor, ['stamp', 'under', 'area', 'thickness', 'bolts'], shares, STRONG);
  for (const answer of evaluation.plates) {
    const plate = plan.plates.find(({ id }) => id === answer.plate);
    if (!plate) continue;
    row(
      cursor,
      [
        answer.stamp,
        answer.foot ?? 'nothing yet',
        `${(answer.area / 100).toFixed(0)} cm²`,
        fineLength(plate.thickness.mm, style),
        plate.bolts
          ? `${plate.bolts.count} × ${writtenLength(plate.bolts.size)}, ${plate.bolts.grade}`
          : 'none entered',
      ],
      shares,
    );
  }
}

const FINDING_SHARES = [0, 0.09, 0.14, 0.2, 0.64, 0.76, 0.88];

/** Book by book, what is out first; questions come in a list of their own. */
function bookTables(cursor: Cursor, { plan, findings, style }: InspectionRequest): void {
  const ruled = findings.filter(({ rule, status }) => rule && status !== 'ask');
  for (const book of new Set(ruled.map(({ rule }) => rule?.book))) {
    const own = ruled.filter(({ rule }) => rule?.book === book);
    const source = own[0]?.rule;
    if (!source) continue;
    heading(cursor, source.bookTitle, `edition ${source.edition}; ${provenanceWords[source.provenance]}`);
    row(cursor, ['clause', 'tube', 'found', 'what', 'measured', 'limit', 'margin'], FINDING_SHARES, STRONG);
    for (const status of ['out', 'look', 'clear'] as const)
      for (const finding of own.filter((one) => one.status === status))
        row(
          cursor,
          [
            finding.rule?.clause ?? '',
            plan.members.find(({ id }) => id === finding.member)?.stamp ?? '',
            status,
            findingWords(finding, style),
            ...(['measured', 'limit', 'margin'] as const).map((which) =>
              findingFigure(finding, which, style),
            ),
          ],
          FINDING_SHARES,
        );
  }
  const besides = findings.filter(({ rule, status }) => !rule && (status === 'out' || status === 'look'));
  if (besides.length === 0) return;
  heading(cursor, 'Besides the rules');
  for (const finding of besides) row(cursor, [finding.status, findingWords(finding, style)], [0, 0.09]);
}

function openQuestions(cursor: Cursor, { findings, style }: InspectionRequest): void {
  const open = findings.filter(({ status }) => status === 'ask');
  if (open.length === 0) return;
  heading(cursor, 'Still to be answered', 'by whom, and when');
  for (const finding of open) {
    row(cursor, [finding.rule?.clause ?? '', findingWords(finding, style), ''], [0, 0.09, 0.7]);
    const { doc, width, y } = cursor;
    doc
      .moveTo(MARGIN + 0.7 * (width - 2 * MARGIN), y - 6)
      .lineTo(width - MARGIN, y - 6)
      .lineWidth(0.5)
      .strokeColor('#000')
      .undash()
      .stroke();
    cursor.y += 4;
  }
}

const PHOTO = { width: 240, height: 180 };

/** A picture that is damaged must not keep the rest of the sheet from the inspector. */
function placePhoto({ doc, y }: Cursor, bytes: Buffer): void {
  try {
    doc.image(bytes, MARGIN, y, { fit: [PHOTO.width, PHOTO.height] });
  } catch {
    writeText(doc, 'this photo cannot be shown', MARGIN, y + 14, SMALL);
  }
}

/** The photos that answer a question, each with its question, who answered and when. */
function photoPages(cursor: Cursor, { plan, findings, photos, style }: InspectionRequest): void {
  const shown = findings.flatMap((finding) =>
    (plan.answers[finding.key]?.photos ?? []).flatMap(({ file, name }) => {
      const bytes = photos.get(file);
      return bytes ? [{ finding, name, bytes }] : [];
    }),
  );
  if (shown.length === 0) return;
  heading(cursor, 'Photos', 'as they were put to the answers');
  for (const { finding, name, bytes } of shown) {
    room(cursor, PHOTO.height + 40);
    placePhoto(cursor, bytes);
    const x = MARGIN + PHOTO.width + 14;
    const width = cursor.width - MARGIN - x;
    const y = writeParagraph(cursor.doc, findingWords(finding, style), x, cursor.y + 10, width, BODY);
    writeParagraph(
      cursor.doc,
      [finding.rule?.clause, name].filter(Boolean).join(' · '),
      x,
      y + 4,
      width,
      SMALL,
    );
    cursor.y += PHOTO.height + 20;
  }
}
