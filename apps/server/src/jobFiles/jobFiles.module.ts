import { Module } from '@nestjs/common';
import { JobsModule } from '../jobs/jobs.module.ts';
import { WorkersModule } from '../workers/workers.module.ts';
import { JobFilesController } from './jobFiles.controller.ts';
import { JobFilesService } from './jobFiles.service.ts';

/** A job as one file, out and in. */
@Module({
  imports: [JobsModule, WorkersModule],
  controllers: [JobFilesController],
  providers: [JobFilesService],
})
export class JobFilesModule {}
