import { randomUUID } from 'node:crypto';
import { type PhotoKept } from '@gyrus/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, In } from 'typeorm';
import { notFound, Refusal } from '../common/fault.ts';
import { plainName } from '../common/plainName.ts';
import { JobsService } from '../jobs/jobs.service.ts';
import { WorkPool } from '../workers/pool.ts';
import { PhotoEntity } from './photo.entity.ts';

/** The pages send pictures of 2000 points at most, about 1 MB. */
export const LARGEST_PHOTO = 6 * 1024 * 1024;

/** Of one job: an inspection asks for some dozens. */
export const MOST_PHOTOS = 500;

/** Pictures kept with a job, in the database beside it. */
@Injectable()
export class PhotosService {
  constructor(
    private readonly database: DataSource,
    private readonly jobs: JobsService,
    private readonly work: WorkPool,
  ) {}

  /** Keeps a photo with its job. It is decoded to its end: neither a name nor the first bytes prove what it is. */
  async keep(jobId: string, name: string, bytes: Buffer): Promise<PhotoKept> {
    if (!(await this.jobs.exists(jobId))) throw notFound('this job');
    const held = await this.database.manager.countBy(PhotoEntity, { jobId });
    if (held >= MOST_PHOTOS)
      throw new Refusal({
        code: 'too-many-photos',
        message: `this job holds ${MOST_PHOTOS} photos already, and no more: they are kept for good`,
        path: '/photo',
      });
    if (!(await this.work.run('picture', bytes)))
      throw new Refusal({
        code: 'no-photo',
        message:
          'this is no JPEG picture that can be shown to its end: take the photo again, or save it as one',
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
