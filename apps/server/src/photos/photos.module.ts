import { Module } from '@nestjs/common';
import { JobsModule } from '../jobs/jobs.module.ts';
import { WorkModule } from '../work/work.module.ts';
import { PhotosController } from './photos.controller.ts';
import { PhotosService } from './photos.service.ts';

@Module({
  imports: [JobsModule, WorkModule],
  controllers: [PhotosController],
  providers: [PhotosService],
  exports: [PhotosService],
})
export class PhotosModule {}
