import { randomUUID } from 'node:crypto';
import {
  type CopyJobDto,
  type CreateJobDto,
  type JobDetail,
  type JobSummary,
  MAIN_BRANCH,
  type Revision,
  REVISION_PAGE,
  type RevisionsQueryDto,
  type RevisionSummary,
  type SaveRevisionDto,
  type UpdateJobDto,
} from '@gyrus/contract';
import { emptyPlan, nextCarPlan, type Plan, planReader, under } from '@gyrus/core';
import { HttpStatus, Injectable } from '@nestjs/common';
import { DataSource, type EntityManager, LessThan } from 'typeorm';
import { notFound, Refusal } from '../common/fault.ts';
import { appendRevision } from './appendRevision.ts';
import { JobEntity } from './job.entity.ts';
import { closedOf, copiedOf, jobSummaries } from './jobSummaries.ts';
import { PlanRevisionEntity } from './planRevision.entity.ts';
import { revisionOf, summaryOf, WITHOUT_PLAN } from './revisionOf.ts';

/** Jobs, and their revisions, to which is only ever added. */
@Injectable()
export class JobsService {
  /** A plan that is saved differs from the one before by a record or two. */
  private readonly readPlan = planReader();

  constructor(private readonly database: DataSource) {}

  /** All jobs, last changed first; car and series come from the newest plan. */
  list(): Promise<JobSummary[]> {
    return jobSummaries(this.database);
  }

  async create({ name, car, length }: CreateJobDto): Promise<JobDetail> {
    const plan = emptyPlan({ member: randomUUID(), piece: randomUUID() }, length);
    return this.createWith(
      { id: randomUUID(), name: name.trim() },
      { ...plan, brief: { ...plan.brief, car: car.trim() } },
    );
  }

  /** The next car of the same model: the newest plan of a variant as its start. */
  async copy(id: string, { name, car, branch }: CopyJobDto): Promise<JobDetail> {
    const { head, name: last } = await this.detail(id, branch);
    const plan = nextCarPlan(head.plan, `From ${last}, revision ${head.number}.`);
    return this.createWith(
      { id: randomUUID(), name: name.trim(), copiedFrom: id, copiedRevision: head.number },
      { ...plan, brief: { ...plan.brief, car: car.trim() || plan.brief.car } },
      `copy of ${last}, revision ${head.number}`,
    );
  }

  /** A job with a first revision of its own; the demo comes in by this door too. */
  async createWith(
    job: Pick<JobEntity, 'id' | 'name'> & Partial<JobEntity>,
    plan: Plan,
    note = 'new job',
  ): Promise<JobDetail> {
    await this.database.transaction(async (manager) => {
      await manager.insert(JobEntity, { ...job, archived: false, lastRevision: 1 });
      await manager.insert(PlanRevisionEntity, {
        id: randomUUID(),
        jobId: job.id,
        number: 1,
        parentId: null,
        branch: MAIN_BRANCH,
        author: '',
        note,
        changes: '',
        plan,
      });
    });
    return this.detail(job.id);
  }

  /** What a job is called. Refused where there is none. */
  async name(id: string): Promise<string> {
    const job = await this.database.manager.findOne(JobEntity, {
      where: { id },
      select: { id: true, name: true },
    });
    if (!job) throw notFound('this job');
    return job.name;
  }

  /** Number of the newest revision of a variant. */
  async newest(id: string, branch: string): Promise<number> {
    return (await this.database.manager.maximum(PlanRevisionEntity, 'number', { jobId: id, branch })) ?? 0;
  }

  /** Refused where a job is closed, or is not there. */
  async demandOpen(id: string): Promise<void> {
    const job = await this.database.manager.findOne(JobEntity, {
      where: { id },
      select: { id: true, closedBy: true },
    });
    if (!job) throw notFound('this job');
    refuseClosed(job);
  }

  exists(id: string): Promise<boolean> {
    return this.database.manager.existsBy(JobEntity, { id });
  }

  async detail(id: string, branch: string = MAIN_BRANCH): Promise<JobDetail> {
    const job = await this.database.manager.findOneBy(JobEntity, { id });
    if (!job) throw notFound('this job');
    const head = await headOf(this.database.manager, id, branch);
    if (!head) throw notFound('this variant of the job');
    const revision = revisionOf(head);
    return {
      id: job.id,
      name: job.name,
      archived: job.archived,
      closed: closedOf(job.closedBy, job.closedAt),
      copiedFrom: copiedOf(
        job.copiedFrom,
        job.copiedFrom && (await this.name(job.copiedFrom)),
        job.copiedRevision,
      ),
      car: revision.plan.brief.car,
      series: revision.plan.brief.series,
      createdAt: job.createdAt.toISOString(),
      updatedAt: job.updatedAt.toISOString(),
      revision: revision.number,
      head: revision,
    };
  }

  async update(id: string, changes: UpdateJobDto): Promise<JobDetail> {
    const changed = {
      ...(changes.name === undefined ? {} : { name: changes.name.trim() }),
      ...archivedOf(changes),
      ...closingOf(changes),
    };
    if (Object.keys(changed).length > 0) await this.database.manager.update(JobEntity, { id }, changed);
    return this.detail(id);
  }

