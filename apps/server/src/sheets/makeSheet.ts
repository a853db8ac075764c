import { buffer } from 'node:stream/consumers';
import {
  type BuildListQueryDto,
  type CopesQueryDto,
  type InspectionQueryDto,
  type MeasuringQueryDto,
  type OutlineQueryDto,
  type SheetQueryDto,
  type TubesQueryDto,
} from '@gyrus/contract';
import {
  type BuildEntry,
  buildIn,
  type Copes,
  copesIn,
  copeTemplate,
  straightCutsOf,
  tubesIn,
  earsOf,
  evaluate,
  type Evaluation,
  fail,
  type Fault,
  findingsIn,
  type FlatOutline,
  flatOutline,
  panelOutline,
  type LengthStyle,
  type Outcome,
  pieceAnswerOf,
  type Plan,
  type RuleBook,
  type Shop,
  succeed,
  tickedIn,
  type TemplateOptions,
  type Tube,
} from '@gyrus/core';
import { outlineDxf, outlineSvg, type ShopMoment } from '@gyrus/formats';
import {
  bendSheetPdf,
  buildListPdf,
  inspectionPdf,
  measuringPdf,
  outlinePdf,
  pagesOf,
  type TubePart,
  tubePackPdf,
} from '@gyrus/formats/pdf';
import { type MadeSheet } from '../workers/tasks.ts';

/** How an outline can be had. */
export const OUTLINE_FORMATS = { pdf: 'pdf', svg: 'svg', dxf: 'dxf' } as const;
/** A file that an outline is written as. */
export type OutlineFormat = keyof typeof OUTLINE_FORMATS;

/** What is printed, and how. */
export type SheetWanted =
  | { what: 'bend'; query: SheetQueryDto }
  | { what: 'inspection'; query: InspectionQueryDto; photos: Map<string, Uint8Array> }
  | { what: 'copes'; query: CopesQueryDto }
  | { what: 'tubes'; query: TubesQueryDto }
  | { what: 'measuring'; query: MeasuringQueryDto }
  | { what: 'build'; query: BuildListQueryDto; entries: BuildEntry[] }
  | { what: 'outline'; query: OutlineQueryDto; format: OutlineFormat };

/** A saved revision with all that its answers follow from. */
export interface SheetSource {
  job: string;
  revision: number;
  /** The variant that the revision is of. */
  branch: string;
  /** Who saved the revision, and when. */
  author: string;
  saved: Date;
  plan: Plan;
  shop: Shop;
  books: RuleBook[];
  printed: ShopMoment;
}

/** A sheet with the plan that it is of. */
export type SheetAsked = SheetSource & { wanted: SheetWanted };

type Answered = SheetSource & { evaluation: Evaluation; copes: Copes };
type Doc = NonNullable<ReturnType<typeof tubePackPdf>>;
type Printed = Doc | string | { fault: Fault<string> };

/** Makes a sheet of a saved revision, or says why there is none. Everything in it is worked out here, from the plan. */
export async function makeSheet({ wanted, ...source }: SheetAsked): Promise<MadeSheet> {
  const { plan, shop, books } = source;
  const evaluation = evaluate(plan, shop, books);
  const answered = { ...source, evaluation, copes: copesIn(plan, evaluation, books) };
  const printed = print(answered, wanted);
  if (typeof printed === 'string') return { bytes: Buffer.from(printed), pages: null };
  if ('fault' in printed) return printed;
  const bytes = await buffer(printed);
  return { bytes, pages: pagesOf(printed) };
}

function print(answered: Answered, wanted: SheetWanted): Printed {
  switch (wanted.what) {
    case 'bend':
      return bendSheet(answered, wanted.query);
    case 'inspection':
      return inspection(answered, wanted.query, wanted.photos);
    case 'copes':
      return copePack(answered, wanted.query);
    case 'tubes':
      return tubePack(answered, wanted.query);
    case 'measuring':
      return measuring(answered, wanted.query);
    case 'build':
      return buildList(answered, wanted.query, wanted.entries);
    case 'outline':
      return outlineOf(answered, wanted.format, wanted.query);
  }
}

function bendSheet({ copes, books, ...answered }: Answered, query: SheetQueryDto): Printed {
  const { plan, evaluation } = answered;
  const pieces = evaluation.members.flatMap((member) => member.pieces);
  const piece = query.piece ?? pieces.find(({ sheet }) => sheet !== null)?.piece ?? '';
  const pdf = bendSheetPdf({
    ...answered,
    piece,
    paper: query.paper,
    style: styleOf(plan, query.unit),
    datum: query.datum,
    ears: earsOf(copes, piece),
    findings: findingsIn(plan, evaluation, copes, books),
  });
  return pdf ?? { fault: NO_MARKS };
}

const NO_MARKS = {
  code: 'no-marks',
  message: 'this tube has no marks yet: finish Survey and choose a die at Bend, then print',
  path: '',
};

function inspection(
  { copes, revision, author, saved, ...answered }: Answered,
  { form, paper, unit }: InspectionQueryDto,
  photos: Map<string, Uint8Array>,
): Printed {
  const { plan, evaluation, books } = answered;
  return inspectionPdf({
    ...answered,
    revision: { number: revision, author, on: { at: saved, zone: answered.printed.zone } },
    form,
    findings: findingsIn(plan, evaluation, copes, books),
    photos: new Map([...photos].map(([id, bytes]) => [id, Buffer.from(bytes)])),
    paper,
    style: styleOf(plan, unit),
  });
}

