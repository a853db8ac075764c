import { randomUUID } from 'node:crypto';
import { type JobDetail } from '@gyrus/contract';
import { JOB_FILE_FORMAT, JOB_FILE_VERSION, type JobFileHead, withPhotoIds } from '@gyrus/core';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { notFound, Refusal } from '../common/fault.ts';
import { plainName } from '../common/plainName.ts';
import { JobEntity } from '../jobs/job.entity.ts';
import { JobsService } from '../jobs/jobs.service.ts';
import { PlanRevisionEntity } from '../jobs/planRevision.entity.ts';
import { WITHOUT_PLAN } from '../jobs/revisionOf.ts';
import { PhotoEntity } from '../photos/photo.entity.ts';
import { LARGEST_PHOTO, MOST_PHOTOS } from '../photos/photos.service.ts';
import { WorkPool } from '../workers/pool.ts';
import { packJob } from './packJob.ts';
import { type JobFile } from './readJobFile.ts';

/** A job's file as it is sent. */
interface PackedJob {
  name: string;
  chunks: AsyncGenerator<Uint8Array>;
}

/** A job as one file, out and in: its plan with every revision and answer, and its photos. */
@Injectable()
export class JobFilesService {
  constructor(
    private readonly database: DataSource,
    private readonly jobs: JobsService,
    private readonly work: WorkPool,
  ) {}

  /** The file of a job, with what it holds at this moment. */
  async pack(jobId: string): Promise<PackedJob> {
    const head = await headOf(this.database.manager, jobId);
    const plan = async (number: number) => (await this.jobs.revision(jobId, number)).plan;
    const photo = async (id: string) =>
      (await this.database.manager.findOneByOrFail(PhotoEntity, { id, jobId })).bytes;
    return { name: `${plainName(head.name)}.gyrus.zip`, chunks: packJob(head, { plan, photo }) };
  }

  /** A job out of its file, as a job of its own: the same file opened twice makes two. */
  async open(bytes: Buffer): Promise<JobDetail> {
    const read = await this.work.run('jobFile', bytes);
    if ('fault' in read) throw new Refusal(read.fault);
    await this.refusePhotos(read.file);
    const id = randomUUID();
    await this.database.transaction((manager) => insertJob(manager, id, read.file));
    return this.jobs.detail(id);
  }

  /** What would not be taken as a photo of a job is not taken out of a file. */
  private async refusePhotos({ head, photos }: JobFile): Promise<void> {
    const refuse = (code: string, message: string) => {
      throw new Refusal({ code, message, path: '/job.json/photos' });
    };
    if (head.photos.length > MOST_PHOTOS)
      refuse('too-many-photos', `a job holds ${MOST_PHOTOS} photos at most`);
    for (const { id, name } of head.photos) {
      const bytes = photos.get(id);
      if (!bytes || bytes.length > LARGEST_PHOTO || !(await this.work.run('picture', bytes)))
        refuse('no-photo', `${name || id} in the file is no JPEG picture that can be shown to its end`);
    }
  }
}

async function headOf(manager: EntityManager, jobId: string): Promise<JobFileHead> {
  const [job, revisions, photos] = await Promise.all([
    manager.findOneBy(JobEntity, { id: jobId }),
    manager.find(PlanRevisionEntity, { where: { jobId }, order: { number: 'ASC' }, select: WITHOUT_PLAN }),
    manager.find(PhotoEntity, {
      where: { jobId },
      order: { createdAt: 'ASC', id: 'ASC' },
      select: { id: true, name: true },
    }),
  ]);
  if (!job) throw notFound('this job');
  const { closedBy, closedAt } = job;
  return {
    format: JOB_FILE_FORMAT,
    version: JOB_FILE_VERSION,
    name: job.name,
    createdAt: job.createdAt.toISOString(),
    closed: closedBy !== null && closedAt ? { by: closedBy, at: closedAt.toISOString() } : null,
    revisions: revisions.map(({ id, number, parentId, branch, author, note, changes, createdAt }) => ({
      ...{ id, number, parent: parentId, branch, author, note, changes },
      createdAt: createdAt.toISOString(),
    })),
    photos: photos.map(({ id, name }) => ({ id, name })),
  };
}

/** So many revisions go into one statement. */
const AT_ONCE = 50;

/** Everything under ids of its own: what the file came from may be on this machine, too. */
async function insertJob(
  manager: EntityManager,
  jobId: string,
  { head, plans, photos }: JobFile,
): Promise<void> {
  const revisionIds = newIds(head.revisions);
  const photoIds = newIds(head.photos);
  const own = (id: string) => revisionIds.get(id) ?? fellShort();
  await manager.insert(JobEntity, {
    id: jobId,
    name: head.name.trim(),
    archived: false,
    lastRevision: head.revisions.at(-1)?.number ?? 0,
    closedBy: head.closed?.by ?? null,
    closedAt: head.closed ? new Date(head.closed.at) : null,
    createdAt: new Date(head.createdAt),
  });
  const rows = head.revisions.map(({ id, parent, createdAt, ...said }, i) => ({
    ...said,
    id: own(id),
    jobId,
    parentId: parent === null ? null : own(parent),
    createdAt: new Date(createdAt),
    plan: withPhotoIds(plans[i] ?? fellShort(), photoIds),
  }));
  for (let from = 0; from < rows.length; from += AT_ONCE)
    await manager.insert(PlanRevisionEntity, rows.slice(from, from + AT_ONCE));
  for (const { id, name } of head.photos)
    await manager.insert(PhotoEntity, {
      id: photoIds.get(id) ?? fellShort(),
      jobId,
      name: plainName(name),
      bytes: Buffer.from(photos.get(id) ?? fellShort()),
    });
}

const newIds = (things: { id: string }[]): Map<string, string> =>
  new Map(things.map(({ id }) => [id, randomUUID()]));

/** The reader checked that every part is there. */
const fellShort = (): never => {
  throw new Error('a part of a checked file is missing');
};
