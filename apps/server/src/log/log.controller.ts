import { type MadeBend, MadeBendDto, type Scrap, ScrapDto, SetAsideDto } from '@gyrus/contract';
import { madeBendsCsv, scrapCsv } from '@gyrus/formats';
import { Body, Controller, Get, Header, Param, ParseUUIDPipe, Post, Put, Query } from '@nestjs/common';
import { LogService } from './log.service.ts';

/** What the shop has bent, and what it threw away. */
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

  @Post('bends/:id/aside')
  setAside(@Param('id', ParseUUIDPipe) id: string, @Body() dto: SetAsideDto): Promise<MadeBend> {
    return this.log.setAside(id, dto);
  }

  @Get('scrap')
  scrap(): Promise<Scrap[]> {
    return this.log.scrap();
  }

  @Get('scrap.csv')
  @Header('Content-Type', 'text/csv; charset=utf-8')
  @Header('Content-Disposition', 'attachment; filename="scrap.csv"')
  async scrapCsv(): Promise<string> {
    return scrapCsv(await this.log.scrap());
  }

  @Put('scrap/:id')
  writeScrap(@Param('id', ParseUUIDPipe) id: string, @Body() dto: ScrapDto): Promise<Scrap> {
    return this.log.writeScrap(id, dto);
  }
}
