import { BuildQueryDto, HistoryQueryDto, MAIN_BRANCH } from '@gyrus/contract';
import { type HistorySources } from '@gyrus/formats';
import { Controller, Get, Param, ParseUUIDPipe, Query, Res } from '@nestjs/common';
import { type Response } from 'express';
import { HistoryService } from './history.service.ts';

/** What was done for a job: who, when, what. */
@Controller('jobs/:job')
export class HistoryController {
  constructor(private readonly history: HistoryService) {}

  @Get('history')
  sources(
    @Param('job', ParseUUIDPipe) job: string,
    @Query() { branch = MAIN_BRANCH }: BuildQueryDto,
  ): Promise<HistorySources> {
    return this.history.sources(job, branch);
  }

  @Get('history.pdf')
  async printed(
    @Param('job', ParseUUIDPipe) job: string,
    @Query() { branch = MAIN_BRANCH, paper, unit }: HistoryQueryDto,
    @Res() response: Response,
  ): Promise<void> {
    const bytes = await this.history.printed(job, { branch, paper, unit });
    response
      .type('application/pdf')
      .setHeader('Content-Disposition', 'inline; filename="history.pdf"')
      .send(bytes);
  }
}
