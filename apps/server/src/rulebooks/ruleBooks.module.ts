import { Module } from '@nestjs/common';
import { RuleBooksController } from './ruleBooks.controller.ts';
import { RuleBooksService } from './ruleBooks.service.ts';

/** Rule books at hand. */
@Module({ controllers: [RuleBooksController], providers: [RuleBooksService], exports: [RuleBooksService] })
export class RuleBooksModule {}
