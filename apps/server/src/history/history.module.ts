import { Module } from '@nestjs/common';
import { BuildModule } from '../build/build.module.ts';
import { JobsModule } from '../jobs/jobs.module.ts';
import { LogModule } from '../log/log.module.ts';
import { RuleBooksModule } from '../rulebooks/ruleBooks.module.ts';
import { ShopModule } from '../shop/shop.module.ts';
import { StockModule } from '../stock/stock.module.ts';
import { WeldingModule } from '../welding/welding.module.ts';
import { HistoryController } from './history.controller.ts';
import { HistoryService } from './history.service.ts';

/** What was done for a job. */
@Module({
  imports: [BuildModule, JobsModule, LogModule, RuleBooksModule, ShopModule, WeldingModule, StockModule],
  controllers: [HistoryController],
  providers: [HistoryService],
})
export class HistoryModule {}
