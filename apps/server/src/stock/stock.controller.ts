import {
  ByWhomDto,
  CutPlanDto,
  CutPlanQueryDto,
  type KeptCutPlan,
  type OnRack,
  RackTubesDto,
  SawnDto,
  StickDoneDto,
} from '@gyrus/contract';
import { Body, Controller, Delete, Get, Param, ParseUUIDPipe, Post, Query, Res } from '@nestjs/common';
import { type Response } from 'express';
import { CutPlansService } from './cutPlans.service.ts';
import { RackService } from './rack.service.ts';

/** The rack. Every change answers with all of it. */
@Controller('rack')
export class RackController {
  constructor(private readonly rack: RackService) {}

  @Get()
  all(): Promise<OnRack[]> {
    return this.rack.rack();
  }

  @Post()
  add(@Body() dto: RackTubesDto): Promise<OnRack[]> {
    return this.rack.add(dto);
  }

  @Delete(':id')
  take(@Param('id', ParseUUIDPipe) id: string): Promise<OnRack[]> {
    return this.rack.take(id);
  }
}

/** How tube is cut. */
@Controller('cut-plans')
export class CutPlansController {
  constructor(private readonly plans: CutPlansService) {}

  @Get()
  all(@Query('job', new ParseUUIDPipe({ optional: true })) job?: string): Promise<KeptCutPlan[]> {
    return this.plans.plans(job);
  }

  @Post()
  layOut(@Body() dto: CutPlanDto): Promise<KeptCutPlan> {
    return this.plans.layOut(dto);
  }

  @Get(':id')
  one(@Param('id', ParseUUIDPipe) id: string): Promise<KeptCutPlan> {
    return this.plans.plan(id);
  }

  @Get(':id/cut-plan.pdf')
  async printed(
    @Param('id', ParseUUIDPipe) id: string,
    @Query() query: CutPlanQueryDto,
    @Res() response: Response,
  ): Promise<void> {
    const bytes = await this.plans.printed(id, query);
    response
      .type('application/pdf')
      .setHeader('Content-Disposition', 'inline; filename="cut-plan.pdf"')
      .send(bytes);
  }

  @Post(':id/promise')
  promise(@Param('id', ParseUUIDPipe) id: string, @Body() { who }: ByWhomDto): Promise<KeptCutPlan> {
    return this.plans.promise(id, who);
  }

  @Delete(':id/promise')
  letGo(@Param('id', ParseUUIDPipe) id: string): Promise<KeptCutPlan> {
    return this.plans.letGo(id);
  }

  @Post(':id/sawn')
  saw(@Param('id', ParseUUIDPipe) id: string, @Body() dto: SawnDto): Promise<KeptCutPlan> {
    return this.plans.saw(id, dto);
  }

  @Post(':id/done')
  finish(@Param('id', ParseUUIDPipe) id: string, @Body() dto: StickDoneDto): Promise<KeptCutPlan> {
    return this.plans.finish(id, dto);
  }
}
