import { type OutlineQueryDto, type SheetQueryDto } from '@gyrus/contract';
import {
  type CopeCurve,
  type Copes,
  copesIn,
  copeTemplate,
  evaluate,
  fail,
  type FlatOutline,
  flatOutline,
  type Outcome,
  PAPER,
  pieceAnswerOf,
  succeed,
  type Tube,
} from '@gyrus/core';
import { outlineDxf, outlineSvg } from '@gyrus/formats';
import { bendSheetPdf, outlinePdf } from '@gyrus/formats/pdf';
import { Injectable } from '@nestjs/common';
import { Refusal } from '../common/fault.ts';
import { JobsService } from '../jobs/jobs.service.ts';
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
  ) {}

  /** The bend sheet of a saved revision as a PDF stream. */
  async bendSheet(jobId: string, number: number, query: SheetQueryDto): Promise<NodeJS.ReadableStream> {
    const [revision, shop, books] = await Promise.all([
      this.jobs.revision(jobId, number),
      this.shop.shop(),
      this.books.list(),
    ]);
    const { plan } = revision;
    const evaluation = evaluate(plan, shop, books);
    const pieces = evaluation.members.flatMap((member) => member.pieces);
    const pdf = bendSheetPdf({
      plan,
      evaluation,
      piece: query.piece ?? pieces.find(({ sheet }) => sheet !== null)?.piece ?? '',
      revision: revision.number,
      printed: new Date(),
      paper: query.paper,
      style: { unit: query.unit, fraction: plan.units.fraction, decimals: 0 },
      datum: query.datum,
    });
    if (!pdf)
      throw new Refusal({
        code: 'no-marks',
        message: 'this tube has no marks yet: finish Survey and choose a die at Bend, then print',
        path: '',
      });
    return pdf;
  }

  /** The outline of a flat tube at true size; refused where the tube is not there or bends in several planes. */
  async outline(
    jobId: string,
    number: number,
    format: OutlineFormat,
    { piece, paper, end, curve }: OutlineQueryDto,
  ): Promise<string | NodeJS.ReadableStream> {
    const [job, revision, shop, books] = await Promise.all([
      this.jobs.detail(jobId),
      this.jobs.revision(jobId, number),
      this.shop.shop(),
      this.books.list(),
    ]);
    const { plan } = revision;
    const answers = evaluate(plan, shop, []);
    const found = pieceAnswerOf(answers, piece)?.answer.tube;
    if (!found)
      throw new Refusal({
        code: 'no-tube',
        message: 'there is no such tube in this revision, or it cannot be placed',
        path: '/piece',
      });
    const outline = end ? templateOf(copesIn(plan, answers, books), found, end, curve) : flatOutline(found);
    if (!outline.ok) throw new Refusal(outline.fault);
    if (format === 'svg') return outlineSvg(outline.value);
    if (format === 'dxf') return outlineDxf(outline.value);
    return outlinePdf({
      outline: outline.value,
      paper,
      job: job.name,
      revision: number,
      printed: new Date(),
    });
  }
}

function templateOf(
  { ends }: Copes,
  { piece, od, stamp }: Tube,
  end: 'a' | 'b',
  curve: CopeCurve,
): Outcome<FlatOutline> {
  const cut = ends.find((one) => one.piece === piece && one.end === end);
  if (cut && cut.outer.length > 0) return succeed(copeTemplate(cut, od, curve, PAPER));
  return fail(
    'no-cope',
    '/end',
    `end ${end.toUpperCase()} of ${stamp} has no cut: ${cut?.why ?? 'it came with the car'}`,
  );
}
