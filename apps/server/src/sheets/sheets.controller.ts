import {
  BuildListQueryDto,
  CopesQueryDto,
  InspectionQueryDto,
  MeasuringQueryDto,
  OutlineQueryDto,
  PAGES_HEADER,
  SheetQueryDto,
  TubesQueryDto,
} from '@gyrus/contract';
import { Controller, Get, Param, ParseEnumPipe, ParseUUIDPipe, Query, Res } from '@nestjs/common';
import { type Response } from 'express';
import { RevisionNumber } from '../common/revisionNumber.ts';
import { OUTLINE_FORMATS, type OutlineFormat } from './makeSheet.ts';
import { type SheetOrder, SheetsService } from './sheets.service.ts';

const MEDIA_TYPES: Record<OutlineFormat, string> = {
  pdf: 'application/pdf',
  svg: 'image/svg+xml',
  dxf: 'image/vnd.dxf',
};

/** Sheets of a revision, made when they are asked for. Asked with HEAD they only say how many pages they have. */
@Controller('jobs/:id/revisions/:number')
export class SheetsController {
  constructor(private readonly sheets: SheetsService) {}

  @Get('bend-sheet.pdf')
  bendSheet(
    @Param('id', ParseUUIDPipe) id: string,
    @Param('number', RevisionNumber) number: number,
    @Query() query: SheetQueryDto,
    @Res() response: Response,
  ): Promise<void> {
    return this.send(response, id, number, { what: 'bend', query }, 'bend-sheet', 'pdf');
  }

  /** The inspector's sheet. */
  @Get('inspection.pdf')
  inspection(
    @Param('id', ParseUUIDPipe) id: string,
    @Param('number', RevisionNumber) number: number,
    @Query() query: InspectionQueryDto,
    @Res() response: Response,
  ): Promise<void> {
    return this.send(response, id, number, { what: 'inspection', query }, 'inspection', 'pdf');
  }

  /** Cope sheets and wrap templates of the whole job, of a tube, or of one end. */
  @Get('copes.pdf')
  copes(
    @Param('id', ParseUUIDPipe) id: string,
    @Param('number', RevisionNumber) number: number,
    @Query() query: CopesQueryDto,
    @Res() response: Response,
  ): Promise<void> {
    return this.send(response, id, number, { what: 'copes', query }, 'copes', 'pdf');
  }

  /** All bend sheets in one print, or all there is of each tube: bend sheet, cope sheet and templates. */
  @Get('tubes.pdf')
  tubes(
    @Param('id', ParseUUIDPipe) id: string,
    @Param('number', RevisionNumber) number: number,
    @Query() query: TubesQueryDto,
    @Res() response: Response,
  ): Promise<void> {
    return this.send(response, id, number, { what: 'tubes', query }, 'tubes', 'pdf');
  }

  /** What is still to be measured, to take to the car. */
  @Get('measuring.pdf')
  measuring(
    @Param('id', ParseUUIDPipe) id: string,
    @Param('number', RevisionNumber) number: number,
    @Query() query: MeasuringQueryDto,
    @Res() response: Response,
  ): Promise<void> {
    return this.send(response, id, number, { what: 'measuring', query }, 'measuring', 'pdf');
  }

  /** The order of build, to tick off at the car. */
  @Get('build.pdf')
  buildList(
    @Param('id', ParseUUIDPipe) id: string,
    @Param('number', RevisionNumber) number: number,
    @Query() query: BuildListQueryDto,
    @Res() response: Response,
  ): Promise<void> {
    return this.send(response, id, number, { what: 'build', query }, 'build', 'pdf');
  }

  /** A flat tube's outline at true size: tiled over pages, or one drawing for a plotter or a cutter. */
  @Get('outline.:format')
  outline(
    @Param('id', ParseUUIDPipe) id: string,
    @Param('number', RevisionNumber) number: number,
    @Param('format', new ParseEnumPipe(OUTLINE_FORMATS)) format: OutlineFormat,
    @Query() query: OutlineQueryDto,
    @Res() response: Response,
  ): Promise<void> {
    return this.send(response, id, number, { what: 'outline', query, format }, 'outline', format);
  }

  private async send(
    response: Response,
    id: string,
    number: number,
    order: SheetOrder,
    name: string,
    format: OutlineFormat,
  ): Promise<void> {
    const gone = new AbortController();
    response.on('close', () => gone.abort());
    const { bytes, pages } = await this.sheets.make(id, number, order, gone.signal);
    if (pages !== null) response.setHeader(PAGES_HEADER, pages);
    response
      .type(MEDIA_TYPES[format])
      .setHeader('Content-Disposition', `inline; filename="${name}-rev-${number}.${format}"`)
      .send(bytes);
  }
}
