import { type OnRack, type RackTubesDto } from '@gyrus/contract';
import { checkSection } from '@gyrus/core';
import { HttpStatus, Injectable } from '@nestjs/common';
import { DataSource, type EntityManager, In, IsNull } from 'typeorm';
import { notFound, Refusal } from '../common/fault.ts';
import { without } from '../common/without.ts';
import { CutPlanEntity } from './cutPlan.entities.ts';
import { RackPromiseEntity, RackTubeEntity } from './rack.entities.ts';

/** Tube on the rack: what lies there, and to which plan it is promised. */
@Injectable()
export class RackService {
  constructor(private readonly database: DataSource) {}

  /** All that lies there, the newest last. */
  async rack(): Promise<OnRack[]> {
    const { manager } = this.database;
    const tubes = await manager.find(RackTubeEntity, {
      where: { goneAt: IsNull() },
      order: { createdAt: 'ASC', id: 'ASC' },
    });
    const promises = await promisesOf(manager);
    return tubes.map((tube) => ({
      ...without(tube, 'createdAt', 'goneAt'),
      promised: promises.get(tube.id) ?? null,
    }));
  }

  /** Puts pieces on it, once: sent again they are the same pieces. */
  async add({ ids, ...tube }: RackTubesDto): Promise<OnRack[]> {
    const section = checkSection({ od: tube.od.mm, wall: tube.wall.mm });
    if (!section.ok) throw new Refusal(section.fault);
    await this.database.manager
      .createQueryBuilder()
      .insert()
      .into(RackTubeEntity)
      .values(ids.map((id) => ({ id, ...tube })))
      .orIgnore()
      .execute();
    return this.rack();
  }

  /** Takes a piece off it; not one that is promised. */
  async take(id: string): Promise<OnRack[]> {
    await this.database.transaction(async (manager) => {
      const piece = await manager.findOne(RackTubeEntity, {
        where: { id, goneAt: IsNull() },
        lock: { mode: 'pessimistic_write' },
      });
      if (!piece) throw notFound('this piece of tube');
      const promised = (await promisesOf(manager)).get(id);
      if (promised) throw isPromised([promised]);
      await manager.update(RackTubeEntity, { id }, { goneAt: new Date() });
    });
    return this.rack();
  }
}

/** To which plan each piece is promised, and by whom. */
async function promisesOf(manager: EntityManager): Promise<Map<string, NonNullable<OnRack['promised']>>> {
  const promises = await manager.find(RackPromiseEntity);
  const plans = await manager.find(CutPlanEntity, {
    where: { id: In([...new Set(promises.map(({ plan }) => plan))]) },
    select: { id: true, jobs: true },
  });
  const jobsOf = new Map(plans.map(({ id, jobs }) => [id, jobs.map((job) => job.id)]));
  return new Map(promises.map(({ rack, plan, who }) => [rack, { plan, who, jobs: jobsOf.get(plan) ?? [] }]));
}

/** Somebody else's already. */
export const isPromised = (by: readonly { who: string }[]): Refusal =>
  new Refusal(
    {
      code: 'promised',
      message: `${[...new Set(by.map(({ who }) => who))].join(' and ')} reserved this tube for a cut plan already: lay yours out again, and it takes what is left`,
      path: '',
    },
    HttpStatus.CONFLICT,
  );
