import { type BuildEntryDto, type JobTime } from '@gyrus/contract';
import { type BuildEntry, timesOf, type TimeTaken } from '@gyrus/core';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { notFound, Refusal } from '../common/fault.ts';
import { without } from '../common/without.ts';
import { insertOnce, refuseOther } from '../common/writtenOnce.ts';
import { JobsService } from '../jobs/jobs.service.ts';
import { WeldProcedureEntity } from '../welding/welding.entities.ts';
import { BuildEntryEntity } from './buildEntry.entity.ts';

/** What is done at the cars: written once, and read in the order in which it came. */
@Injectable()
export class BuildService {
  constructor(
    private readonly database: DataSource,
    private readonly jobs: JobsService,
  ) {}

  /** All that was written down of a variant. */
  async entries(job: string, branch: string): Promise<BuildEntry[]> {
    if (!(await this.jobs.exists(job))) throw notFound('this job');
    const found = await this.database.manager.find(BuildEntryEntity, {
      where: { job, branch },
      order: { arrived: 'ASC' },
    });
    return found.map(entryOf);
  }

  /** Writes an entry down: sent again it is the same one, and another one under its id is refused. */
  async write(job: string, dto: BuildEntryDto): Promise<BuildEntry[]> {
    await this.jobs.demandOpen(job);
    const { at, ...rest } = dto;
    const { manager } = this.database;
    if (dto.procedure !== null && !(await manager.existsBy(WeldProcedureEntity, { id: dto.procedure })))
      throw new Refusal({
        code: 'unknown-procedure',
        message: 'no such welding procedure is written down: choose one',
        path: '/procedure',
      });
    await insertOnce(manager, BuildEntryEntity, { job, ...rest, doneAt: new Date(at) });
    const kept = await manager.findOneByOrFail(BuildEntryEntity, { id: dto.id });
    refuseOther(
      'entry',
      { job: kept.job, branch: kept.branch, ...entryOf(kept) },
      {
        job,
        ...dto,
        at: new Date(at).toISOString(),
      },
    );
    return this.entries(job, dto.branch);
  }

  /** How long steps took in this shop, kind by kind, over all jobs. */
  async times(): Promise<TimeTaken[]> {
    return timesOf((await this.builds()).map(({ entries }) => entries));
  }

  /** How long the steps of each job took, its variants together. */
  async jobTimes(): Promise<JobTime[]> {
    const times = new Map<string, JobTime>();
    for (const { job, entries } of await this.builds())
      for (const { minutes, steps } of timesOf([entries])) {
        const sum = times.get(job) ?? { job, minutes: 0, steps: 0 };
        times.set(job, { job, minutes: sum.minutes + minutes, steps: sum.steps + steps });
      }
    return [...times.values()];
  }

  /** Every variant that anything was written down of. */
  private async builds(): Promise<{ job: string; entries: BuildEntry[] }[]> {
    const found = await this.database.manager.find(BuildEntryEntity, { order: { arrived: 'ASC' } });
    const builds = new Map<string, { job: string; entries: BuildEntry[] }>();
    for (const one of found) {
      const key = `${one.job} ${one.branch}`;
      const build = builds.get(key) ?? { job: one.job, entries: [] };
      build.entries.push(entryOf(one));
      builds.set(key, build);
    }
    return [...builds.values()];
  }
}

const entryOf = (entry: BuildEntryEntity): BuildEntry => ({
  ...without(entry, 'arrived', 'job', 'branch', 'doneAt'),
  at: entry.doneAt.toISOString(),
});
