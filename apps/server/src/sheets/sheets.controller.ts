import { SheetQueryDto } from '@gyrus/contract';
import { Controller, Get, Param, ParseIntPipe, ParseUUIDPipe, Query, Res } from '@nestjs/common';
import { type Response } from 'express';
import { SheetsService } from './sheets.service.ts';

@Controller('jobs/:id/revisions/:number')
export class SheetsController {
  constructor(private readonly sheets: SheetsService) {}

  @Get('bend-sheet.pdf')
  async bendSheet(
    @Param('id', ParseUUIDPipe) id: string,
    @Param('number', ParseIntPipe) number: number,
    @Query() query: SheetQueryDto,
    @Res() response: Response,
  ): Promise<void> {
    const pdf = await this.sheets.bendSheet(id, number, query);
    response
      .type('application/pdf')
      .setHeader('Content-Disposition', `inline; filename="bend-sheet-rev-${number}.pdf"`);
    pdf.pipe(response);
  }
}
