import { Module } from '@nestjs/common';
import { JobsModule } from '../jobs/jobs.module.ts';
import { PhotosController } from './photos.controller.ts';
import { PhotosService } from './photos.service.ts';

@Module({
  imports: [JobsModule],
  controllers: [PhotosController],
  providers: [PhotosService],
  exports: [PhotosService],
})
export class PhotosModule {}
