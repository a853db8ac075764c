import { Module } from '@nestjs/common';
import { BuildModule } from '../build/build.module.ts';
import { JobsModule } from '../jobs/jobs.module.ts';
import { PhotosModule } from '../photos/photos.module.ts';
import { RuleBooksModule } from '../rulebooks/ruleBooks.module.ts';
import { ShopModule } from '../shop/shop.module.ts';
import { WorkersModule } from '../workers/workers.module.ts';
import { SheetsController } from './sheets.controller.ts';
import { SheetsService } from './sheets.service.ts';

/** Sheets of a revision. */
@Module({
  imports: [BuildModule, JobsModule, ShopModule, RuleBooksModule, PhotosModule, WorkersModule],
  controllers: [SheetsController],
  providers: [SheetsService],
})
export class SheetsModule {}
