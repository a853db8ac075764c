import { Module } from '@nestjs/common';
import { JobsModule } from '../jobs/jobs.module.ts';
import { BuildController, BuildTimesController } from './build.controller.ts';
import { BuildService } from './build.service.ts';

/** What is done at the cars. */
@Module({
  imports: [JobsModule],
  controllers: [BuildController, BuildTimesController],
  providers: [BuildService],
  exports: [BuildService],
})
export class BuildModule {}
