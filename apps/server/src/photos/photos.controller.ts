import { type PhotoKept } from '@gyrus/contract';
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
import { fileIn, type FormFile, shownAs } from '../common/formFile.ts';
import { LARGEST_PHOTO, PhotosService } from './photos.service.ts';

/** Pictures kept with a job. */
@Controller('jobs/:id/photos')
export class PhotosController {
  constructor(private readonly photos: PhotosService) {}

  @Post()
  @UseInterceptors(FileInterceptor('photo', { limits: { fileSize: LARGEST_PHOTO, files: 1 } }))
  keep(
    @Param('id', ParseUUIDPipe) id: string,
    @UploadedFile() photo: FormFile | undefined,
  ): Promise<PhotoKept> {
    const { name, bytes } = fileIn('photo', photo, 'a photo');
    return this.photos.keep(id, name, bytes);
  }

  /** Shown as the picture that it is, and as nothing else. */
  @Get(':photo')
  async show(
    @Param('id', ParseUUIDPipe) id: string,
    @Param('photo', ParseUUIDPipe) photoId: string,
    @Res() response: Response,
  ): Promise<void> {
    const { bytes } = await this.photos.get(id, photoId);
    shownAs(response, 'image/jpeg')
      .setHeader('Cache-Control', 'private, max-age=31536000, immutable')
      .send(bytes);
  }
}
