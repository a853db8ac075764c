import { type RuleBook } from '@gyrus/core';
import { Body, Controller, Get, Param, Post } from '@nestjs/common';
import { RuleBooksService } from './ruleBooks.service.ts';

/** Rule books at hand. */
@Controller('rule-books')
export class RuleBooksController {
  constructor(private readonly books: RuleBooksService) {}

  @Get()
  list(): Promise<RuleBook[]> {
    return this.books.list();
  }

  @Post()
  take(@Body() document: Record<string, unknown>): Promise<RuleBook> {
    return this.books.take(document);
  }

  @Get(':id')
  get(@Param('id') id: string): Promise<RuleBook> {
    return this.books.get(id);
  }
}