  /** Without their plans, the newest first, a page at a time. before: numbers below it; of one variant or of all. */
  async revisions(jobId: string, { branch, before }: RevisionsQueryDto): Promise<RevisionSummary[]> {
    const found = await this.database.manager.find(PlanRevisionEntity, {
      where: {
        jobId,
        ...(branch === undefined ? {} : { branch }),
        ...(before === undefined ? {} : { number: LessThan(before) }),
      },
      order: { number: 'DESC' },
      take: REVISION_PAGE,
      select: WITHOUT_PLAN,
    });
    return found.map(summaryOf);
  }

  /** The newest revision of each variant, without its plan. */
  async variants(jobId: string): Promise<RevisionSummary[]> {
    const heads = await this.database.manager
      .createQueryBuilder(PlanRevisionEntity, 'revision')
      .select(Object.keys(WITHOUT_PLAN).map((column) => `revision.${column}`))
      .distinctOn(['revision.branch'])
      .where('revision.jobId = :jobId', { jobId })
      .orderBy('revision.branch')
      .addOrderBy('revision.number', 'DESC')
      .getMany();
    return heads.map(summaryOf);
  }

  async revision(jobId: string, number: number): Promise<Revision> {
    const found = await this.database.manager.findOneBy(PlanRevisionEntity, { jobId, number });
    if (!found) throw notFound('this revision');
    return revisionOf(found);
  }

  /**
   * Appends a revision. On top of the newest of its branch it is one statement; where that does not go, the job's row is locked, and the
   * save is told why: of the clash with the newest revision beside it, and nothing of either is lost. A repeated save of one id is one save.
   */
  async save(jobId: string, dto: SaveRevisionDto): Promise<RevisionSummary> {
    const read = under('/plan', this.readPlan(dto.plan));
    if (!read.ok) throw new Refusal(read.fault);
    const { parent } = dto;
    const appended =
      parent === null
        ? null
        : await appendRevision(this.database, {
            ...dto,
            changes: dto.changes ?? '',
            jobId,
            parent,
            plan: read.value.json,
          });
    if (appended)
      return {
        id: dto.id,
        number: appended.number,
        parent,
        branch: dto.branch,
        author: dto.author,
        note: dto.note,
        changes: dto.changes ?? '',
        createdAt: appended.createdAt.toISOString(),
      };
    return this.database.transaction((manager) => saveLocked(manager, jobId, dto, read.value.plan));
  }
}

/** A save that is not simply the next of its branch: sent before, the first of a variant, or a clash. */
async function saveLocked(
  manager: EntityManager,
  jobId: string,
  dto: SaveRevisionDto,
  plan: Plan,
): Promise<RevisionSummary> {
  const job = await manager.findOne(JobEntity, { where: { id: jobId }, lock: { mode: 'pessimistic_write' } });
  if (!job) throw notFound('this job');
  const earlier = await manager.findOneBy(PlanRevisionEntity, { id: dto.id });
  if (earlier) return sameSave(earlier, jobId);
  refuseClosed(job);
  await refuseClash(manager, jobId, dto);
  const number = job.lastRevision + 1;
  await manager.update(JobEntity, { id: jobId }, { lastRevision: number });
  await manager.insert(PlanRevisionEntity, {
    id: dto.id,
    jobId,
    number,
    parentId: dto.parent,
    branch: dto.branch,
    author: dto.author,
    note: dto.note,
    changes: dto.changes ?? '',
    plan,
  });
  return summaryOf(await manager.findOneByOrFail(PlanRevisionEntity, { id: dto.id }));
}

const archivedOf = ({ archived }: UpdateJobDto) => (archived === undefined ? {} : { archived });

const closingOf = ({ closed }: UpdateJobDto) =>
  closed === undefined ? {} : { closedBy: closed?.by.trim() ?? null, closedAt: closed ? new Date() : null };

/** What is closed stays as it was: it is opened again first. */
function refuseClosed({ closedBy }: Pick<JobEntity, 'closedBy'>): void {
  if (closedBy === null) return;
  throw new Refusal({
    code: 'closed',
    message: `${closedBy} closed this job: open it again to change it`,
    path: '',
  });
}

const headOf = (manager: EntityManager, jobId: string, branch: string): Promise<PlanRevisionEntity | null> =>
  manager.findOne(PlanRevisionEntity, { where: { jobId, branch }, order: { number: 'DESC' } });

/** The save was done before and its answer lost on the way: answer again. */
function sameSave(earlier: PlanRevisionEntity, jobId: string): RevisionSummary {
  if (earlier.jobId === jobId) return summaryOf(earlier);
  throw new Refusal(
    { code: 'id-taken', message: 'this id belongs to a revision of another job', path: '/id' },
    HttpStatus.CONFLICT,
  );
}

async function refuseClash(manager: EntityManager, jobId: string, dto: SaveRevisionDto): Promise<void> {
  const head = await headOf(manager, jobId, dto.branch);
  if (!head) return refuseUnknownParent(manager, jobId, dto);
  if (head.id === dto.parent) return;
  const message = `revision ${head.number} was saved meanwhile: nothing was written, both plans are kept`;
  throw new Refusal({ code: 'clash', message, path: '/parent' }, HttpStatus.CONFLICT, {
    head: revisionOf(head),
  });
}

/** A new branch starts from a revision of the same job. */
async function refuseUnknownParent(
  manager: EntityManager,
  jobId: string,
  { parent }: SaveRevisionDto,
): Promise<void> {
  if (parent !== null && (await manager.existsBy(PlanRevisionEntity, { id: parent, jobId }))) return;
  throw new Refusal({
    code: 'unknown-parent',
    message: 'a variant starts from a revision of this job: name one',
    path: '/parent',
  });
}
