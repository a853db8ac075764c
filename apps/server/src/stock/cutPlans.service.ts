import { buffer } from 'node:stream/consumers';
import {
  type CutPlanDto,
  type CutPlanQueryDto,
  type KeptCutPlan,
  type SawnDto,
  type Scrap,
  type StickDoneDto,
} from '@gyrus/contract';
import {
  type CutPlan,
  INCHES,
  MILLIMETRES,
  type Lost,
  type PlannedStick,
  type Provided,
  scrapRates,
  sticksOf,
  stillToCut,
  wholeMillimetres,
} from '@gyrus/core';
import { cutPlanPdf } from '@gyrus/formats/pdf';
import { HttpStatus, Injectable } from '@nestjs/common';
import { DataSource, type EntityManager, In, IsNull, Raw } from 'typeorm';
import { notFound, Refusal } from '../common/fault.ts';
import { without } from '../common/without.ts';
import { JobEntity } from '../jobs/job.entity.ts';
import { JobsService } from '../jobs/jobs.service.ts';
import { LogService } from '../log/log.service.ts';
import { RuleBooksService } from '../rulebooks/ruleBooks.service.ts';
import { ShopSettingsService } from '../shop/shopSettings.service.ts';
import { ShopService } from '../shop/shop.service.ts';
import { WorkPool } from '../workers/pool.ts';
import { CutPlanEntity, SawnPieceEntity, StickDoneEntity } from './cutPlan.entities.ts';
import { RackPromiseEntity, RackTubeEntity } from './rack.entities.ts';
import { isPromised, RackService } from './rack.service.ts';

/** How the tube of jobs is cut: laid out, promised, sawn, and what is left put back. */
@Injectable()
export class CutPlansService {
  constructor(
    private readonly database: DataSource,
    private readonly jobs: JobsService,
    private readonly shop: ShopService,
    private readonly settings: ShopSettingsService,
    private readonly books: RuleBooksService,
    private readonly log: LogService,
    private readonly rack: RackService,
    private readonly work: WorkPool,
  ) {}

  /** Plans of a job, the newest first; those of the whole shop where none is named. */
  async plans(job: string | undefined): Promise<KeptCutPlan[]> {
    const { manager } = this.database;
    const found = await manager.find(CutPlanEntity, {
      ...(job !== undefined && {
        where: { jobs: Raw((jobs) => `${jobs} @> :own`, { own: JSON.stringify([{ id: job }]) }) },
      }),
      order: { createdAt: 'DESC', id: 'ASC' },
    });
    return this.kept(found);
  }

  /** Lays out what some jobs need today, of what nobody was promised. Sent again it is the same plan. */
  async layOut({ id, jobs: wanted, kerf, guided, spares, who }: CutPlanDto): Promise<KeptCutPlan> {
    const { manager } = this.database;
    const earlier = await manager.findOneBy(CutPlanEntity, { id });
    if (earlier) return this.one(earlier);
    const jobs = await Promise.all(
      wanted.map(async ({ id: job, branch }) => {
        const { head } = await this.jobs.detail(job, branch);
        return { id: job, branch, revision: head.number, plan: head.plan };
      }),
    );
    const [shop, books, rack, bends, scrap] = await Promise.all([
      this.shop.shop(),
      this.books.list(),
      this.rack.rack(),
      this.log.bends(undefined),
      this.log.scrap(),
    ]);
    const made = new Map(bends.map(({ job, piece, stamp }) => [`${job}/${piece}`, stamp]));
    const rates = scrapRates(
      [...made.values()],
      scrap.map(({ stamp }) => stamp),
    );
    const free = rack.filter(({ promised }) => promised === null);
    const earlierPlans = await manager.findBy(CutPlanEntity, { promised: true });
    const asked = {
      ...{ shop, books, rates, guided, spares, kerf: kerf.mm },
      jobs: jobs.map((job) => ({
        ...job,
        provided: providedIn(earlierPlans, job.id),
        lost: lostOf(scrap, job.id),
      })),
    };
    const laid = await this.work.run('layOut', { ...asked, rack: free });
    await manager
      .createQueryBuilder()
      .insert()
      .into(CutPlanEntity)
      .values({ id, kerf, guided, spares, who, ...laid, jobs: jobs.map((job) => without(job, 'plan')) })
      .orIgnore()
      .execute();
    return this.plan(id);
  }

  async plan(id: string): Promise<KeptCutPlan> {
    return this.one(await foundIn(this.database.manager, id));
  }

