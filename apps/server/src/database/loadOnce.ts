import {
  demoBench,
  demoBooks,
  demoBuilt,
  demoJobs,
  demoShop,
  demoWelding,
  internationalBook,
} from '@gyrus/demo';
import { MAIN_BRANCH } from '@gyrus/contract';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { without } from '../common/without.ts';
import { BuildService } from '../build/build.service.ts';
import { JobsService } from '../jobs/jobs.service.ts';
import { RuleBooksService } from '../rulebooks/ruleBooks.service.ts';
import { WeldingService } from '../welding/welding.service.ts';
import { ShopService } from '../shop/shop.service.ts';

/** Puts in what ships with the program: the book from memory always, the demo shop and jobs once where they are wanted. */
@Injectable()
export class LoadOnce {
  constructor(
    private readonly database: DataSource,
    private readonly jobs: JobsService,
    private readonly shop: ShopService,
    private readonly books: RuleBooksService,
    private readonly build: BuildService,
    private readonly welding: WeldingService,
  ) {}

  async run(withDemo: boolean): Promise<void> {
    await this.books.add(internationalBook);
    if (withDemo && (await this.isNew('demo'))) await this.loadDemo();
  }

  private async loadDemo(): Promise<void> {
    for (const book of demoBooks) await this.books.add(book);
    await this.shop.load(demoShop);
    for (const { plan, ...job } of demoJobs)
      if (!(await this.jobs.exists(job.id))) await this.jobs.createWith(job, plan);
    for (const { samples, ...procedure } of demoWelding) {
      await this.welding.write(without(procedure, 'setAside'));
      for (const sample of samples) await this.welding.writeSample(procedure.id, without(sample, 'photo'));
    }
    for (const { job, entries } of [...demoBuilt, demoBench()])
      for (const entry of entries) await this.build.write(job, { ...entry, branch: MAIN_BRANCH });
    await this.database.query(`INSERT INTO loaded_once (what) VALUES ('demo')`);
  }

  private async isNew(what: string): Promise<boolean> {
    const found = await this.database.query<unknown[]>('SELECT 1 FROM loaded_once WHERE what = $1', [what]);
    return found.length === 0;
  }
}
