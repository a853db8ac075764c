import { type MadeBend, MadeBendDto } from '@gyrus/contract';
import { madeBendsCsv } from '@gyrus/formats';
import { Body, Controller, Get, Header, Param, ParseUUIDPipe, Put, Query } from '@nestjs/common';
import { LogService } from './log.service.ts';

/** What the shop has bent. */
@Controller('log')
export class LogController {
  constructor(private readonly log: LogService) {}

  @Get('bends')
  bends(@Query('job', new ParseUUIDPipe({ optional: true })) job?: string): Promise<MadeBend[]> {
    return this.log.bends(job);
  }

  @Get('bends.csv')
  @Header('Content-Type', 'text/csv; charset=utf-8')
  @Header('Content-Disposition', 'attachment; filename="bends.csv"')
  async csv(): Promise<string> {
    return madeBendsCsv(await this.log.bends(undefined));
  }

  @Put('bends/:id')
  write(@Param('id', ParseUUIDPipe) id: string, @Body() dto: MadeBendDto): Promise<MadeBend> {
    return this.log.write(id, dto);
  }
}
