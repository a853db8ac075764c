import {
  assumedIn,
  type BendSheet,
  type Finding,
  formatAngle,
  formatWithUnit,
  hoopFront,
  type HoopResult,
  type LengthStyle,
  type Tube,
} from '@gyrus/core';
import { sheetRestsWords } from '../../../words/findings/assumed.ts';
import { findingWords } from '../../../words/findings/finding.ts';
import { dialLine, zeroWords } from '../../../words/bend/dial.ts';
import { releasedWords } from '../../../words/bend/outcome.ts';
import { schoolWords } from '../../../words/bend/school.ts';
import { footSawWords, footWords, widthWords } from '../../../words/bend/step.ts';
import { placeDrawing } from '../../drawing.ts';
import { type Doc, paragraphHeight, type TextStyle, writeParagraph } from '../../page.ts';
import { BODY, FOOT, MARGIN, STRONG } from '../../sheet.ts';
import { type SheetRequest } from './sheetRequest.ts';

const LOUD = { font: 'label-600', size: 12 } as const;

/** Cautions of the step (handbook §13), short. */
const CAUTIONS = [
  'Zero the dial after the preload has closed the gaps. If the tube slips in the clamp, stop and write it down.',
  'Tube ends swing: stand clear of their sweep, and keep hands out of the die. A hydraulic bender does not stop for a finger.',
];

/** What the lower part of the page is about. */
interface Drawn {
  hoop: HoopResult | null;
  tube: Tube | null;
  sheet: BendSheet;
}

/** The hoop as it should come out, what to measure before it leaves the bender, and what still needs a person. */
export function below(
  doc: Doc,
  request: SheetRequest,
  answer: Drawn,
  top: number,
  width: number,
  height: number,
): void {
  const { style, findings } = request;
  const { sheet, tube } = answer;
  const room = height - FOOT - top;
  const drawn =
    answer.hoop && 'hoop' in answer.hoop && tube
      ? hoopFront(answer.hoop.hoop, tube, sheet, { width: 400, height: 250, style, plain: true })
      : null;
  const drawingWidth = drawn ? Math.min(280, (room * drawn.width) / drawn.height) : 0;
  if (drawn) placeDrawing(doc, drawn, MARGIN - 20, top - 10, drawingWidth);
  const x = MARGIN + drawingWidth + 6;
  const columnWidth = width - MARGIN - x;
  let y = top + 8;
  const bottom = height - FOOT - 2;
  const rests = assumedIn(request.plan).ofSheet(sheet.member);
  const said: [string, TextStyle][] = [
    ...(rests.length > 0
      ? [[sheetRestsWords(rests.map(({ name }) => name)), LOUD] satisfies [string, TextStyle]]
      : []),
    ...[...checksOf(answer, style), ...CAUTIONS].map((text): [string, TextStyle] => [text, BODY]),
    [countsOf(sheet.member, findings), STRONG],
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

/** How much is open of this very tube, as Inspect counts it. */
function countsOf(member: string, findings: Finding[]): string {
  const own = findings.filter((one) => one.member === member);
  const tally = (['out', 'look', 'ask'] as const)
    .map((status) => ({ status, count: own.filter((one) => one.status === status).length }))
    .filter(({ count }) => count > 0)
    .map(({ status, count }) => `${count} ${status}`);
  return tally.length === 0
    ? 'Nothing is open about this tube at Inspect.'
    : `Of this tube at Inspect: ${tally.join(', ')}.`;
}

function checksOf({ hoop, sheet }: Drawn, style: LengthStyle): string[] {
  const [bend] = sheet.bends;
  const zero = bend ? zeroWords(bend) : null;
  const dials = [zero && `${zero}.`, dialLine(sheet, style)].filter((words) => words !== null);
  const released = releasedWords(sheet, hoop !== null && 'hoop' in hoop, style);
  const school = bend
    ? [`Readings come from ${schoolWords(bend)}.`, ...(released === null ? [] : [released]), ...dials]
    : [];
  if (!hoop || !('hoop' in hoop)) return bend ? school : ['Straight: cut it to length, no bend.'];
  const { figures, feet } = hoop.hoop;
  const cuts = feet.map(footWords).join('; ');
  const tilt = hoop.hoop.tilt === 0 ? '' : `; ${formatAngle(Math.abs(hoop.hoop.tilt))}° seen from the side`;
  return [
    `Before it leaves the bender: ${formatWithUnit(figures.feetOutside.value, style)} outside at the feet, ${formatWithUnit(figures.benchHeight.value, style)} from foot to top along the hoop, corners ${formatWithUnit(figures.cornersApart.value, style)} between axes.`,
    ...widthWords,
    `Feet across the car: ${cuts}${tilt}; together ${feet.map(footSawWords).join(', ')}.`,
    ...school,
  ];
}
