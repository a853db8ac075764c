import {
  type FloorState,
  type FloorTick,
  type FloorTickDto,
  type IssueDto,
  type IssuedSheet,
  type IssuedSummary,
  type SheetNews,
} from '@gyrus/contract';
import {
  answersChanged,
  booksChanged,
  floorPlace,
  floorSteps,
  type IssuedAnswers,
  type SheetChange,
  shopChanged,
} from '@gyrus/core';
import { HttpStatus, Injectable } from '@nestjs/common';
import equal from 'fast-deep-equal';
import { DataSource, type EntityManager } from 'typeorm';
import { notFound, Refusal } from '../common/fault.ts';
import { PROGRAM_VERSION } from '../common/programVersion.ts';
import { without } from '../common/without.ts';
import { JobsService } from '../jobs/jobs.service.ts';
import { MadeBendEntity } from '../log/madeBend.entity.ts';
import { ScrapEntity } from '../log/scrap.entity.ts';
import { RuleBooksService } from '../rulebooks/ruleBooks.service.ts';
import { ShopService } from '../shop/shop.service.ts';
import { WorkPool } from '../workers/pool.ts';
import { FloorTickEntity } from './floorTick.entity.ts';
import { editionsOf } from './issueSheet.ts';
import { IssuedSheetEntity } from './issuedSheet.entity.ts';
import { madeBendOf } from './madeBendOf.ts';

/** Sheets that went to the floor, and what was ticked on them. */
@Injectable()
export class FloorService {
  constructor(
    private readonly database: DataSource,
    private readonly jobs: JobsService,
    private readonly shop: ShopService,
    private readonly books: RuleBooksService,
    private readonly work: WorkPool,
  ) {}

  /** Issues a tube's sheet from a saved revision. Sent again it is the same sheet. */
  async issue(job: string, { id, revision: number, piece, by }: IssueDto): Promise<IssuedSheet> {
    const earlier = await this.database.manager.findOneBy(IssuedSheetEntity, { id });
    if (earlier) return this.sameIssue(earlier, { job, revision: number, piece });
    const revision = await this.jobs.revision(job, number);
    const [shop, books] = await Promise.all([this.shop.shop(), this.books.list()]);
    const answers = await this.work.run('issue', { plan: revision.plan, shop, books, piece });
    if (typeof answers === 'string') throw notIssued(answers);
    await this.database.manager
      .createQueryBuilder()
      .insert()
      .into(IssuedSheetEntity)
      .values({
        ...{ id, job, branch: revision.branch, revision: number, piece, stamp: answers.sheet.stamp, by },
        ...{ answers, shop, books: editionsOf(revision.plan, books), program: PROGRAM_VERSION },
      })
      .orIgnore()
      .execute();
    return this.sheet(id);
  }

  /** The sheets of a job, or of the whole shop, the newest first. */
  async sheets(job: string | undefined): Promise<IssuedSummary[]> {
    const { manager } = this.database;
    const found = await manager.find(IssuedSheetEntity, {
      ...(job !== undefined && { where: { job } }),
      order: { createdAt: 'DESC', id: 'ASC' },
    });
    const [jobs, ticks, scrap] = await Promise.all([
      this.jobs.list(),
      manager.find(FloorTickEntity),
      manager.find(ScrapEntity),
    ]);
    const nameOf = (id: string) => jobs.find((one) => one.id === id)?.name ?? '';
    return found.map((sheet) => ({
      ...summaryOf(sheet, nameOf(sheet.job)),
      state: scrap.some(({ issued }) => issued === sheet.id)
        ? 'scrap'
        : stateOf(
            sheet.answers,
            ticks.filter(({ issued }) => issued === sheet.id),
          ),
    }));
  }

  /** A sheet as it was issued. */
  async sheet(id: string): Promise<IssuedSheet> {
    const sheet = await this.found(id);
    return {
      ...summaryOf(sheet, await this.jobs.name(sheet.job)),
      answers: sheet.answers,
      books: sheet.books,
      program: sheet.program,
    };
  }

  /** Where the work on a sheet stands. */
  async state(id: string): Promise<FloorState> {
    const { job, branch } = await this.found(id);
    const { manager } = this.database;
    const [ticks, scrap, revision] = await Promise.all([
      manager.find(FloorTickEntity, { where: { issued: id }, order: { arrived: 'ASC' } }),
      manager.findOneBy(ScrapEntity, { issued: id }),
      this.jobs.newest(job, branch),
    ]);
    return {
      revision,
      ticks: ticks.map(tickOf),
      scrap: scrap && { ...without(scrap, 'createdAt', 'scrappedAt'), at: scrap.scrappedAt.toISOString() },
    };
  }

