import {
  type CutGroup,
  type CutPlan,
  formatLength,
  formatWithUnit,
  type LengthStyle,
  type NotYet,
  type PlannedStick,
  saidIn,
  sticksOf,
  type Unit,
  writeSaid,
} from '@gyrus/core';
import { boughtWords, cutTotalsWords, notYetWords, provenWords } from '../words/stock.ts';
import { tubeWords } from '../words/tube.ts';
import { type Doc, newDocument, type Paper, paperSize, writeParagraph, writeText } from './page.ts';
import { type Flow, room } from './flow.ts';
import { dayWords, type ShopMoment } from '../words/moment.ts';
import { endSheet, BODY, LABEL, MARGIN } from './sheet.ts';

/** What a printed cut plan says. kerf in mm */
export interface CutPlanRequest {
  plan: CutPlan;
  /** Tubes that the plan leaves out. */
  notYet: NotYet[];
  jobs: { id: string; name: string }[];
  kerf: number;
  who: string;
  laidOut: ShopMoment;
  printed: ShopMoment;
  paper: Paper;
  style: LengthStyle;
}

const HEAD = { font: 'label-600', size: 18 } as const;
const GROUP = { font: 'label-600', size: 13 } as const;
const STAMP = { font: 'figure-600', size: 10, anchor: 'middle' } as const;
const SMALL = { ...BODY, size: 8.5 } as const;
const BAR = 20;
/** A stick with its words, its bar, and a box to tick for each piece. */
const ROW = 66;

/** The cut plan as PDF pages: every stick to scale, with a box to tick for each piece. */
export function cutPlanPdf(request: CutPlanRequest): Doc {
  const doc = newDocument(request.paper, `Cut plan: ${jobNames(request)}`, request.printed);
  const [width, height] = paperSize[request.paper];
  const page: Flow = { doc, width, height, y: head(doc, request, width) };
  const longest = Math.max(1, ...sticksOf(request.plan).map(({ stick }) => stick.length));
  let number = 0;
  for (const group of request.plan.groups) {
    room(page, 40 + ROW);
    groupHead(doc, request, group, page);
    for (const stick of group.sticks) {
      room(page, ROW);
      number += 1;
      drawStick(doc, request, stick, number, page, (width - 2 * MARGIN) / longest);
      page.y += ROW;
    }
  }
  for (const text of leftOut(request)) {
    room(page, 30);
    page.y = writeParagraph(doc, text, MARGIN, page.y + 12, width - 2 * MARGIN, BODY);
  }
  return endSheet(doc, { job: jobNames(request), car: '', revision: null, printed: request.printed });
}

/** What no stick of the plan holds, and why. */
function leftOut({ plan, notYet, style }: CutPlanRequest): string[] {
  const faults = plan.faults.map(
    ({ stamps, tube, fault }) =>
      `Not laid out: ${stamps.join(', ')} of ${tubeWords({ ...tube, batch: '' })}: ${writeSaid(saidIn(fault), style)}.`,
  );
  return [...faults, ...notYet.map((one) => `Not cut: ${notYetWords(one)}.`)];
}

function head(doc: Doc, request: CutPlanRequest, width: number): number {
  const { kerf, style, who, laidOut } = request;
  writeText(doc, `Cut plan: ${jobNames(request)}`, MARGIN, MARGIN + 14, HEAD);
  const unit: Record<Unit, string> = { in: 'inches', mm: 'millimetres' };
  const text = `Laid out by ${who}, ${dayWords(laidOut)}, with ${formatWithUnit(kerf, style)} for the saw; ${unit[style.unit]}. Measure each piece from the end that was cut last, mark it with its stamp before it is sawn, and tick it. Saw dust and sharp edges: glasses and gloves.`;
  return writeParagraph(doc, text, MARGIN, MARGIN + 32, width - 2 * MARGIN, BODY) + 6;
}

function groupHead(doc: Doc, { style }: CutPlanRequest, group: CutGroup, page: Flow): void {
  writeText(doc, tubeWords({ ...group.tube, batch: '' }), MARGIN, page.y + 14, GROUP);
  const words = [
    `${provenWords(group)}.`,
    cutTotalsWords(group, style),
    boughtWords(group, style) ?? '',
  ].join(' ');
  page.y = writeParagraph(doc, words, MARGIN, page.y + 29, page.width - 2 * MARGIN, BODY) + 2;
}

function drawStick(
  doc: Doc,
  { style, jobs, kerf }: CutPlanRequest,
  stick: PlannedStick,
  number: number,
  { y }: Flow,
  scale: number,
): void {
  const from = 'rack' in stick.from ? `from the rack, ${stick.place || 'no place noted'}` : 'bought';
  const batch = stick.batch ? `, batch ${stick.batch}` : '';
  writeText(
    doc,
    `stick ${number}: ${formatWithUnit(stick.length, style)}, ${from}${batch}; ${formatWithUnit(stick.offcut, style)} left`,
    MARGIN,
    y + 12,
    LABEL,
  );
  const top = y + 17;
  doc
    .lineWidth(0.8)
    .strokeColor('#000')
    .rect(MARGIN, top, stick.length * scale, BAR)
    .stroke();
  let x = MARGIN;
  for (const { stamp, length, job, spare } of stick.pieces) {
    const wide = length * scale;
    doc.rect(x, top, wide, BAR).fillAndStroke('#dcdcdc', '#000');
    const owner = jobs.length > 1 ? `${jobs.findIndex(({ id }) => id === job) + 1} · ` : '';
    writeText(doc, `${owner}${stamp}`, x + wide / 2, top + 13, { ...STAMP, colour: '#000' });
    doc.rect(x + 1, top + BAR + 5, 8, 8).stroke();
    writeText(doc, `${formatLength(length, style)}${spare ? ' spare' : ''}`, x + 12, top + BAR + 12, SMALL);
    x += wide + kerf * scale;
  }
}

/** The jobs by their numbers, which stand before the stamps where there are several. */
const jobNames = ({ jobs }: Pick<CutPlanRequest, 'jobs'>): string =>
  jobs.length > 1 ? jobs.map(({ name }, i) => `${i + 1} ${name}`).join(', ') : (jobs[0]?.name ?? '');
