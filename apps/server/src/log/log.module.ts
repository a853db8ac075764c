import { Module } from '@nestjs/common';
import { JobsModule } from '../jobs/jobs.module.ts';
import { LogController } from './log.controller.ts';
import { LogService } from './log.service.ts';

/** What the shop has bent. */
@Module({
  imports: [JobsModule],
  controllers: [LogController],
  providers: [LogService],
  exports: [LogService],
})
export class LogModule {}
