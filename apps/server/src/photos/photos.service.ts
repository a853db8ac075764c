import { randomUUID } from 'node:crypto';
import { type PhotoKept } from '@gyrus/contract';
import { Injectable } from '@nestjs/common';
import fileTypeChecker from 'file-type-checker';
import { DataSource, In } from 'typeorm';
import { notFound, Refusal } from '../common/fault.ts';
import { JobsService } from '../jobs/jobs.service.ts';
import { PhotoEntity } from './photo.entity.ts';

/** The pages send pictures of 2000 points at most, about 1 MB. */
export const LARGEST_PHOTO = 6 * 1024 * 1024;

@Injectable()
export class PhotosService {
  constructor(
    private readonly database: DataSource,
    private readonly jobs: JobsService,
  ) {}

  /** Keeps a photo with its job. What it is, is read from its bytes: a name or a header proves nothing. */
  async keep(jobId: string, name: string, bytes: Buffer): Promise<PhotoKept> {
    if (!(await this.jobs.exists(jobId))) throw notFound('this job');
    if (!fileTypeChecker.validateFileType(bytes, ['jpeg']))
      throw new Refusal({
        code: 'no-photo',
        message: 'this is no JPEG picture: take the photo again, or save it as one',
        path: '/photo',
      });
    const photo = { id: randomUUID(), jobId, name: plainName(name), bytes };
    await this.database.manager.insert(PhotoEntity, photo);
    return { file: photo.id, name: photo.name };
  }

  async get(jobId: string, id: string): Promise<PhotoEntity> {
    const photo = await this.database.manager.findOneBy(PhotoEntity, { id, jobId });
    if (!photo) throw notFound('this photo');
    return photo;
  }

  /** The photos of a job that a sheet shows, in the order asked for; what is gone is left out. */
  async several(jobId: string, ids: string[]): Promise<PhotoEntity[]> {
    const found = await this.database.manager.findBy(PhotoEntity, { jobId, id: In(ids) });
    return ids.flatMap((id) => found.find((one) => one.id === id) ?? []);
  }
}

/** The last part of a path, without what a file system or a header could trip over. */
const plainName = (name: string): string =>
  (name.split(/[\\/]/).at(-1) ?? '').replace(/[^\p{L}\p{N} ._-]/gu, '').slice(0, 120) || 'photo';
