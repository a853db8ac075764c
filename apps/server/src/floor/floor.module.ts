import { Module } from '@nestjs/common';
import { JobsModule } from '../jobs/jobs.module.ts';
import { RuleBooksModule } from '../rulebooks/ruleBooks.module.ts';
import { ShopModule } from '../shop/shop.module.ts';
import { WorkersModule } from '../workers/workers.module.ts';
import { FloorController } from './floor.controller.ts';
import { FloorService } from './floor.service.ts';

/** Issued sheets, and floor mode on them. */
@Module({
  imports: [JobsModule, ShopModule, RuleBooksModule, WorkersModule],
  controllers: [FloorController],
  providers: [FloorService],
})
export class FloorModule {}
