import {
  type CopesQueryDto,
  type InspectionQueryDto,
  type OutlineQueryDto,
  type SheetQueryDto,
} from '@gyrus/contract';
import {
  type Copes,
  copesIn,
  copeTemplate,
  earsOf,
  evaluate,
  fail,
  findingsIn,
  type FlatOutline,
  flatOutline,
  type LengthStyle,
  type Outcome,
  pieceAnswerOf,
  type Plan,
  succeed,
  type TemplateOptions,
  type Tube,
} from '@gyrus/core';
import { outlineDxf, outlineSvg } from '@gyrus/formats';
import { bendSheetPdf, copePackPdf, inspectionPdf, outlinePdf } from '@gyrus/formats/pdf';
import { Injectable } from '@nestjs/common';
import { Refusal } from '../common/fault.ts';
import { JobsService } from '../jobs/jobs.service.ts';
import { PhotosService } from '../photos/photos.service.ts';
import { RuleBooksService } from '../rulebooks/ruleBooks.service.ts';
import { ShopService } from '../shop/shop.service.ts';

export const OUTLINE_FORMATS = { pdf: 'pdf', svg: 'svg', dxf: 'dxf' } as const;
export type OutlineFormat = keyof typeof OUTLINE_FORMATS;
export const MEDIA_TYPES: Record<OutlineFormat, string> = {
  pdf: 'application/pdf',
  svg: 'image/svg+xml',
  dxf: 'image/vnd.dxf',
};

@Injectable()
export class SheetsService {
  constructor(
    private readonly jobs: JobsService,
    private readonly shop: ShopService,
    private readonly books: RuleBooksService,
    private readonly photos: PhotosService,
  ) {}

  /** The bend sheet of a saved revision as a PDF stream. */
  async bendSheet(jobId: string, number: number, query: SheetQueryDto): Promise<NodeJS.ReadableStream> {
    const { plan, evaluation, copes, books } = await this.answersTo(jobId, number);
    const pieces = evaluation.members.flatMap((member) => member.pieces);
    const piece = query.piece ?? pieces.find(({ sheet }) => sheet !== null)?.piece ?? '';
    const pdf = bendSheetPdf({
      plan,
      evaluation,
      piece,
      revision: number,
      printed: new Date(),
      paper: query.paper,
      style: styleOf(plan, query.unit),
      datum: query.datum,
      ears: earsOf(copes, piece),
      findings: findingsIn(plan, evaluation, copes, books),
    });
    if (!pdf)
      throw new Refusal({
        code: 'no-marks',
        message: 'this tube has no marks yet: finish Survey and choose a die at Bend, then print',
        path: '',
      });
    return pdf;
  }

  /** The inspector's sheet of a saved revision as a PDF stream. */
  async inspection(jobId: string, number: number, query: InspectionQueryDto): Promise<NodeJS.ReadableStream> {
    const { job, plan, evaluation, copes, books, shop } = await this.answersTo(jobId, number);
    const ids = Object.values(plan.answers).flatMap(({ photos }) => photos.map(({ file }) => file));
    const photos = await this.photos.several(jobId, ids);
    return inspectionPdf({
      plan,
      evaluation,
      shop,
      findings: findingsIn(plan, evaluation, copes, books),
      photos: new Map(photos.map(({ id, bytes }) => [id, bytes])),
      job,
      revision: number,
      printed: new Date(),
      paper: query.paper,
      style: styleOf(plan, query.unit),
    });
  }

  /** Cope sheets and templates of a saved revision as a PDF stream. */
  async copes(jobId: string, number: number, query: CopesQueryDto): Promise<NodeJS.ReadableStream> {
    const { job, plan, evaluation, copes } = await this.answersTo(jobId, number);
    const all = copes.lengths.map(({ piece }) => piece);
    const pdf = copePackPdf({
      plan,
      evaluation,
      copes,
      pieces: query.piece === undefined ? all : all.filter((piece) => piece === query.piece),
      ends: query.end ? [query.end] : ['a', 'b'],
      sheets: query.what !== 'templates',
      templates: query.what !== 'sheets',
      job,
      revision: number,
      printed: new Date(),
      paper: query.paper,
      style: styleOf(plan, query.unit),
      curve: query.curve,
    });
    if (!pdf) throw new Refusal(noTube('there is nothing to cope in this revision, or no such tube'));
    return pdf;
  }

  /** The outline of a flat tube at true size; refused where the tube is not there or bends in several planes. */
  async outline(
    jobId: string,
    number: number,
    format: OutlineFormat,
    { piece, paper, end, curve }: OutlineQueryDto,
  ): Promise<string | NodeJS.ReadableStream> {
    const { job, plan, evaluation, copes } = await this.answersTo(jobId, number);
    const found = pieceAnswerOf(evaluation, piece)?.answer.tube;
    if (!found) throw new Refusal(noTube('there is no such tube in this revision, or it cannot be placed'));
    const options: TemplateOptions = {
      curve,
      paper: plan.coping.paper.mm,
      origin: `${job}, revision ${number}`,
      style: styleOf(plan, plan.units.length),
    };
    const outline = end ? templateOf(copes, found, end, options) : flatOutline(found);
    if (!outline.ok) throw new Refusal(outline.fault);
    if (format === 'svg') return outlineSvg(outline.value);
    if (format === 'dxf') return outlineDxf(outline.value);
    return outlinePdf({ outline: outline.value, paper, job, revision: number, printed: new Date() });
  }

  /** A saved revision with everything that follows from it. */
  private async answersTo(jobId: string, number: number) {
    const [job, revision, shop, books] = await Promise.all([
      this.jobs.detail(jobId),
      this.jobs.revision(jobId, number),
      this.shop.shop(),
      this.books.list(),
    ]);
    const { plan } = revision;
    const evaluation = evaluate(plan, shop, books);
    return { job: job.name, plan, evaluation, copes: copesIn(plan, evaluation, books), books, shop };
  }
}

const noTube = (message: string) => ({ code: 'no-tube', message, path: '/piece' });

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
