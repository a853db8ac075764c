import { Module } from '@nestjs/common';
import { JobsModule } from '../jobs/jobs.module.ts';
import { LogModule } from '../log/log.module.ts';
import { RuleBooksModule } from '../rulebooks/ruleBooks.module.ts';
import { ShopModule } from '../shop/shop.module.ts';
import { WorkersModule } from '../workers/workers.module.ts';
import { CutPlansService } from './cutPlans.service.ts';
import { RackService } from './rack.service.ts';
import { CutPlansController, RackController } from './stock.controller.ts';

/** Tube on the rack, and how it is cut. */
@Module({
  imports: [JobsModule, ShopModule, RuleBooksModule, LogModule, WorkersModule],
  controllers: [RackController, CutPlansController],
  providers: [RackService, CutPlansService],
  exports: [CutPlansService],
})
export class StockModule {}
