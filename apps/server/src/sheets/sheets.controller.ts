import { CopesQueryDto, InspectionQueryDto, OutlineQueryDto, SheetQueryDto } from '@gyrus/contract';
import {
  Controller,
  Get,
  Param,
  ParseEnumPipe,
  ParseIntPipe,
  ParseUUIDPipe,
  Query,
  Res,
} from '@nestjs/common';
import { type Response } from 'express';
import { MEDIA_TYPES, OUTLINE_FORMATS, type OutlineFormat, SheetsService } from './sheets.service.ts';

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

  /** The inspector's sheet. */
  @Get('inspection.pdf')
  async inspection(
    @Param('id', ParseUUIDPipe) id: string,
    @Param('number', ParseIntPipe) number: number,
    @Query() query: InspectionQueryDto,
    @Res() response: Response,
  ): Promise<void> {
    const pdf = await this.sheets.inspection(id, number, query);
    response
      .type('application/pdf')
      .setHeader('Content-Disposition', `inline; filename="inspection-rev-${number}.pdf"`);
    pdf.pipe(response);
  }

  /** Cope sheets and wrap templates of the whole job, of a tube, or of one end. */
  @Get('copes.pdf')
  async copes(
    @Param('id', ParseUUIDPipe) id: string,
    @Param('number', ParseIntPipe) number: number,
    @Query() query: CopesQueryDto,
    @Res() response: Response,
  ): Promise<void> {
    const pdf = await this.sheets.copes(id, number, query);
    response
      .type('application/pdf')
      .setHeader('Content-Disposition', `inline; filename="copes-rev-${number}.pdf"`);
    pdf.pipe(response);
  }

  /** A flat tube's outline at true size: tiled over pages, or one drawing for a plotter or a cutter. */
  @Get('outline.:format')
  async outline(
    @Param('id', ParseUUIDPipe) id: string,
    @Param('number', ParseIntPipe) number: number,
    @Param('format', new ParseEnumPipe(OUTLINE_FORMATS)) format: OutlineFormat,
    @Query() query: OutlineQueryDto,
    @Res() response: Response,
  ): Promise<void> {
    const file = await this.sheets.outline(id, number, format, query);
    response
      .type(MEDIA_TYPES[format])
      .setHeader('Content-Disposition', `inline; filename="outline-rev-${number}.${format}"`);
    if (typeof file === 'string') response.send(file);
    else file.pipe(response);
  }
}
