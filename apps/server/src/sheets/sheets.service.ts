import { Injectable } from '@nestjs/common';
import { Refusal } from '../common/fault.ts';
import { JobsService } from '../jobs/jobs.service.ts';
import { PhotosService } from '../photos/photos.service.ts';
import { RuleBooksService } from '../rulebooks/ruleBooks.service.ts';
import { ShopService } from '../shop/shop.service.ts';
import { WorkPool } from '../workers/pool.ts';
import { type SheetSource, type SheetWanted } from './makeSheet.ts';

/** What is asked for; the inspector's photos are fetched here. */
export type SheetOrder =
  Exclude<SheetWanted, { what: 'inspection' }> | { what: 'inspection'; query: InspectionQuery };
type InspectionQuery = Extract<SheetWanted, { what: 'inspection' }>['query'];

/** Sheets of a revision, made in a worker. */
@Injectable()
export class SheetsService {
  constructor(
    private readonly jobs: JobsService,
    private readonly shop: ShopService,
    private readonly books: RuleBooksService,
    private readonly photos: PhotosService,
    private readonly work: WorkPool,
  ) {}

  /** A sheet of a saved revision as the bytes of its file. Given up when nobody waits for it any more. */
  async make(jobId: string, number: number, order: SheetOrder, gone: AbortSignal): Promise<Buffer> {
    const source = await this.sourceOf(jobId, number);
    const wanted =
      order.what === 'inspection' ? { ...order, photos: await this.photosIn(jobId, source) } : order;
    const made = await this.work.run('sheet', { ...source, wanted }, gone);
    if ('fault' in made) throw new Refusal(made.fault);
    return Buffer.from(made.bytes);
  }

  private async sourceOf(jobId: string, number: number): Promise<SheetSource> {
    const [job, { plan, author, createdAt }, shop, books] = await Promise.all([
      this.jobs.name(jobId),
      this.jobs.revision(jobId, number),
      this.shop.shop(),
      this.books.list(),
    ]);
    return {
      job,
      revision: number,
      author,
      saved: new Date(createdAt),
      plan,
      shop,
      books,
      printed: new Date(),
    };
  }

  /** The photos that the answers of a plan name; what is gone is left out. */
  private async photosIn(jobId: string, { plan }: SheetSource): Promise<Map<string, Uint8Array>> {
    const ids = Object.values(plan.answers).flatMap(({ photos }) => photos.map(({ file }) => file));
    const photos = await this.photos.several(jobId, ids);
    return new Map(photos.map(({ id, bytes }) => [id, bytes]));
  }
}