  /** The plan as PDF pages. */
  async printed(id: string, { paper, unit }: CutPlanQueryDto): Promise<Buffer> {
    const [{ plan, notYet, jobs, kerf, who, at }, { zone }] = await Promise.all([
      this.plan(id),
      this.settings.get(),
    ]);
    const doc = cutPlanPdf({
      ...{ plan, notYet, who, paper, kerf: kerf.mm, style: unit === 'in' ? INCHES : MILLIMETRES },
      jobs,
      laidOut: { at: new Date(at), zone },
      printed: { at: new Date(), zone },
    });
    return buffer(doc);
  }

  /** Promises the plan the pieces of the rack that it is cut from: all of them or none, whoever comes first. */
  async promise(id: string, who: string): Promise<KeptCutPlan> {
    await this.database.transaction(async (manager) => {
      const { plan, promised, jobs } = await foundIn(manager, id, 'pessimistic_write');
      if (promised) return;
      await this.refuseTwice(manager, plan, jobs);
      const racks = rackOf(plan);
      // In one order, so that two who want the same sticks wait for each other instead of both.
      const there = await manager.find(RackTubeEntity, {
        where: { id: In(racks), goneAt: IsNull() },
        order: { id: 'ASC' },
        lock: { mode: 'pessimistic_write' },
      });
      const others = await manager.findBy(RackPromiseEntity, { rack: In(racks) });
      if (others.length > 0) throw isPromised(others);
      if (there.length < racks.length) throw isGone();
      if (racks.length > 0)
        await manager.insert(
          RackPromiseEntity,
          racks.map((rack) => ({ rack, plan: id, who })),
        );
      await manager.update(CutPlanEntity, { id }, { promised: true });
    });
    return this.plan(id);
  }

  /** Lets go of what was promised and is not begun. */
  async letGo(id: string): Promise<KeptCutPlan> {
    await this.database.transaction(async (manager) => {
      await foundIn(manager, id, 'pessimistic_write');
      if (await manager.existsBy(SawnPieceEntity, { planId: id }))
        throw new Refusal(
          {
            code: 'begun',
            message:
              'a piece of this plan is sawn already: its tube stays reserved until every stick is done with',
            path: '',
          },
          HttpStatus.CONFLICT,
        );
      await manager.delete(RackPromiseEntity, { plan: id });
      await manager.update(CutPlanEntity, { id }, { promised: false });
    });
    return this.plan(id);
  }

  /** Ticks a piece that was sawn, once. */
  async saw(id: string, { stick, place, who, at }: SawnDto): Promise<KeptCutPlan> {
    await this.database.transaction(async (manager) => {
      // Locked: nobody lets its tube go meanwhile.
      const { plan, promised } = await foundIn(manager, id, 'pessimistic_write');
      if (!stickIn(plan, stick).stick.pieces[place]) throw notFound('this piece of the stick');
      if (!promised) throw notPromised();
      await manager
        .createQueryBuilder()
        .insert()
        .into(SawnPieceEntity)
        .values({ planId: id, stick, place, who, at: new Date(at) })
        .orIgnore()
        .execute();
    });
    return this.plan(id);
  }

  /** A stick is done with: it leaves the rack, and what is left of it goes back as an offcut. Once. */
  async finish(
    id: string,
    { id: offcut, stick, length, place, who, at }: StickDoneDto,
  ): Promise<KeptCutPlan> {
    await this.database.transaction(async (manager) => {
      const { plan, promised } = await foundIn(manager, id, 'pessimistic_write');
      const { stick: own, group } = stickIn(plan, stick);
      if (!promised) throw notPromised();
      if (await manager.existsBy(StickDoneEntity, { planId: id, stick })) return;
      if (length && length.mm > own.length) throw longerThan(own);
      if (length)
        await manager.insert(RackTubeEntity, {
          ...{ id: offcut, ...group.tube, batch: own.batch, length, place },
          ...{ whole: false, price: null, note: '', bends: null },
        });
      if ('rack' in own.from) {
        await manager.delete(RackPromiseEntity, { rack: own.from.rack });
        await manager.update(RackTubeEntity, { id: own.from.rack }, { goneAt: new Date() });
      }
      await manager.insert(StickDoneEntity, {
        planId: id,
        stick,
        offcut: length ? offcut : null,
        who,
        at: new Date(at),
      });
    });
    return this.plan(id);
  }

