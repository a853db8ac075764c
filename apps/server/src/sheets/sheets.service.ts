import { type SheetQueryDto } from '@gyrus/contract';
import { evaluate } from '@gyrus/core';
import { bendSheetPdf } from '@gyrus/formats/pdf';
import { Injectable } from '@nestjs/common';
import { Refusal } from '../common/fault.ts';
import { JobsService } from '../jobs/jobs.service.ts';
import { RuleBooksService } from '../rulebooks/ruleBooks.service.ts';
import { ShopService } from '../shop/shop.service.ts';

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
}
