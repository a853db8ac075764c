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
import { Refusal } from '../common/fault.ts';
import { LARGEST_PHOTO, PhotosService } from './photos.service.ts';

/** Pictures kept with a job. */
@Controller('jobs/:id/photos')
export class PhotosController {
  constructor(private readonly photos: PhotosService) {}

  @Post()
  @UseInterceptors(FileInterceptor('photo', { limits: { fileSize: LARGEST_PHOTO, files: 1 } }))
  keep(
    @Param('id', ParseUUIDPipe) id: string,
    @UploadedFile() photo: { originalname: string; buffer: Buffer } | undefined,
  ): Promise<PhotoKept> {
    if (!photo) throw new Refusal({ code: 'missing', message: 'missing: give a photo', path: '/photo' });
    // A form sends the bytes of a name, which the parser takes for Latin-1.
    const name = Buffer.from(photo.originalname, 'latin1').toString('utf8');
    return this.photos.keep(id, name, photo.buffer);
  }

  /** Shown as the picture that it is, and as nothing else. */
  @Get(':photo')
  async show(
    @Param('id', ParseUUIDPipe) id: string,
    @Param('photo', ParseUUIDPipe) photoId: string,
    @Res() response: Response,
  ): Promise<void> {
    const { bytes } = await this.photos.get(id, photoId);
    response
      .type('image/jpeg')
      .setHeader('X-Content-Type-Options', 'nosniff')
      .setHeader('Content-Security-Policy', "default-src 'none'; sandbox")
      .setHeader('Cache-Control', 'private, max-age=31536000, immutable')
      .send(bytes);
  }
}
