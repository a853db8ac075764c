import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { type JobDetail } from '@gyrus/contract';
import {
  Controller,
  Get,
  Param,
  ParseUUIDPipe,
  Post,
  Res,
  UploadedFile,
  UseInterceptors,
} from '@nestjs/common';
import { FileInterceptor } from '@nestjs/platform-express';
import { type Response } from 'express';
import { fileIn, type FormFile } from '../common/formFile.ts';
import { JobFilesService } from './jobFiles.service.ts';

/** Some thousand revisions and some hundred photos. Bytes */
const LARGEST_FILE = 512 * 1024 * 1024;

/** A job as one file, out and in. */
@Controller('jobs')
export class JobFilesController {
  constructor(private readonly files: JobFilesService) {}

  @Get(':id/file')
  async save(@Param('id', ParseUUIDPipe) id: string, @Res() response: Response): Promise<void> {
    const { name, chunks } = await this.files.pack(id);
    response.attachment(name).type('application/zip');
    await pipeline(Readable.from(chunks), response);
  }

  @Post('files')
  @UseInterceptors(FileInterceptor('job', { limits: { fileSize: LARGEST_FILE, files: 1 } }))
  open(@UploadedFile() file: FormFile | undefined): Promise<JobDetail> {
    return this.files.open(fileIn('job', file, 'the file of a job').bytes);
  }
}
