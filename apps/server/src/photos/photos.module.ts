import { Module } from '@nestjs/common';
import { JobsModule } from '../jobs/jobs.module.ts';
import { WorkersModule } from '../workers/workers.module.ts';
import { PhotosController } from './photos.controller.ts';
import { PhotosService } from './photos.service.ts';

/** Pictures kept with a job. */
@Module({
  imports: [JobsModule, WorkersModule],
  controllers: [PhotosController],
  providers: [PhotosService],
  exports: [PhotosService],
})
export class PhotosModule {}
