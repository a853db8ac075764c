import { type RuleBook } from '@gyrus/core';
import { Controller, Get, Param } from '@nestjs/common';
import { RuleBooksService } from './ruleBooks.service.ts';

@Controller('rule-books')
export class RuleBooksController {
  constructor(private readonly books: RuleBooksService) {}

  @Get()
  list(): Promise<RuleBook[]> {
    return this.books.list();
  }

  @Get(':id')
  get(@Param('id') id: string): Promise<RuleBook> {
    return this.books.get(id);
  }
}
