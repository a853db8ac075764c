import { type MadeBend, type MadeBendDto } from '@gyrus/contract';
import { HttpStatus, Injectable } from '@nestjs/common';
import equal from 'fast-deep-equal';
import { DataSource } from 'typeorm';
import { notFound, Refusal } from '../common/fault.ts';
import { without } from '../common/without.ts';
import { JobsService } from '../jobs/jobs.service.ts';
import { MadeBendEntity } from './madeBend.entity.ts';

/** What the shop has bent, in the order in which it was made. */
@Injectable()
export class LogService {
  constructor(
    private readonly database: DataSource,
    private readonly jobs: JobsService,
  ) {}

  /** All bends, the newest first; of one job where it is named. */
  async bends(job: string | undefined): Promise<MadeBend[]> {
    const found = await this.database.manager.find(MadeBendEntity, {
      ...(job !== undefined && { where: { job } }),
      order: { madeAt: 'DESC', id: 'ASC' },
    });
    return found.map(bendOf);
  }

  /** Writes a bend down, once: sent again it is the same bend, and another one under its id is refused. */
  async write(id: string, dto: MadeBendDto): Promise<MadeBend> {
    if (!(await this.jobs.exists(dto.job))) throw notFound('this job');
    const { at, ...rest } = dto;
    const { manager } = this.database;
    await manager
      .createQueryBuilder()
      .insert()
      .into(MadeBendEntity)
      .values({ id, ...rest, madeAt: new Date(at) })
      .orIgnore()
      .execute();
    const kept = bendOf(await manager.findOneByOrFail(MadeBendEntity, { id }));
    const sent = { ...dto, id, at: new Date(at).toISOString() };
    if (!equal(kept, JSON.parse(JSON.stringify(sent))))
      throw new Refusal(
        { code: 'clash', message: 'another bend is written down under this id already', path: '/id' },
        HttpStatus.CONFLICT,
      );
    return kept;
  }
}

const bendOf = (bend: MadeBendEntity): MadeBend => ({
  ...without(bend, 'createdAt', 'madeAt'),
  at: bend.madeAt.toISOString(),
});
