import { Module } from '@nestjs/common';
import { JobsModule } from '../jobs/jobs.module.ts';
import { RuleBooksModule } from '../rulebooks/ruleBooks.module.ts';
import { ExamplesController } from './examples.controller.ts';

/** A job to look round in. */
@Module({ imports: [JobsModule, RuleBooksModule], controllers: [ExamplesController] })
export class ExamplesModule {}
