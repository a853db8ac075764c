import {
  type FloorState,
  type FloorTick,
  FloorTickDto,
  IssueDto,
  type IssuedSheet,
  type IssuedSummary,
  type SheetNews,
} from '@gyrus/contract';
import { Body, Controller, Get, Param, ParseUUIDPipe, Post, Put, Query } from '@nestjs/common';
import { FloorService } from './floor.service.ts';

/** Sheets that went to the floor. */
@Controller()
export class FloorController {
  constructor(private readonly floor: FloorService) {}

  @Post('jobs/:id/issued')
  issue(@Param('id', ParseUUIDPipe) job: string, @Body() dto: IssueDto): Promise<IssuedSheet> {
    return this.floor.issue(job, dto);
  }

  @Get('issued')
  sheets(@Query('job', new ParseUUIDPipe({ optional: true })) job?: string): Promise<IssuedSummary[]> {
    return this.floor.sheets(job);
  }

  @Get('issued/:id')
  sheet(@Param('id', ParseUUIDPipe) id: string): Promise<IssuedSheet> {
    return this.floor.sheet(id);
  }

  @Get('issued/:id/state')
  state(@Param('id', ParseUUIDPipe) id: string): Promise<FloorState> {
    return this.floor.state(id);
  }

  @Get('issued/:id/news')
  news(@Param('id', ParseUUIDPipe) id: string): Promise<SheetNews> {
    return this.floor.news(id);
  }

  @Put('issued/:id/ticks/:tick')
  tick(
    @Param('id', ParseUUIDPipe) id: string,
    @Param('tick', ParseUUIDPipe) tick: string,
    @Body() dto: FloorTickDto,
  ): Promise<FloorTick> {
    return this.floor.tick(id, tick, dto);
  }
}
