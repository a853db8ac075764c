import { WeldProcedureDto, WeldSampleDto, WeldSetAsideDto } from '@gyrus/contract';
import { type WeldProcedure } from '@gyrus/core';
import {
  Body,
  Controller,
  Get,
  Param,
  ParseUUIDPipe,
  Patch,
  Post,
  Res,
  UploadedFile,
  UseInterceptors,
} from '@nestjs/common';
import { FileInterceptor } from '@nestjs/platform-express';
import { type Response } from 'express';
import { fileIn, type FormFile, shownAs } from '../common/formFile.ts';
import { LARGEST_PHOTO } from '../photos/photos.service.ts';
import { WeldingService } from './welding.service.ts';

/** How the shop welds. */
@Controller('welding')
export class WeldingController {
  constructor(private readonly welding: WeldingService) {}

  @Get()
  procedures(): Promise<WeldProcedure[]> {
    return this.welding.procedures();
  }

  @Post()
  write(@Body() dto: WeldProcedureDto): Promise<WeldProcedure[]> {
    return this.welding.write(dto);
  }

  @Patch(':id')
  setAside(
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { setAside }: WeldSetAsideDto,
  ): Promise<WeldProcedure[]> {
    return this.welding.setAside(id, setAside);
  }

  @Post(':id/samples')
  writeSample(@Param('id', ParseUUIDPipe) id: string, @Body() dto: WeldSampleDto): Promise<WeldProcedure[]> {
    return this.welding.writeSample(id, dto);
  }

  @Post('samples/:sample/photo')
  @UseInterceptors(FileInterceptor('photo', { limits: { fileSize: LARGEST_PHOTO, files: 1 } }))
  keepPhoto(
    @Param('sample', ParseUUIDPipe) sample: string,
    @UploadedFile() photo: FormFile | undefined,
  ): Promise<WeldProcedure[]> {
    const { name, bytes } = fileIn('photo', photo, 'a photo');
    return this.welding.keepPhoto(sample, name, bytes);
  }

  /** Shown as the picture that it is, and as nothing else. */
  @Get('samples/:sample/photo')
  async photo(@Param('sample', ParseUUIDPipe) sample: string, @Res() response: Response): Promise<void> {
    shownAs(response, 'image/jpeg').send(await this.welding.photo(sample));
  }
}
