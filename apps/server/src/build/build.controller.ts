import { BuildEntryDto, BuildQueryDto, type JobTime, MAIN_BRANCH } from '@gyrus/contract';
import { type BuildEntry, type TimeTaken } from '@gyrus/core';
import { Body, Controller, Get, Param, ParseUUIDPipe, Post, Query } from '@nestjs/common';
import { BuildService } from './build.service.ts';

/** What is done at the car of a job. */
@Controller('jobs/:job/build')
export class BuildController {
  constructor(private readonly build: BuildService) {}

  @Get()
  entries(
    @Param('job', ParseUUIDPipe) job: string,
    @Query() { branch = MAIN_BRANCH }: BuildQueryDto,
  ): Promise<BuildEntry[]> {
    return this.build.entries(job, branch);
  }

  @Post()
  write(@Param('job', ParseUUIDPipe) job: string, @Body() dto: BuildEntryDto): Promise<BuildEntry[]> {
    return this.build.write(job, dto);
  }
}

/** How long the steps of a build took in this shop. */
@Controller('build-times')
export class BuildTimesController {
  constructor(private readonly build: BuildService) {}

  @Get()
  times(): Promise<TimeTaken[]> {
    return this.build.times();
  }

  @Get('jobs')
  jobTimes(): Promise<JobTime[]> {
    return this.build.jobTimes();
  }
}
