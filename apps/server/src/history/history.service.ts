import { buffer } from 'node:stream/consumers';
import { type HistoryQueryDto } from '@gyrus/contract';
import { itemAt, sticksOf } from '@gyrus/core';
import { type HistorySources } from '@gyrus/formats';
import { historyPdf } from '@gyrus/formats/pdf';
import { Injectable } from '@nestjs/common';
import { BuildService } from '../build/build.service.ts';
import { JobsService } from '../jobs/jobs.service.ts';
import { LogService } from '../log/log.service.ts';
import { RuleBooksService } from '../rulebooks/ruleBooks.service.ts';
import { ShopSettingsService } from '../shop/shopSettings.service.ts';
import { ShopService } from '../shop/shop.service.ts';
import { WeldingService } from '../welding/welding.service.ts';
import { CutPlansService } from '../stock/cutPlans.service.ts';

/** What was done for a job, from all the places where it was written down. */
@Injectable()
export class HistoryService {
  constructor(
    private readonly jobs: JobsService,
    private readonly shop: ShopService,
    private readonly settings: ShopSettingsService,
    private readonly books: RuleBooksService,
    private readonly build: BuildService,
    private readonly log: LogService,
    private readonly cutPlans: CutPlansService,
    private readonly welding: WeldingService,
  ) {}

  async sources(job: string, branch: string): Promise<HistorySources> {
    const [entries, bends, scrap, plans, procedures] = await Promise.all([
      this.build.entries(job, branch),
      this.log.bends(job),
      this.log.scrap(),
      this.cutPlans.plans(job),
      this.welding.procedures(),
    ]);
    const sawn = plans.flatMap(({ plan, sawn: pieces }) => {
      const sticks = sticksOf(plan);
      return pieces.flatMap(({ stick, place, who, at }) => {
        const { stick: own } = itemAt(sticks, stick);
        const piece = itemAt(own.pieces, place);
        const { stamp, length } = piece;
        return piece.job === job ? [{ stamp, length, batch: own.batch, who, at }] : [];
      });
    });
    const used = new Set(entries.map(({ procedure }) => procedure));
    return {
      ...{ entries, bends, sawn },
      scrap: scrap.filter((one) => one.job === job),
      procedures: procedures.filter(({ id }) => used.has(id)),
    };
  }

  /** The same as PDF pages. */
  async printed(job: string, { branch, paper, unit }: Required<HistoryQueryDto>): Promise<Buffer> {
    const [sources, { head, name }, shop, books, { zone }] = await Promise.all([
      this.sources(job, branch),
      this.jobs.detail(job, branch),
      this.shop.shop(),
      this.books.list(),
      this.settings.get(),
    ]);
    const printed = { at: new Date(), zone };
    const style = { unit, fraction: head.plan.units.fraction, decimals: 0 };
    return buffer(historyPdf({ plan: head.plan, shop, books, sources, job: name, printed, paper, style }));
  }
}
