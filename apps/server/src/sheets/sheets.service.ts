import { Injectable } from '@nestjs/common';
import { BuildService } from '../build/build.service.ts';
import { Refusal } from '../common/fault.ts';
import { JobsService } from '../jobs/jobs.service.ts';
import { PhotosService } from '../photos/photos.service.ts';
import { RuleBooksService } from '../rulebooks/ruleBooks.service.ts';
import { ShopSettingsService } from '../shop/shopSettings.service.ts';
import { ShopService } from '../shop/shop.service.ts';
import { WorkPool } from '../workers/pool.ts';
import { type SheetSource, type SheetWanted } from './makeSheet.ts';

/** What is asked for; the inspector's photos and what was ticked off are fetched here. */
export type SheetOrder =
  | Exclude<SheetWanted, { what: 'inspection' | 'build' }>
  | { what: 'inspection'; query: QueryOf<'inspection'> }
  | { what: 'build'; query: QueryOf<'build'> };
interface SheetFile {
  bytes: Buffer;
  pages: number | null;
}
type QueryOf<What extends SheetWanted['what']> = Extract<SheetWanted, { what: What }>['query'];

/** Sheets of a revision, made in a worker. */
@Injectable()
export class SheetsService {
  constructor(
    private readonly jobs: JobsService,
    private readonly shop: ShopService,
    private readonly books: RuleBooksService,
    private readonly photos: PhotosService,
    private readonly build: BuildService,
    private readonly settings: ShopSettingsService,
    private readonly work: WorkPool,
  ) {}

  /** A sheet of a saved revision as the bytes of its file, and how many pages it has; null where it has none to count. Given up when nobody waits for it any more. */
  async make(jobId: string, number: number, order: SheetOrder, gone: AbortSignal): Promise<SheetFile> {
    const source = await this.sourceOf(jobId, number);
    const wanted = await this.wantedOf(jobId, source, order);
    const made = await this.work.run('sheet', { ...source, wanted }, gone);
    if ('fault' in made) throw new Refusal(made.fault);
    return { bytes: Buffer.from(made.bytes), pages: made.pages };
  }

  private async wantedOf(jobId: string, source: SheetSource, order: SheetOrder): Promise<SheetWanted> {
    if (order.what === 'inspection') return { ...order, photos: await this.photosIn(jobId, source) };
    if (order.what === 'build') return { ...order, entries: await this.build.entries(jobId, source.branch) };
    return order;
  }

  private async sourceOf(jobId: string, number: number): Promise<SheetSource> {
    const [job, { plan, author, branch, createdAt }, shop, books, settings] = await Promise.all([
      this.jobs.name(jobId),
      this.jobs.revision(jobId, number),
      this.shop.shop(),
      this.books.list(),
      this.settings.get(),
    ]);
    return {
      job,
      revision: number,
      branch,
      author,
      saved: new Date(createdAt),
      plan,
      shop,
      books,
      printed: { at: new Date(), zone: settings.zone },
    };
  }

  /** The photos that the answers of a plan name; what is gone is left out. */
  private async photosIn(jobId: string, { plan }: SheetSource): Promise<Map<string, Uint8Array>> {
    const ids = Object.values(plan.answers).flatMap(({ photos }) => photos.map(({ file }) => file));
    const photos = await this.photos.several(jobId, ids);
    return new Map(photos.map(({ id, bytes }) => [id, bytes]));
  }
}