  /** Two plans that were laid out for one job before either was promised hold the same tubes: the second is refused, its job held meanwhile. */
  private async refuseTwice(manager: EntityManager, plan: CutPlan, jobs: { id: string }[]): Promise<void> {
    const ids = jobs.map(({ id }) => id);
    await manager.find(JobEntity, {
      where: { id: In(ids) },
      order: { id: 'ASC' },
      lock: { mode: 'pessimistic_write' },
    });
    const promised = await manager.findBy(CutPlanEntity, { promised: true });
    const scrap = await this.log.scrap();
    const pieces = sticksOf(plan).flatMap(({ stick }) => stick.pieces.filter(({ spare }) => !spare));
    const there = ids.flatMap((job) => {
      const own = pieces.filter((piece) => piece.job === job);
      return stillToCut(own, providedIn(promised, job), lostOf(scrap, job)).there;
    });
    if (there.length === 0) return;
    const stamps = there.map(({ stamp }) => stamp).join(', ');
    throw conflict(
      'laid-out-twice',
      `${stamps} ${there.length === 1 ? 'is' : 'are'} in another plan whose tube is reserved: lay this one out again`,
    );
  }

  private async one(plan: CutPlanEntity): Promise<KeptCutPlan> {
    const [kept] = await this.kept([plan]);
    if (!kept) throw notFound('this cut plan');
    return kept;
  }

  private async kept(plans: CutPlanEntity[]): Promise<KeptCutPlan[]> {
    const { manager } = this.database;
    const of = { planId: In(plans.map(({ id }) => id)) };
    const [jobs, sawn, done] = await Promise.all([
      this.jobs.list(),
      manager.find(SawnPieceEntity, { where: of, order: { stick: 'ASC', place: 'ASC' } }),
      manager.find(StickDoneEntity, { where: of, order: { stick: 'ASC' } }),
    ]);
    const nameOf = (id: string) => jobs.find((job) => job.id === id)?.name ?? '';
    const rowsOf = <T extends { planId: string; at: Date }>(rows: T[], id: string) =>
      rows
        .filter(({ planId }) => planId === id)
        .map((row) => ({ ...without(row, 'planId'), at: row.at.toISOString() }));
    return plans.map((plan) => ({
      ...without(plan, 'createdAt'),
      at: plan.createdAt.toISOString(),
      jobs: plan.jobs.map((job) => ({ ...job, name: nameOf(job.id) })),
      sawn: rowsOf(sawn, plan.id),
      done: rowsOf(done, plan.id),
    }));
  }
}

/** Tubes of a job that are promised or sawn, each as often as it is. */
const providedIn = (plans: readonly CutPlanEntity[], job: string): Provided[] =>
  plans.flatMap(({ plan, createdAt }) =>
    sticksOf(plan)
      .flatMap(({ stick }) => stick.pieces)
      .filter((piece) => piece.job === job)
      .map(({ piece }) => ({ piece, at: createdAt.getTime() })),
  );

const lostOf = (scrap: readonly Scrap[], job: string): Lost[] =>
  scrap.filter((one) => one.job === job).map(({ stamp, at }) => ({ stamp, at: new Date(at).getTime() }));

async function foundIn(
  manager: EntityManager,
  id: string,
  mode?: 'pessimistic_write',
): Promise<CutPlanEntity> {
  const found = await manager.findOne(CutPlanEntity, { where: { id }, ...(mode && { lock: { mode } }) });
  if (!found) throw notFound('this cut plan');
  return found;
}

/** The pieces of the rack that a plan is cut from. */
const rackOf = (plan: CutPlan): string[] =>
  sticksOf(plan).flatMap(({ stick: { from } }) => ('rack' in from ? [from.rack] : []));

function stickIn(plan: CutPlan, number: number): ReturnType<typeof sticksOf>[number] {
  const found = sticksOf(plan)[number];
  if (!found) throw notFound('this stick of the plan');
  return found;
}

const longerThan = ({ length }: PlannedStick): Refusal =>
  new Refusal({
    code: 'too-big',
    message: `an offcut is no longer than its stick, ${wholeMillimetres(length).typed}`,
    path: '/length',
  });

const conflict = (code: string, message: string) =>
  new Refusal({ code, message, path: '' }, HttpStatus.CONFLICT);

const isGone = (): Refusal =>
  conflict('gone', 'a stick of this plan is not on the rack any more: lay it out again');
const notPromised = (): Refusal =>
  conflict('not-promised', 'reserve the tube for this plan before you saw: somebody else may take it');