const COPE_PARTS: Record<CopesQueryDto['what'], TubePart[]> = {
  sheets: ['copes'],
  templates: ['templates'],
  pack: ['copes', 'templates'],
};

const copePack = (
  answered: Answered,
  { piece, end, what, curve, straight, paper, unit }: CopesQueryDto,
): Printed =>
  tubePackPdf({
    ...ofTubes(answered, piece),
    // Told on bend sheets alone.
    findings: [],
    ends: end ? [end] : ['a', 'b'],
    parts: COPE_PARTS[what],
    paper,
    style: styleOf(answered.plan, unit),
    curve,
    straight: straight === 'yes',
  }) ?? { fault: noTube('there is nothing to cope in this revision, or no such tube') };

/** All bend sheets in one print, or all there is of each tube. */
const tubePack = (answered: Answered, { piece, what, curve, paper, unit }: TubesQueryDto): Printed =>
  tubePackPdf({
    ...ofTubes(answered, piece),
    findings: findingsIn(answered.plan, answered.evaluation, answered.copes, answered.books),
    ends: ['a', 'b'],
    parts: what === 'bends' ? ['bends'] : ['bends', 'copes', 'templates'],
    paper,
    style: styleOf(answered.plan, unit),
    curve,
    straight: false,
  }) ?? {
    fault: piece === undefined ? NO_MARKS_AT_ALL : noTube('there is nothing to print of this tube yet'),
  };

const NO_MARKS_AT_ALL = {
  ...NO_MARKS,
  message: 'no tube has marks yet: finish Survey and choose a die at Bend, then print',
};

/** The tubes that are printed, in the order of the members: the one that is asked for, or all of them. */
function ofTubes(answered: Answered, piece: string | undefined) {
  const pieces = answered.evaluation.members.flatMap((member) => member.pieces.map((one) => one.piece));
  return {
    ...answered,
    pieces: piece === undefined ? pieces : pieces.filter((one) => one === piece),
  };
}

/** What is still to be measured, to take to the car. */
const measuring = (answered: Answered, { paper, unit }: MeasuringQueryDto): Printed =>
  measuringPdf({ ...answered, paper, style: styleOf(answered.plan, unit) });

/** The order of build, with what was ticked off till now. */
function buildList(answered: Answered, { paper, unit }: BuildListQueryDto, entries: BuildEntry[]): Printed {
  const { plan, evaluation, books } = answered;
  const answer = buildIn(plan, evaluation, books);
  if (answer.tubes.length === 0)
    return { fault: noTube('no tube of this revision stands yet: there is nothing to build') };
  return buildListPdf({
    ...answered,
    answer,
    car: plan.brief.car,
    ticked: tickedIn(entries),
    paper,
    style: styleOf(plan, unit),
  });
}

/** The outline of a flat tube, or of a panel between bars, at true size; none where the tube is not there or bends in several planes. */
function outlineOf(
  { job, revision, printed, plan, evaluation, copes }: Answered,
  format: OutlineFormat,
  { piece, paper, end, curve, straight }: OutlineQueryDto,
): Printed {
  const asFile = (outline: FlatOutline): Printed => {
    if (format === 'svg') return outlineSvg(outline);
    if (format === 'dxf') return outlineDxf(outline);
    return outlinePdf({ outline, paper, job, car: plan.brief.car, revision, printed });
  };
  const part = evaluation.parts.find((one) => one.part === piece);
  if (part?.answer.ok && part.answer.value.panel)
    return asFile(panelOutline(part.stamp, part.answer.value.panel));
  if (part && !part.answer.ok) return { fault: part.answer.fault };
  const found = pieceAnswerOf(evaluation, piece)?.answer.tube;
  if (!found) return { fault: noTube('there is no such tube in this revision, or it cannot be placed') };
  const cut = copes.ends.find((one) => one.piece === piece && one.end === end);
  const gap = plan.coping.straightCutGap.mm;
  const options: TemplateOptions = {
    curve,
    straight: straight === 'yes' && cut ? straightCutsOf(cut, tubesIn(evaluation), gap) : null,
    paper: plan.coping.paper.mm,
    origin: `${job}, revision ${revision}`,
    style: styleOf(plan, plan.units.length),
  };
  const outline = end ? templateOf(copes, found, end, options) : flatOutline(found);
  if (!outline.ok) return { fault: outline.fault };
  return asFile(outline.value);
}

const noTube = (message: string): Fault => ({ code: 'no-tube', message, path: '/piece' });

const styleOf = ({ units }: Plan, unit: 'in' | 'mm'): LengthStyle => ({
  unit,
  fraction: units.fraction,
  decimals: 0,
});

function templateOf(
  { ends }: Copes,
  { piece, od, stamp }: Tube,
  end: 'a' | 'b',
  options: TemplateOptions,
): Outcome<FlatOutline> {
  const cut = ends.find((one) => one.piece === piece && one.end === end);
  if (cut && cut.outer.length > 0) return succeed(copeTemplate(cut, od, options));
  return fail(
    'no-cope',
    '/end',
    `end ${end.toUpperCase()} of ${stamp} has no cut: ${cut?.why ?? 'it came with the car'}`,
  );
}
