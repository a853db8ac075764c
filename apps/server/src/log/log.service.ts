import {
  type MadeBend,
  type MadeBendDto,
  type Scrap,
  type ScrapDto,
  type SetAsideDto,
} from '@gyrus/contract';
import { type DieTest, inDegrees, isTrusted } from '@gyrus/core';
import { HttpStatus, Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { notFound, Refusal } from '../common/fault.ts';
import { without } from '../common/without.ts';
import { insertOnce, refuseOther } from '../common/writtenOnce.ts';
import { IssuedSheetEntity } from '../floor/issuedSheet.entity.ts';
import { JobsService } from '../jobs/jobs.service.ts';
import { BendSetAsideEntity } from './bendSetAside.entity.ts';
import { MadeBendEntity } from './madeBend.entity.ts';
import { ScrapEntity } from './scrap.entity.ts';

/** What the shop has bent and thrown away, in the order in which that was done. */
@Injectable()
export class LogService {
  constructor(
    private readonly database: DataSource,
    private readonly jobs: JobsService,
  ) {}

  /** All bends, the newest first; of one job where it is named. */
  async bends(job: string | undefined): Promise<MadeBend[]> {
    const { manager } = this.database;
    const [found, asides] = await Promise.all([
      manager.find(MadeBendEntity, {
        ...(job !== undefined && { where: { job } }),
        order: { madeAt: 'DESC', id: 'ASC' },
      }),
      asidesIn(manager),
    ]);
    return found.map((bend) => bendOf(bend, asides));
  }

  /** Writes a bend down, once: sent again it is the same bend, and another one under its id is refused. */
  async write(id: string, dto: MadeBendDto): Promise<MadeBend> {
    await this.demandJob(dto.job);
    const { at, ...rest } = dto;
    const { manager } = this.database;
    await insertOnce(manager, MadeBendEntity, { id, ...rest, issued: null, madeAt: new Date(at) });
    const kept = bendOf(await manager.findOneByOrFail(MadeBendEntity, { id }), await asidesIn(manager));
    refuseOther('bend', without(kept, 'issued', 'aside'), { ...dto, id, at: new Date(at).toISOString() });
    return kept;
  }

  /** Leaves a bend out of springback, or takes it in again. Nothing of the bend itself changes. */
  async setAside(bend: string, { id, ...said }: SetAsideDto): Promise<MadeBend> {
    const { manager } = this.database;
    const found = await manager.findOneBy(MadeBendEntity, { id: bend });
    if (!found) throw notFound('this bend');
    await insertOnce(manager, BendSetAsideEntity, { id, bend, ...said });
    return bendOf(found, await asidesIn(manager));
  }

  /** All pieces thrown away, the newest first. */
  async scrap(): Promise<Scrap[]> {
    const found = await this.database.manager.find(ScrapEntity, {
      order: { scrappedAt: 'DESC', id: 'ASC' },
    });
    return found.map(scrapOf);
  }

  /** Writes a piece down that was thrown away, once; the piece of an issued sheet whoever comes first. */
  async writeScrap(id: string, dto: ScrapDto): Promise<Scrap> {
    await this.demandJob(dto.job);
    const { manager } = this.database;
    if (dto.issued !== null && !(await manager.existsBy(IssuedSheetEntity, { id: dto.issued, job: dto.job })))
      throw notFound('this issued sheet');
    const { at, ...rest } = dto;
    await insertOnce(manager, ScrapEntity, { id, ...rest, scrappedAt: new Date(at) });
    const written = await manager.findOneBy(ScrapEntity, { id });
    if (!written) throw await this.scrappedBefore(dto.issued);
    const kept = scrapOf(written);
    refuseOther('piece', kept, { ...dto, id, at: new Date(at).toISOString() });
    return kept;
  }

  /** The bends of every die that tell of its springback: those with a reading, as tests. */
  async productionTests(): Promise<Map<string, DieTest[]>> {
    const byDie = new Map<string, DieTest[]>();
    for (const bend of (await this.bends(undefined)).reverse()) {
      const test = testOf(bend);
      if (test) byDie.set(bend.die, [...(byDie.get(bend.die) ?? []), test]);
    }
    return byDie;
  }

  /** The piece of this issued sheet is scrap already. */
  private async scrappedBefore(issued: string | null): Promise<Refusal> {
    const scrap = issued && (await this.database.manager.findOneBy(ScrapEntity, { issued }));
    const who = scrap ? scrap.who : 'somebody';
    const message = `${who} wrote this piece down as scrap on another device already`;
    return new Refusal({ code: 'scrapped', message, path: '/issued' }, HttpStatus.CONFLICT);
  }

  private async demandJob(job: string): Promise<void> {
    if (!(await this.jobs.exists(job))) throw notFound('this job');
  }
}

/** Who set which bend aside last, and why; bends that count again are left out. */
async function asidesIn(manager: EntityManager): Promise<Map<string, NonNullable<MadeBend['aside']>>> {
  const said = await manager.find(BendSetAsideEntity, { order: { arrived: 'ASC' } });
  const asides = new Map<string, NonNullable<MadeBend['aside']>>();
  for (const { bend, aside, why, who } of said) {
    if (aside) asides.set(bend, { why, who });
    else asides.delete(bend);
  }
  return asides;
}

const bendOf = (bend: MadeBendEntity, asides: Map<string, NonNullable<MadeBend['aside']>>): MadeBend => ({
  ...without(bend, 'createdAt', 'madeAt'),
  at: bend.madeAt.toISOString(),
  aside: asides.get(bend.id) ?? null,
});

const scrapOf = (scrap: ScrapEntity): Scrap => ({
  ...without(scrap, 'createdAt', 'scrappedAt'),
  at: scrap.scrappedAt.toISOString(),
});

/** A bend as a test of its die, by the pull from zero; null without a reading, or where it closed on release, which no tube does. */
function testOf({ id, tube, reading, dialZero, released, zeroed, slipped, aside }: MadeBend): DieTest | null {
  const pulled = reading && reading.deg - (dialZero?.deg ?? 0);
  if (pulled === null || pulled < released.deg || pulled <= 0) return null;
  const { od, wall, kind, batch } = tube;
  return {
    id,
    od,
    wall,
    kind,
    batch,
    made: 'production',
    reading: inDegrees(pulled),
    released,
    sound: isTrusted({ zeroed, slipped }) && aside === null,
    note: aside?.why ?? '',
  };
}
