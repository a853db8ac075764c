import { randomUUID } from 'node:crypto';
import { type JobDetail } from '@gyrus/contract';
import { demoBooks, demoPlan } from '@gyrus/demo';
import { Controller, Post } from '@nestjs/common';
import { JobsService } from '../jobs/jobs.service.ts';
import { RuleBooksService } from '../rulebooks/ruleBooks.service.ts';

/** An invented cage to open, walk through and put away again, in a program that has nothing else yet. */
@Controller('examples')
export class ExamplesController {
  constructor(
    private readonly jobs: JobsService,
    private readonly books: RuleBooksService,
  ) {}

  /** A job of its own each time; with it the invented book that it is measured against. Its die is in its plan, not in the shop. */
  @Post()
  async start(): Promise<JobDetail> {
    const chosen = new Set(demoPlan.brief.books.map(({ book }) => book));
    for (const book of demoBooks) if (chosen.has(book.id)) await this.books.add(book);
    return this.jobs.createWith(
      { id: randomUUID(), name: 'Example: an invented hatchback' },
      demoPlan,
      'example',
    );
  }
}
