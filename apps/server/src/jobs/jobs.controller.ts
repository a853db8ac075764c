import {
  BranchQueryDto,
  CopyJobDto,
  CreateJobDto,
  type JobDetail,
  type JobSummary,
  type Revision,
  RevisionsQueryDto,
  type RevisionSummary,
  type SaveRevisionDto,
  UpdateJobDto,
} from '@gyrus/contract';
import { Body, Controller, Get, Param, ParseUUIDPipe, Patch, Post, Query } from '@nestjs/common';
import { RevisionNumber } from '../common/revisionNumber.ts';
import { JobsService } from './jobs.service.ts';
import { SaveBody } from './saveBody.ts';

/** Jobs and their revisions. */
@Controller('jobs')
export class JobsController {
  constructor(private readonly jobs: JobsService) {}

  @Get()
  list(): Promise<JobSummary[]> {
    return this.jobs.list();
  }

  @Post()
  create(@Body() dto: CreateJobDto): Promise<JobDetail> {
    return this.jobs.create(dto);
  }

  @Get(':id')
  detail(@Param('id', ParseUUIDPipe) id: string, @Query() { branch }: BranchQueryDto): Promise<JobDetail> {
    return this.jobs.detail(id, branch);
  }

  @Patch(':id')
  update(@Param('id', ParseUUIDPipe) id: string, @Body() dto: UpdateJobDto): Promise<JobDetail> {
    return this.jobs.update(id, dto);
  }

  @Post(':id/copies')
  copy(@Param('id', ParseUUIDPipe) id: string, @Body() dto: CopyJobDto): Promise<JobDetail> {
    return this.jobs.copy(id, dto);
  }

  @Get(':id/revisions')
  revisions(
    @Param('id', ParseUUIDPipe) id: string,
    @Query() query: RevisionsQueryDto,
  ): Promise<RevisionSummary[]> {
    return this.jobs.revisions(id, query);
  }

  @Get(':id/variants')
  variants(@Param('id', ParseUUIDPipe) id: string): Promise<RevisionSummary[]> {
    return this.jobs.variants(id);
  }

  @Get(':id/revisions/:number')
  revision(
    @Param('id', ParseUUIDPipe) id: string,
    @Param('number', RevisionNumber) number: number,
  ): Promise<Revision> {
    return this.jobs.revision(id, number);
  }

  /** The body is typed as unknown, so that no other pipe copies the plan in it. */
  @Post(':id/revisions')
  save(@Param('id', ParseUUIDPipe) id: string, @Body(SaveBody) dto: unknown): Promise<RevisionSummary> {
    return this.jobs.save(id, dto as SaveRevisionDto);
  }
}