  /** What is otherwise today than on the sheet: in the newest revision of its variant, at the shop, in the books, in the program. */
  async news(id: string): Promise<SheetNews> {
    const sheet = await this.found(id);
    const [{ head }, shop, books] = await Promise.all([
      this.jobs.detail(sheet.job, sheet.branch),
      this.shop.shop(),
      this.books.list(),
    ]);
    const { plan } = head;
    const same = { revision: head.number, shop, books: editionsOf(plan, books), program: PROGRAM_VERSION };
    // Answers follow from these alone: a cage is not worked out anew at every look of a tablet.
    if (equal(plainOf(same), plainOf(madeFrom(sheet)))) return { revision: head.number, changes: [] };
    const now = await this.work.run('issue', { plan, shop, books, piece: sheet.piece });
    const program: SheetChange[] =
      sheet.program === PROGRAM_VERSION
        ? []
        : [{ what: 'program', from: sheet.program, to: PROGRAM_VERSION }];
    return {
      revision: head.number,
      changes: [
        ...answersChanged(sheet.answers, now),
        ...shopChanged(sheet.answers, sheet.shop, shop),
        ...booksChanged(sheet.books, editionsOf(plan, books)),
        ...program,
      ],
    };
  }

  /**
   * Ticks a step, once. Sent again it is the same tick; a step that another device ticked before is refused with that tick beside it, and
   * nothing is written. A bend that was measured goes into the log with it.
   */
  async tick(issued: string, id: string, dto: FloorTickDto): Promise<FloorTick> {
    const sheet = await this.found(issued);
    const fault = tickFault(sheet.answers, dto);
    if (fault) throw new Refusal(fault);
    return this.database.transaction(async (manager) => {
      const { at, ...rest } = dto;
      await manager
        .createQueryBuilder()
        .insert()
        .into(FloorTickEntity)
        .values({ id, issued, ...rest, tickedAt: new Date(at) })
        .orIgnore()
        .execute();
      const kept = await tickKept(manager, issued, id, dto);
      const bend = madeBendOf(sheet, kept);
      if (bend)
        await manager.createQueryBuilder().insert().into(MadeBendEntity).values(bend).orIgnore().execute();
      return kept;
    });
  }

  private async found(id: string): Promise<IssuedSheetEntity> {
    const sheet = await this.database.manager.findOneBy(IssuedSheetEntity, { id });
    if (!sheet) throw notFound('this issued sheet');
    return sheet;
  }

  private sameIssue(
    earlier: IssuedSheetEntity,
    asked: { job: string; revision: number; piece: string },
  ): Promise<IssuedSheet> {
    const { id, job, revision, piece } = earlier;
    if (equal({ job, revision, piece }, asked)) return this.sheet(id);
    const message = 'another sheet was issued under this id already';
    throw new Refusal({ code: 'clash', message, path: '/id' }, HttpStatus.CONFLICT);
  }
}

/** The tick that stands under this id; refuses where another device's stands in its place. */
async function tickKept(
  manager: EntityManager,
  issued: string,
  id: string,
  dto: FloorTickDto,
): Promise<FloorTick> {
  const own = await manager.findOneBy(FloorTickEntity, { id });
  if (own && own.issued === issued) {
    const kept = tickOf(own);
    if (equal(kept, JSON.parse(JSON.stringify({ ...dto, id, at: new Date(dto.at).toISOString() }))))
      return kept;
  }
  const { step, time } = dto;
  const other = own ? null : await manager.findOneBy(FloorTickEntity, { issued, step, time });
  const message = other
    ? `${other.who} ticked this step on another device already`
    : 'another tick stands under this id already';
  throw new Refusal(
    { code: other ? 'ticked' : 'clash', message, path: other ? '/step' : '/id' },
    HttpStatus.CONFLICT,
    other ? { tick: tickOf(other) } : {},
  );
}

/** What the answers of a sheet follow from. */
const madeFrom = ({ revision, shop, books, program }: IssuedSheetEntity) => ({
  revision,
  shop,
  books,
  program,
});
/** As it comes back from the database. */
const plainOf = (value: object): unknown => JSON.parse(JSON.stringify(value));

const tickOf = (tick: FloorTickEntity): FloorTick => ({
  ...without(tick, 'arrived', 'issued', 'tickedAt'),
  at: tick.tickedAt.toISOString(),
});

const summaryOf = (sheet: IssuedSheetEntity, jobName: string): Omit<IssuedSummary, 'state'> => {
  const { id, job, branch, revision, piece, stamp, by, createdAt } = sheet;
  return { id, job, jobName, branch, revision, piece, stamp, by, at: createdAt.toISOString() };
};

function stateOf({ sheet }: IssuedAnswers, ticks: FloorTickEntity[]): IssuedSummary['state'] {
  if (ticks.length === 0) return 'new';
  return floorPlace(floorSteps(sheet), ticks) ? 'begun' : 'done';
}

/** Why a tick is none of this sheet, or null. */
function tickFault({ sheet }: IssuedAnswers, { step, measured, again }: FloorTickDto) {
  const found = floorSteps(sheet).find(({ key }) => key === step);
  if (!found) return { code: 'no-step', message: `this sheet has no step "${step}"`, path: '/step' } as const;
  if ((found.kind === 'release') !== (measured !== null))
    return {
      code: 'measured',
      message: 'a released bend is ticked with what was measured, and no other step is',
      path: '/measured',
    } as const;
  if (again && found.kind !== 'now')
    return {
      code: 'again',
      message: 'only after it is measured is a bend pulled again',
      path: '/again',
    } as const;
  return null;
}

const notIssued = (why: 'gone' | 'no-marks'): Refusal =>
  new Refusal({
    code: why,
    message:
      why === 'gone'
        ? 'this tube is not in that revision'
        : 'this tube has no marks yet: finish Survey and choose a die at Bend, then issue it',
    path: '/piece',
  });
